import type { BandToday } from '@wiry-otter/contracts';
import type { BandRecord, ProblemDocument, SetupRecord } from '@wiry-otter/contracts';
import { v7 as uuidv7 } from 'uuid';
import {
  BAND,
  copiesOf,
  demoSetup,
  doneSet,
  happen,
  inputOf,
  measuredBand,
  reading,
  startedSession,
  stretchedSetup,
} from './support/inputs.js';
import { openTestStudio, type TestStudio } from './support/studio.js';
import { bandOf, bandsOf, recordsOf } from './support/records.js';

describe('care of bands', () => {
  let studio: TestStudio;
  beforeEach(async () => {
    studio = await openTestStudio();
  });
  afterEach(() => studio.close());

  const bandNamed = async (name: string): Promise<BandToday> => {
    const bands = await bandsOf(studio.mika);
    const found = bands.find((band) => band.name === name);
    if (found === undefined) throw new Error(`no ${name} in the demo`);
    return found;
  };

  it('counts stretches beyond ×2 from logged sets, for the copy that was used', async () => {
    const saved = await stretchedSetup(studio.mika);
    const bandId = saved.document.bands[0]?.id ?? '';
    expect(saved.figures.peakStretch).toBeGreaterThan(2);
    const cyclesOf = async (): Promise<number> =>
      (await bandOf(studio.mika, bandId)).copies[0]?.cycles.total ?? NaN;
    const before = await cyclesOf();
    const session = await startedSession(studio.mika, saved);
    const set = `/sessions/${session.id}/sets/${uuidv7()}`;
    await studio.mika.put(set, doneSet(12, { partial: 2 }));
    await studio.mika.put(`/sessions/${session.id}/sets/${uuidv7()}`, doneSet(10));
    expect((await cyclesOf()) - before).toBe(24);
    // A set taken back is no wear.
    await studio.mika.put(`${set}/set-aside`, { setAside: true });
    expect((await cyclesOf()) - before).toBe(10);
  });

  it('gives the wear at a person’s home to the copy that is there', async () => {
    const reed = await bandNamed('Reed');
    expect(reed.copies.map(({ mark, holder }) => [mark, holder.at])).toEqual([
      ['a', 'bag'],
      ['b', 'person'],
    ]);
    expect(reed.copies.every(({ cycles }) => cycles.total >= 0)).toBeTrue();
  });

  it('takes two copies of a band for a set-up, and wears both', async () => {
    const { mika } = studio;
    const setup = await demoSetup(mika, 'Tobias Quill');
    const input = inputOf(setup, 0);
    const [run] = setup.document.runs;
    const [laid] = setup.document.bands;
    if (run === undefined || laid === undefined) throw new Error('nothing is laid');
    const pulls = [reading(1.35, 48), reading(1.77, 88), reading(2.18, 121)];
    const { band } = await measuredBand(mika, pulls);
    const ids = [band.id, `${band.id}~2`];
    const twice = {
      ...input,
      acknowledged: ['stretch-high', 'let-go', 'balance'],
      document: {
        ...input.document,
        points: Object.fromEntries(
          Object.entries(input.document.points).map(([name, [, y, z]]) => [name, [2.5, y, z]]),
        ) as typeof input.document.points,
        bands: ids.map((id) => ({ ...laid, id })),
        runs: ids.map((id) => ({ ...run, band: id })),
      },
    };
    const refused = await mika.put<ProblemDocument>(`/setups/${uuidv7()}`, twice);
    expect([refused.status, refused.body.code]).toEqual([409, 'band-unusable']);
    expect(JSON.stringify(refused.body)).toContain('1 of \\"Plank\\" in use');
    const copies = [...copiesOf(band), { id: uuidv7(), mark: 'b', boughtOn: null }];
    await mika.put(`/bands/${band.id}`, { ...BAND, version: band.version, copies });
    const saved = (await mika.put<SetupRecord>(`/setups/${uuidv7()}`, twice)).body;
    expect(saved.figures.peakStretch).toBeGreaterThan(2);
    const session = await startedSession(mika, saved);
    await mika.put(`/sessions/${session.id}/sets/${uuidv7()}`, doneSet(11));
    const worn = (await bandOf(mika, band.id)).copies;
    expect(worn.map(({ cycles }) => cycles.total)).toEqual([11, 11]);
  });

  it('passes, watches and retires by what an inspection finds', async () => {
    const { band } = await measuredBand(studio.mika, [reading(1.56, 74)]);
    const walk = (findings: Record<string, string>) =>
      happen(studio.mika, band, { kind: 'inspected', findings, note: '' });
    const watched = (await walk({ edges: 'watch', surface: 'good' })).body;
    expect(watched.state).toBe('watch');
    expect(watched.copies[0]?.stateReason).toBe('edges: watch');
    expect((await bandOf(studio.mika, band.id)).copies[0]?.inspectionDue).toBeFalse();
    const passed = (await walk({ edges: 'good', surface: 'good' })).body;
    expect(passed.state).toBe('inUse');
    const failed = (await walk({ edges: 'bad', surface: 'good' })).body;
    expect(failed.state).toBe('retired');
    expect(failed.copies[0]?.stateReason).toBe('Inspection failed. edges: bad');
    // A later walk that finds nothing does not bring it back; a person's word with a reason does.
    expect((await walk({ edges: 'good' })).body.state).toBe('retired');
    const back = await happen(studio.mika, band, { kind: 'returned', reason: 'Wrong band.' });
    expect(back.body.state).toBe('inUse');
    expect(back.body.events.map(({ what }) => what.kind)).toEqual([
      'inspected',
      'inspected',
      'inspected',
      'inspected',
      'returned',
    ]);
  });

  it('is due after the studio’s days', async () => {
    const { band } = await measuredBand(studio.mika);
    const isDue = async (): Promise<boolean | undefined> =>
      (await bandOf(studio.mika, band.id)).copies[0]?.inspectionDue;
    expect(await isDue()).toBeFalse();
    const monthsAgo = new Date(Date.now() - 40 * 24 * 3600 * 1000);
    const what = { kind: 'inspected' as const, findings: { edges: 'good' as const }, note: '' };
    await happen(studio.mika, band, what, monthsAgo);
    expect(await isDue()).toBeTrue();
    await happen(studio.mika, band, what);
    expect(await isDue()).toBeFalse();
  });

  it('notes an event sent twice once', async () => {
    const { band } = await measuredBand(studio.mika);
    const path = `/bands/${band.id}/events/${uuidv7()}`;
    const event = {
      copyId: band.copies[0]?.id,
      at: new Date().toISOString(),
      what: { kind: 'retired', reason: 'Torn.' },
    };
    await studio.mika.put(path, event);
    const twice = await studio.mika.put<BandRecord>(path, event);
    expect(twice.body.events.length).toBe(1);
  });

  it('sends a copy to a person or place of one’s own, and to nobody else’s', async () => {
    const { band } = await measuredBand(studio.mika);
    const people = await recordsOf(studio.mika, 'person');
    const personId = people[0]?.id ?? '';
    const moved = await happen(studio.mika, band, {
      kind: 'moved',
      holder: { at: 'person', personId },
    });
    // The record tells everybody that it is away; at whose home is told to that person's trainers.
    expect(moved.body.copies[0]?.holder).toEqual({ at: 'person', personId: null });
    expect(JSON.stringify(moved.body)).not.toContain(personId);
    const today = await bandOf(studio.mika, band.id);
    expect(today.copies[0]?.holder).toEqual({ at: 'person', personId });
    expect(today.events.at(-1)?.what).toEqual(
      jasmine.objectContaining({ holder: { at: 'person', personId } }),
    );
    const lost = await happen(studio.mika, band, {
      kind: 'moved',
      holder: { at: 'person', personId: uuidv7() },
    });
    expect(lost.status).toBe(404);
    const foreign = await studio.stranger.put<ProblemDocument>(
      `/bands/${band.id}/events/${uuidv7()}`,
      {
        copyId: band.copies[0]?.id,
        at: new Date().toISOString(),
        what: { kind: 'retired', reason: 'Mischief.' },
      },
    );
    expect(foreign.status).toBe(404);
  });

  it('warns of a band that went soft in the demo, and refuses latex to the allergic', async () => {
    const setup = await demoSetup(studio.mika, 'Tobias Quill');
    const people = await recordsOf(studio.mika, 'person');
    const allergic = people.find(({ latexAllergy }) => latexAllergy);
    const mooring = await bandNamed('Old Mooring');
    const input = inputOf(setup, 0);
    const first = input.document.bands[0];
    if (first === undefined) throw new Error('the row has no band');
    const soft = {
      ...input,
      personId: allergic?.id,
      document: {
        ...input.document,
        bands: [{ ...first, id: mooring.id }],
        runs: input.document.runs.map((run) => ({ ...run, band: mooring.id })),
      },
    };
    const saved = await studio.mika.put<typeof setup>(`/setups/${uuidv7()}`, soft);
    const rules = saved.body.cautions.map(({ rule }) => rule);
    expect(rules).toContain('soft-band');
    expect(rules).toContain('latex');
    expect(saved.body.ready).toBeFalse();
  });
});
