import type {
  DecisionRecord,
  LadderInput,
  LadderRecord,
  PrescriptionRecord,
  ProblemDocument,
  SessionRecord,
  SetupRecord,
} from '@wiry-otter/contracts';
import { anchorPlaceOf, kitFor, knowBands } from '@wiry-otter/core';
import { v7 as uuidv7 } from 'uuid';
import {
  demoSetup,
  doneSet,
  measurementOf,
  prescribed,
  reading,
  startedSession,
} from './support/inputs.js';
import { ladderOf, rungAt } from './support/ladders.js';
import { type Client, openTestStudio, type TestStudio } from './support/studio.js';
import { bandOf, bandsOf, decisionOf, recordsOf } from './support/records.js';

/** What a ladder of the set-up would be made from today. */
async function basisOf(client: Client, setup: SetupRecord): Promise<LadderInput['basis']> {
  const people = await recordsOf(client, 'person');
  const person = people.find(({ id }) => id === setup.personId);
  if (person === undefined) throw new Error('nobody');
  const bands = knowBands(await bandsOf(client));
  const { anchorId, document, personId, placeId } = setup;
  const { exercise } = document;
  const kit = kitFor(bands, { ...person, personId, placeId, exercise });
  const { mass_kg, stature_m } = person;
  return {
    body: { mass_kg, stature_m },
    anchorId,
    height_m: anchorPlaceOf(exercise, document.body.stature_m, document.points)?.height_m ?? null,
    bands: kit.flatMap(({ calibration, record: { id, name } }) =>
      calibration === null ? [] : [{ id, name, law: { ...calibration.law } }],
    ),
  };
}

describe('ladders', () => {
  let studio: TestStudio;
  let setup: SetupRecord;
  beforeEach(async () => {
    studio = await openTestStudio();
    setup = await demoSetup(studio.mika, 'Tobias Quill');
  });
  afterEach(() => studio.close());

  const keep = (id: string, input: LadderInput) =>
    studio.mika.put<LadderRecord>(`/ladders/${id}`, input);
  const inForce = async (): Promise<PrescriptionRecord | undefined> =>
    (await recordsOf(studio.mika, 'prescription')).find(
      ({ exerciseId, personId }) => personId === setup.personId && exerciseId === setup.exerciseId,
    );

  async function trained(reps: number): Promise<SessionRecord> {
    const { mika } = studio;
    const session = await startedSession(mika, setup);
    for (let set = 0; set < 3; set++) {
      await mika.put(`/sessions/${session.id}/sets/${uuidv7()}`, doneSet(reps));
    }
    const finish = { redFlag: false };
    return (await mika.post<SessionRecord>(`/sessions/${session.id}/finish`, finish)).body;
  }

  it('are kept in versions, their loads those of the laws on record, lightest first', async () => {
    const id = uuidv7();
    const rungs = [rungAt(setup, 0.1), rungAt(setup, -0.2), rungAt(setup, 0)];
    const { body, status } = await keep(id, ladderOf(setup, rungs));
    expect(status).toBe(200);
    const loads = body.rungs.map(({ load }) => load);
    expect(loads).toEqual(loads.toSorted((a, b) => a - b));
    expect(body.rungs[1]?.load).toBeCloseTo(setup.figures.mean, 6);
    expect((await keep(id, ladderOf(setup, rungs))).status).toBe(409);
    const next = await keep(id, ladderOf(setup, rungs.slice(1), 1));
    expect(next.body.version).toBe(2);
    const all = await recordsOf(studio.mika, 'ladder');
    expect(all.map((one) => [one.id, one.rungs.length])).toEqual([[id, 2]]);
  });

  it('are one for a person, an exercise and a place', async () => {
    const input = ladderOf(setup, [rungAt(setup, 0)]);
    const first = uuidv7();
    await keep(first, input);
    const { body, status } = await studio.mika.put<ProblemDocument>(`/ladders/${uuidv7()}`, input);
    expect([status, body.code]).toEqual([409, 'ladder-kept']);
    await studio.mika.delete(`/ladders/${first}`);
    expect(await recordsOf(studio.mika, 'ladder')).toEqual([]);
    const second = uuidv7();
    expect((await keep(second, input)).status).toBe(200);
    expect((await studio.mika.post(`/ladders/${first}/restore`)).status).toBe(409);
  });

  it('are nobody else’s', async () => {
    const id = uuidv7();
    await keep(id, ladderOf(setup, [rungAt(setup, 0)]));
    const { stranger } = studio;
    expect(await recordsOf(stranger, 'ladder')).toEqual([]);
    expect((await stranger.delete(`/ladders/${id}`)).status).toBe(404);
    const other = await stranger.put(`/ladders/${id}`, ladderOf(setup, [rungAt(setup, 0)], 1));
    expect(other.status).toBe(404);
  });

  it('refuse a retired band and a rung that is no set-up, by their path', async () => {
    const [band] = await bandsOf(studio.mika);
    const rung = rungAt(setup, 0);
    const [laid] = rung.document.bands;
    if (band === undefined || laid === undefined) throw new Error('no band');
    const unknown = { ...rung.document, bands: [{ ...laid, id: uuidv7() }] };
    const refused = await keep(uuidv7(), ladderOf(setup, [{ ...rung, document: unknown }]));
    expect(refused.status).toBeGreaterThanOrEqual(400);
    const none = await studio.mika.put<ProblemDocument>(
      `/ladders/${uuidv7()}`,
      ladderOf(setup, []),
    );
    expect([none.status, none.body.code]).toEqual([400, 'invalid-request']);
  });

  it('lead decisions: the next rung becomes a set-up when the decision is accepted', async () => {
    const heavier = rungAt(setup, 0.2);
    const used = rungAt(setup, 0, { setupId: setup.id, title: setup.title });
    const { mika } = studio;
    const rungs = [rungAt(setup, -0.2), used, heavier];
    await keep(uuidv7(), { ...ladderOf(setup, rungs), basis: await basisOf(mika, setup) });
    // After a long break the first session decides for less, whatever was done.
    await trained(25);
    const decision = await decisionOf(studio.mika, await trained(25));
    expect(decision.ladder.length).toBe(3);
    const rules = decision.decision.reasons.map(({ rule }) => rule);
    expect(rules).toContain('fill-range.full');
    expect(rules.at(-1)).toBe('ladder.source');
    expect((await mika.get(`/records/setup/${heavier.setupId}`)).status).toBe(404);
    await mika.post<DecisionRecord>(`/decisions/${decision.id}/accept`);
    expect((await inForce())?.setupIds[0]).toBe(heavier.setupId);
    const made = (await mika.get<SetupRecord>(`/records/setup/${heavier.setupId}`)).body;
    expect(made.title).toBe(heavier.title);
  });

  it('move the prescription in force to the nearest rung that is not heavier, and say so', async () => {
    const id = uuidv7();
    const used = rungAt(setup, 0, { setupId: setup.id, title: setup.title });
    await keep(id, ladderOf(setup, [used, rungAt(setup, 0.2)]));
    await prescribed(studio.mika, setup);
    const lighter = rungAt(setup, -0.05);
    const { body } = await keep(
      id,
      ladderOf(setup, [rungAt(setup, -0.3), lighter, rungAt(setup, 0.05)], 1),
    );
    expect(body.moved).toEqual({ from: setup.title, to: lighter.title });
    expect((await inForce())?.setupIds[0]).toBe(lighter.setupId);
    const stays = await keep(id, ladderOf(setup, [lighter], 2));
    expect(stays.body.moved).toBeNull();
  });

  it('never move it to a rung that a caution refuses', async () => {
    const id = uuidv7();
    const used = rungAt(setup, 0, { setupId: setup.id, title: setup.title });
    await keep(id, ladderOf(setup, [used]));
    await prescribed(studio.mika, setup);
    const far = rungAt(setup, 0.9);
    const { body } = await keep(id, ladderOf(setup, [far], 1));
    expect(body.rungs[0]?.cautions.some(({ level }) => level === 'refuse')).toBeTrue();
    expect(body.moved).toBeNull();
    expect((await inForce())?.setupIds[0]).toBe(setup.id);
  });

  /** The first band of the set-up is measured again, and pulls this share of what is read here. */
  async function measuredAgain(share: number): Promise<string> {
    const { mika } = studio;
    const [laid] = setup.document.bands;
    const band = await bandOf(mika, laid?.id);
    const path = `/bands/${band.id}/measurements/${uuidv7()}`;
    const measured = measurementOf(band.copies[0]?.id ?? '');
    await mika.put(path, measured);
    for (const [length_m, force_N] of [
      [1.35, 40],
      [1.77, 74],
      [2.18, 101],
    ] as const) {
      await mika.put(`${path}/readings/${uuidv7()}`, reading(length_m, share * force_N));
    }
    await mika.put(path, { ...measured, finishedAt: '2026-11-20T09:10:00Z' });
    return band.name;
  }

  /** A rung locked by hand and the one that is prescribed, reviewed once as they were kept. */
  async function keptAndClimbed(id: string): Promise<void> {
    const { mika } = studio;
    const used = rungAt(setup, 0, { setupId: setup.id, title: setup.title });
    const locked = rungAt(setup, -0.2, { locked: true, key: 'by hand' });
    const basis = await basisOf(mika, setup);
    await keep(id, { ...ladderOf(setup, [locked, used]), basis });
    await prescribed(mika, setup);
    const { decision } = await decisionOf(mika, await trained(12));
    expect(decision.reasons.map(({ rule }) => rule)).not.toContain('ladder.anew');
    expect((await standing(id))?.version).toBe(1);
  }

  const standing = async (id: string): Promise<LadderRecord | undefined> =>
    (await recordsOf(studio.mika, 'ladder')).find((one) => one.id === id);

  it('keep their set-ups where a band is only known otherwise, told by the law of today', async () => {
    const { mika } = studio;
    const id = uuidv7();
    await keptAndClimbed(id);
    const name = await measuredAgain(1);
    const decision = await decisionOf(mika, await trained(12));
    const anew = decision.decision.reasons.find(({ rule }) => rule === 'ladder.anew');
    expect(anew?.text).toContain(`${name} measured again.`);
    const ladder = await standing(id);
    expect([ladder?.version, ladder?.moved]).toEqual([2, null]);
    expect(ladder?.rungs.map(({ key }) => key)).toEqual(['by hand', '0']);
    // It pulls less than was thought, and nobody is given more of it for that.
    const now = ladder?.rungs.find(({ setupId }) => setupId === setup.id);
    expect(now?.load).toBeLessThan(setup.figures.mean);
    expect((await inForce())?.setupIds[0]).toBe(setup.id);
    expect(decision.ladder.find(({ setupId }) => setupId === setup.id)?.load).toBe(now?.load ?? 0);
    await trained(12);
    expect((await standing(id))?.version).toBe(2);
  });

  it('are made anew after a band has grown soft', async () => {
    const { mika } = studio;
    const id = uuidv7();
    await keptAndClimbed(id);
    const name = await measuredAgain(0.8);
    const decision = await decisionOf(mika, await trained(12));
    const anew = decision.decision.reasons.find(({ rule }) => rule === 'ladder.anew');
    expect(anew?.text).toContain(`made anew: ${name} measured again.`);
    const ladder = await standing(id);
    expect(ladder?.version).toBe(2);
    expect(ladder?.rungs.length).toBeGreaterThan(4);
    const byHand = ladder?.rungs.find(({ key }) => key === 'by hand');
    expect(byHand?.locked).toBeTrue();
    const loads = ladder?.rungs.map(({ load }) => load);
    expect(loads).toEqual(loads?.toSorted((a, b) => a - b));
    // The prescription went to the nearest rung that is not heavier than what it asks of it today.
    expect(ladder?.moved?.from).toBe(setup.title);
    const now = ladder?.rungs.find(({ title }) => title === ladder.moved?.to);
    expect((await inForce())?.setupIds[0]).toBe(now?.setupId);
    expect(now?.load).toBeLessThan(0.9 * setup.figures.mean);
    // Nothing has changed since: it stands.
    await trained(12);
    expect((await standing(id))?.version).toBe(2);
  });

  it('stay as they were kept where their anchor is gone, and say so', async () => {
    const { mika } = studio;
    const basis = await basisOf(mika, setup);
    const used = rungAt(setup, 0, { setupId: setup.id, title: setup.title });
    const moved = { ...basis, anchorId: uuidv7() };
    await keep(uuidv7(), {
      ...ladderOf(setup, [used]),
      target: { metric: 'mean', from: 4000, to: 5000, step: 0.1 },
      basis: moved,
    });
    const decision = await decisionOf(studio.mika, await trained(12));
    const anew = decision.decision.reasons.find(({ rule }) => rule === 'ladder.anew');
    expect(anew?.text).toContain('as it was kept, though since then: another anchor, or height.');
  });

  it('made by hand stay the set-ups they were made of, told by the laws of today', async () => {
    const { mika } = studio;
    const id = uuidv7();
    const used = rungAt(setup, 0, { setupId: setup.id, title: 'By the bulkhead' });
    const basis = await basisOf(mika, setup);
    const heavier = {
      ...basis,
      bands: basis.bands.map((band) => ({
        ...band,
        law: { ...band.law, c1_N: 2 * band.law.c1_N },
      })),
    };
    await keep(id, { ...ladderOf(setup, [used]), source: 'hand', basis: heavier });
    const decision = await decisionOf(studio.mika, await trained(12));
    const reasons = decision.decision.reasons ?? [];
    expect(reasons.find(({ rule }) => rule === 'ladder.anew')?.text).toContain('measured again');
    expect(reasons.at(-1)?.text).toContain('by hand');
    const [ladder] = await recordsOf(mika, 'ladder');
    expect([ladder?.version, ladder?.source]).toEqual([2, 'hand']);
    expect(ladder?.rungs.map(({ setupId, title }) => [setupId, title])).toEqual([
      [setup.id, 'By the bulkhead'],
    ]);
  });

  it('that are kept anew leave a rung that was decided on still to be taken', async () => {
    const { mika } = studio;
    const id = uuidv7();
    const basis = await basisOf(mika, setup);
    const used = rungAt(setup, 0, { setupId: setup.id });
    await keep(id, { ...ladderOf(setup, [rungAt(setup, -0.1), used]), basis });
    // A break of a month before it, and the foot of the range not reached: lighter.
    const session = await trained(7);
    const decision = await decisionOf(mika, session);
    const wanted = decision.ladder[decision.decision.rungs[0] ?? 0]?.setupId;
    expect(wanted).not.toBe(setup.id);
    await keep(id, { ...ladderOf(setup, [rungAt(setup, -0.15), used], 1), basis });
    expect((await mika.post(`/decisions/${decision.id}/accept`)).status).toBe(200);
    const made = await mika.get<SetupRecord>(`/records/setup/${wanted}`);
    expect(made.status).toBe(200);
  });
});
