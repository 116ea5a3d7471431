import {
  type AnchoredExercise,
  type Composition,
  composeSetup,
  type FittedBand,
  gapsBetween,
  type LadderBasis,
  ladderChanges,
  ladderChangeWords,
  type LadderRequest,
  type ProposedLadder,
  proposeLadder,
  type Route,
  solveSetup,
} from '../src/index.js';
import { ROW } from './support/arbitraries.js';

const KIT: FittedBand[] = [7, 12, 19].map((c1_N, i) => ({
  id: `b${i}`,
  kind: 'loop',
  flatLength_m: 1.04,
  law: { c1_N, c2_N: 0.8 * c1_N, c3_N: 0.01 * c1_N },
}));
const ROUTES: Route[] = [{ id: 'held', for: 'continuous', path: ['anchor', 'gripL', 'gripR'] }];
const PRESENT: Composition<AnchoredExercise> = {
  exercise: ROW,
  body: { stature_m: 1.75, mass_kg: 72 },
  anchor: { height_m: 1.2, distance_m: 1.5 },
  routes: [],
  bands: [],
};
const REQUEST: LadderRequest<AnchoredExercise> = {
  present: PRESENT,
  kit: KIT,
  routes: ROUTES,
  target: { metric: 'mean', from: 30, to: 150, step: 0.1 },
  limits: { maxBands: 2 },
  distance: { least: 0.5, most: 2.8 },
};

function ladderFor(part: Partial<LadderRequest<AnchoredExercise>> = {}): ProposedLadder {
  const result = proposeLadder({ ...REQUEST, ...part });
  if (!result.ok) throw new Error(JSON.stringify(result.faults));
  return result.value;
}

/** Mean demand of a rung laid as it says, at as few samples as it was looked for with. */
function meanOf({ bandIds, varied }: ProposedLadder['rungs'][number]): number {
  const result = solveSetup({
    ...composeSetup({
      ...PRESENT,
      anchor: { height_m: 1.2, distance_m: varied.distance_m ?? NaN },
      routes: ROUTES,
      bands: bandIds.flatMap((id) => KIT.find((band) => band.id === id) ?? []),
    }),
    samples: 9,
  });
  if (!result.ok) throw new Error(JSON.stringify(result.faults));
  return result.value.summary.mean;
}

describe('a ladder for the workbench', () => {
  it('climbs in steps, each rung asking what it says when it is laid', () => {
    const { gaps, rungs } = ladderFor();
    expect(rungs.length).toBeGreaterThan(10);
    for (const rung of rungs) expect(meanOf(rung)).toBeCloseTo(rung.value, 6);
    const values = rungs.map(({ value }) => value);
    expect(values).toEqual(values.toSorted((a, b) => a - b));
    expect(gaps).toEqual(gapsBetween(REQUEST.target, rungs));
    expect(gaps).toEqual([]);
  });

  it('takes every notch of one band before the next, where it is asked to', () => {
    const { rungs } = ladderFor({ notchFirst: true });
    const values = rungs.map(({ value }) => value);
    expect(values).toEqual(values.toSorted((a, b) => a - b));
    expect(rungs.every(({ bandIds }) => bandIds.length === 1)).toBeTrue();
    const order = rungs.map(({ bandIds }) => bandIds[0]);
    // No band comes back once another is on.
    const changes = order.filter((id, i) => id !== order[i - 1]);
    expect(changes).toEqual([...new Set(changes)]);
    expect(changes.length).toBeGreaterThan(1);
  });

  it('lays each band on a route of its form alone', () => {
    const tube: FittedBand = { ...(KIT[0] as FittedBand), id: 'tube', kind: 'tube' };
    const { rungs } = ladderFor({ kit: [...KIT, tube] });
    expect(rungs.some(({ bandIds }) => bandIds.includes('tube'))).toBeFalse();
    expect(ladderFor({ kit: [tube] }).rungs).toEqual([]);
  });

  it('is one gap where nothing can be laid', () => {
    expect(ladderFor({ kit: [] })).toEqual({
      rungs: [],
      gaps: [{ below: 30, above: 150, ratio: 5 }],
    });
  });

  it('ends bare where all help is taken away', () => {
    const bare = ladderFor({
      kit: [],
      target: { metric: 'assistMean', from: 0.5, to: 0, step: 0.1 },
    });
    expect(bare.gaps).toEqual([{ below: 0, above: 0.5, difference: 0.5 }]);
  });
});

describe('what a ladder was made from', () => {
  const basis: LadderBasis = {
    body: { stature_m: 1.75, mass_kg: 72 },
    anchorId: 'eye',
    height_m: 1.2,
    bands: KIT.map(({ id, law }) => ({ id, name: id, law })),
  };

  it('stands as long as bands, body and anchor do', () => {
    expect(ladderChanges(basis, basis)).toEqual([]);
    const almost = { ...basis, body: { stature_m: 1.75, mass_kg: 72.4 }, height_m: 1.2001 };
    expect(ladderChanges(basis, almost)).toEqual([]);
    expect(ladderChanges(basis, { ...basis, height_m: null }).length).toBe(1);
  });

  it('names each thing that has changed', () => {
    const [first, second, third] = basis.bands;
    if (!first || !second || !third) throw new Error('no bands');
    const now: LadderBasis = {
      body: { stature_m: 1.75, mass_kg: 76 },
      anchorId: 'eye',
      height_m: 1.3,
      bands: [
        first,
        { ...second, law: { ...second.law, c1_N: 13 } },
        { ...third, id: 'new', name: 'new' },
      ],
    };
    expect(ladderChanges(basis, now)).toEqual([
      { kind: 'bandRemeasured', name: 'b1' },
      { kind: 'bandNew', name: 'new' },
      { kind: 'bandGone', name: 'b2' },
      { kind: 'body' },
      { kind: 'anchor' },
    ]);
  });

  it('says what has changed in words', () => {
    expect(ladderChangeWords([])).toBe('');
    expect(
      ladderChangeWords([
        { kind: 'bandRemeasured', name: 'Reed' },
        { kind: 'bandGone', name: 'Heron' },
        { kind: 'bandGone', name: 'Willow' },
        { kind: 'body' },
      ]),
    ).toBe('Reed measured again; Heron, Willow gone from the bag; another body on file');
  });
});
