import type {
  FoundDocument,
  LadderDocument,
  ProblemDocument,
  RungsDocument,
  SearchDocument,
} from '@wiry-otter/contracts';
import { find, findLadder } from '@wiry-otter/core';
import { findExercise } from '@wiry-otter/catalogue';
import { openTestStudio, type TestStudio } from './support/studio.js';

const BANDS = [9, 14, 22].map((c1_N, i) => ({
  id: `b${i}`,
  kind: 'loop' as const,
  flatLength_m: 1.04,
  law: { c1_N, c2_N: 0.8 * c1_N, c3_N: 0.01 * c1_N },
}));
const SPACE = {
  setup: {
    format: 'wiry-otter.setup' as const,
    version: 1 as const,
    body: { stature_m: 1.75, mass_kg: 72 },
    exercise: 'standing-row',
    points: { anchor: [1.9, 1.2, 0] as [number, number, number] },
    bands: BANDS,
    samples: 9,
  },
  routes: [{ id: 'held', path: ['anchor', 'gripL', 'gripR'] }],
  reach: { point: 'anchor', axis: 'x' as const, values_m: [1.5, 1.7, 1.9, 2.1] },
  limits: { maxBands: 2, stretch: 2.5 },
};
const SEARCH = {
  format: 'wiry-otter.search' as const,
  version: 1 as const,
  ...SPACE,
  target: { metric: 'mean' as const, value: 120 },
} satisfies SearchDocument;
const LADDER = {
  format: 'wiry-otter.ladder' as const,
  version: 1 as const,
  ...SPACE,
  target: { metric: 'mean' as const, from: 60, to: 160, step: 0.1 },
} satisfies LadderDocument;

describe('the finder on the server', () => {
  let studio: TestStudio;
  beforeAll(async () => {
    studio = await openTestStudio();
  });
  afterAll(() => studio.close());

  it('finds what the same search finds anywhere', async () => {
    const { body, status } = await studio.mika.post<FoundDocument>('/find', SEARCH);
    expect(status).toBe(200);
    const exercise = findExercise('standing-row');
    if (exercise === undefined) throw new Error('no row');
    const setup = { ...SEARCH.setup, exercise };
    const here = find({ ...SEARCH, setup });
    expect(here.ok && here.value).toEqual({ feasible: body.feasible ?? NaN, top: body.top });
    const rungs = (await studio.mika.post<RungsDocument>('/ladder', LADDER)).body;
    const climbed = findLadder({ ...LADDER, setup });
    if (!climbed.ok) throw new Error(JSON.stringify(climbed.faults));
    expect(rungs).toEqual(jasmine.objectContaining({ pooled: climbed.value.pooled }));
    expect(JSON.stringify([rungs.rungs, rungs.gaps])).toBe(
      JSON.stringify([climbed.value.rungs, climbed.value.gaps]),
    );
  });

  it('refuses what it does not know by its path, and nobody signed in', async () => {
    const unknown = { ...SEARCH, setup: { ...SEARCH.setup, exercise: 'keelhauling' } };
    const { body, status } = await studio.mika.post<ProblemDocument>('/find', unknown);
    expect([status, body.code]).toEqual([422, 'document-fault']);
    expect(body.faults?.[0]?.path).toBe('$.setup.exercise');
    const lost = { ...SEARCH, routes: [{ id: 'held', path: ['anchor', 'nowhere'] }] };
    expect((await studio.mika.post<ProblemDocument>('/find', lost)).body.code).toBe(
      'document-fault',
    );
    expect((await studio.nobody.post('/find', SEARCH)).status).toBe(401);
  });
});
