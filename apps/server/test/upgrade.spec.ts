import type { BandToday } from '@wiry-otter/contracts';
import { readFileSync } from 'node:fs';
import { bandsOf, recordsOf } from './support/records.js';
import { openDumpedStudio, type TestStudio } from './support/studio.js';

const read = (name: string): string =>
  readFileSync(new URL(`databases/${name}`, import.meta.url), 'utf8');

/** What the server of before there were records told of the same database, by its lists of then. */
interface Told {
  sessions: {
    id: string;
    day: string;
    finished: boolean;
    sets: [id: string, reps: number][];
    decision: string | null;
  }[];
  bands: { id: string; version: number; copies: BandToday['copies']; readings: number }[];
  setups: { id: string; version: number; mean: number; ready: boolean }[];
  prescriptions: string[];
  ladders: { id: string; rungs: string[] }[];
  people: { id: string; name: string; trainedSince: Record<string, string> }[];
  skillTests: string[];
  places: { id: string; anchors: number }[];
}

describe('a database of before there were records', () => {
  const told = JSON.parse(read('before-records.told.json')) as Told;
  let studio: TestStudio;
  beforeAll(async () => {
    studio = await openDumpedStudio(read('before-records.sql'));
  });
  afterAll(() => studio.close());

  const byId = <Row extends { readonly id: string }>(rows: readonly Row[]): Row[] =>
    rows.toSorted((a, b) => (a.id < b.id ? -1 : 1));

  it('has every session with its sets and how its decision stands', async () => {
    const sessions = byId(await recordsOf(studio.mika, 'session'));
    expect(sessions.length).toBe(26);
    const present: Told['sessions'] = sessions.map(({ day, decision, finishedAt, id, sets }) => ({
      ...{ id, day, finished: finishedAt !== null },
      sets: sets.map((set): [string, number] => [set.id, set.reps]),
      decision: decision?.status ?? null,
    }));
    expect(present).toEqual(told.sessions);
  });

  it('has every band with its readings, its wear and who has it', async () => {
    const bands = byId(await bandsOf(studio.mika));
    expect(bands.map(({ id, version }) => ({ id, version }))).toEqual(
      told.bands.map(({ id, version }) => ({ id, version })),
    );
    expect(
      bands.map(({ copies, measurements }) => ({
        copies: copies.map(({ cycles, holder, id }) => ({ id, cycles, holder })),
        readings: measurements.flatMap(({ readings }) => readings).length,
      })),
    ).toEqual(told.bands.map(({ copies, readings }) => ({ copies, readings })));
    const worn = bands.flatMap(({ copies }) => copies).map(({ cycles }) => cycles.total);
    expect(Math.max(...worn)).toBeGreaterThan(0);
  });

  it('has set-ups, ladders, work in force, people, tests and places', async () => {
    const { mika } = studio;
    const setups = byId(await recordsOf(mika, 'setup'));
    expect(
      setups.map(({ figures, id, ready, version }) => ({ id, version, mean: figures.mean, ready })),
    ).toEqual(told.setups);
    const ladders = await recordsOf(mika, 'ladder');
    expect(
      ladders.map(({ id, rungs }) => ({ id, rungs: rungs.map(({ setupId }) => setupId) })),
    ).toEqual(told.ladders);
    const prescriptions = await recordsOf(mika, 'prescription');
    expect(prescriptions.map(({ id }) => id).sort()).toEqual(told.prescriptions);
    const people = byId(await recordsOf(mika, 'person'));
    expect(people.map(({ id, name, trainedSince }) => ({ id, name, trainedSince }))).toEqual(
      told.people,
    );
    const tests = await recordsOf(mika, 'skillTest');
    expect(tests.map(({ id }) => id)).toEqual(told.skillTests);
    const places = byId(await recordsOf(mika, 'place'));
    expect(places.map(({ anchors, id }) => ({ id, anchors: anchors.length }))).toEqual(told.places);
  });
});
