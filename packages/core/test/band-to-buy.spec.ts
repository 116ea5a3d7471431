import {
  type AnchoredExercise,
  bandsToTry,
  bandToBuy,
  type FittedBand,
  type LadderRequest,
  proposeLadder,
  type Purchases,
  type Route,
  strandForce,
  usualBand,
} from '../src/index.js';
import { ROW } from './support/arbitraries.js';

const KIT: FittedBand[] = [9, 30].map((c1_N, i) => ({
  id: `b${i}`,
  kind: 'loop',
  flatLength_m: 1.04,
  law: { c1_N, c2_N: 0.8 * c1_N, c3_N: 0.01 * c1_N },
}));
const ROUTES: Route[] = [
  { id: 'held', for: 'continuous', path: ['anchor', 'gripL', 'gripR'] },
  { id: 'through', for: 'open', path: ['gripL', 'anchor', 'gripR'] },
];
const REQUEST: LadderRequest<AnchoredExercise> = {
  present: {
    exercise: ROW,
    body: { stature_m: 1.75, mass_kg: 72 },
    anchor: { height_m: 1.2, distance_m: 1.5 },
    routes: [],
    bands: [],
  },
  kit: KIT,
  routes: ROUTES,
  target: { metric: 'mean', from: 30, to: 260, step: 0.1 },
  limits: { maxBands: 2 },
  distance: { least: 1.2, most: 2 },
};

function bought(requests: readonly LadderRequest<AnchoredExercise>[]): Purchases {
  const search = bandToBuy(requests);
  for (;;) {
    const step = search.next();
    if (step.done) return step.value;
    expect(step.value).toBeGreaterThan(0);
    expect(step.value).toBeLessThanOrEqual(1);
  }
}

/** The gaps of a ladder made of a whole kit, added up. */
function gapsWith(kit: readonly FittedBand[]): number {
  const result = proposeLadder({ ...REQUEST, kit });
  if (!result.ok) throw new Error(JSON.stringify(result.faults));
  return result.value.gaps.reduce((sum, { ratio = 1 }) => sum + Math.log(ratio), 0);
}

describe('what to buy', () => {
  it('tries sixty bands, which pull what they say at twice their length', () => {
    const bands = bandsToTry();
    expect(bands.length).toBe(60);
    for (const band of bands) {
      const { law } = usualBand(band);
      const strands = band.kind === 'loop' ? 2 : 1;
      expect(strands * strandForce(law, 2)).toBeCloseTo(band.pull_N, 9);
    }
  });

  it('leaves the gaps that a ladder of the whole kit would have', () => {
    const { after, before, tried } = bought([REQUEST]);
    const total = (gaps: Purchases['before'][number] = []) =>
      gaps.reduce((sum, { ratio = 1 }) => sum + Math.log(ratio), 0);
    expect(total(before[0])).toBeCloseTo(gapsWith(KIT), 9);
    expect(total(after[0])).toBeCloseTo(tried[0]?.gaps ?? NaN, 9);
    for (const one of tried.filter((_, i) => i % 12 === 0)) {
      expect(one.gaps)
        .withContext(JSON.stringify(one))
        .toBeCloseTo(gapsWith([...KIT, usualBand(one)]), 9);
    }
  });

  it('puts the band first that leaves least, and never one that makes a gap', () => {
    const wide = { ...REQUEST, target: { ...REQUEST.target, to: 400 } };
    const { before, tried } = bought([REQUEST, wide]);
    const sums = before.map((gaps) =>
      gaps.reduce((sum, { ratio = 1 }) => sum + Math.log(ratio), 0),
    );
    const total = sums.reduce((sum, gap) => sum + gap, 0);
    expect(tried.map(({ gaps }) => gaps)).toEqual(
      tried.map(({ gaps }) => gaps).toSorted((a, b) => a - b),
    );
    expect(tried[0]?.gaps).toBeLessThan(total);
    for (const one of tried) {
      expect(one.gaps).toBeCloseTo(
        one.each.reduce((sum, gap) => sum + gap, 0),
        9,
      );
      expect(one.each.every((gap, l) => gap <= (sums[l] ?? NaN) + 1e-9)).toBeTrue();
    }
  });

  it('is as good as any where there is no ladder', () => {
    const { before, tried } = bought([]);
    expect(before).toEqual([]);
    expect(tried.every(({ gaps }) => gaps === 0)).toBeTrue();
  });
});
