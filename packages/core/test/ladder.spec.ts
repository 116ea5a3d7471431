import fc from 'fast-check';
import { findLadder, type LadderSearch, type Rungs, type Search } from '../src/index.js';
import { ROW } from './support/arbitraries.js';
import { allFeasible, type Candidate } from './support/brute-force.js';
import { searchArbitrary } from './support/searches.js';

const NEAR = 1e-9;

describe('a ladder', () => {
  it('is the one that trying all sequences of set-ups comes to', () => {
    let rich = 0;
    fc.assert(
      fc.property(ladderArbitrary, (search) => {
        const expected = ladderByBruteForce(search);
        fc.pre(expected !== undefined);
        const found = findLadder(search);
        if (!found.ok) throw new Error(JSON.stringify(found.faults));
        const { gaps, pooled, rungs } = found.value;
        expect(pooled).toBeFalse();
        expect(rungs.map(({ key }) => key)).toEqual(expected.rungs);
        expect(gaps.length).toBe(expected.gaps.length);
        gaps.forEach(({ above, below }, i) => {
          expect(below).toBeCloseTo(expected.gaps[i]?.[0] ?? NaN, 6);
          expect(above).toBeCloseTo(expected.gaps[i]?.[1] ?? NaN, 6);
        });
        if (rungs.length > 2) rich++;
      }),
      { numRuns: 200 },
    );
    expect(rich).withContext('ladders of more than two rungs').toBeGreaterThan(12);
  });

  it('of more set-ups than can be gone through is refused before any is looked at', () => {
    const few = manySetups();
    const bands = Array.from({ length: WHOLE_SHOP }, (_, i) => ({
      ...few.setup.bands[0],
      id: `b${i}`,
    })) as LadderSearch['setup']['bands'];
    const found = findLadder({
      ...few,
      setup: { ...few.setup, bands },
      limits: { ...few.limits, maxBands: 4 },
    });
    expect(found.ok ? [] : found.faults.map(({ path }) => path)).toEqual(['$.limits.maxBands']);
  });

  it('of too many set-ups has the ends and gaps that all of them would have, and hardly a rung more', () => {
    const search = manySetups();
    const found = findLadder(search);
    if (!found.ok) throw new Error(JSON.stringify(found.faults));
    const { gaps, pooled, rungs } = found.value;
    expect(pooled).toBeTrue();
    const { from, metric, to } = search.target;
    const values = allFeasible({ ...search, target: { metric, value: 1 } })
      .map(({ value }) => value)
      .filter((value) => value >= from && value <= to);
    const expected = greedyValues(values, search.target.step);
    // A tenth of a step is what the pool tells apart.
    expect(rungs.length).toBeGreaterThanOrEqual(expected.length);
    expect(rungs.length).toBeLessThanOrEqual(expected.length / 0.9);
    expect(rungs[0]?.value).toBeCloseTo(expected[0] ?? NaN, 6);
    expect(rungs.at(-1)?.value).toBeCloseTo(expected.at(-1) ?? NaN, 6);
    const ends = [from, ...expected, to];
    const wide = ends.slice(1).filter((value, i) => value / (ends[i] ?? NaN) > 1.1 + 1e-9);
    expect(gaps.length).toBe(wide.length);
    gaps.forEach(({ above }, i) => expect(above).toBeCloseTo(wide[i] ?? NaN, 6));
    expectSteps(search, found.value);
  });

  it('is refused from a heavier to a lighter load, or of help where there is none', () => {
    const search = manySetups();
    const pathOf = (target: LadderSearch['target']): string | undefined => {
      const found = findLadder({ ...search, target });
      return found.ok ? undefined : found.faults[0]?.path;
    };
    expect(pathOf({ metric: 'mean', from: 200, to: 100, step: 0.1 })).toBe('$.target.to');
    expect(pathOf({ metric: 'assistMean', from: 0.5, to: 0, step: 0.1 })).toBe('$.target.metric');
  });
});

/** From the least on: as far as a step goes, else to the next there is. */
function greedyValues(values: readonly number[], step: number): number[] {
  const sorted = [...values].sort((a, b) => a - b);
  const chosen = sorted.slice(0, 1);
  for (let at = 0; at < sorted.length - 1;) {
    const highest = (sorted[at] ?? NaN) * (1 + step) * (1 + NEAR);
    let next = at + 1;
    while (next + 1 < sorted.length && (sorted[next + 1] ?? NaN) <= highest) next++;
    at = next;
    chosen.push(sorted[at] ?? NaN);
  }
  return chosen;
}

/** A ladder's neighbours are within a step, or a gap is named between them. */
function expectSteps({ target: { step } }: LadderSearch, { gaps, rungs }: Rungs): void {
  rungs.slice(1).forEach(({ value }, i) => {
    const before = rungs[i]?.value ?? NaN;
    expect(value).toBeGreaterThan(before);
    const named = gaps.some(({ below }) => Math.abs(below - before) < NEAR * before);
    if (!named) expect(value / before).toBeLessThanOrEqual((1 + step) * (1 + 2 * NEAR));
  });
}

/** A search of random kind, asked for a ladder instead of one value. */
const ladderArbitrary: fc.Arbitrary<LadderSearch> = fc
  .record({
    search: searchArbitrary,
    share: fc.double({ min: 0.3, max: 0.9, noNaN: true }),
    step: fc.double({ min: 0.05, max: 0.6, noNaN: true }),
    bare: fc.boolean(),
  })
  .map(({ bare, search, share, step }) => {
    const { target, top: _top, count: _count, ...space } = search;
    const { metric, value } = target;
    const down = metric === 'assistMean';
    return {
      ...space,
      limits: { ...space.limits, maxBands: Math.min(2, space.limits.maxBands) },
      target: {
        metric,
        from: down ? value : value * share,
        to: down ? (bare ? 0 : value * share) : value / share,
        step: down ? step / 3 : step,
      },
    };
  });

const GROWTH = 1.15;
/** So many bands, four at a time, are more than anybody would wait for. */
const WHOLE_SHOP = 200;

/** Bands and distances enough for more set-ups than are all looked at. */
function manySetups(): LadderSearch {
  return {
    setup: {
      body: { stature_m: 1.75, mass_kg: 72 },
      exercise: ROW,
      points: { anchor: [1.7, 1.2, 0] },
      bands: Array.from({ length: 12 }, (_, i) => ({
        id: `b${String.fromCharCode(97 + i)}`,
        kind: 'loop' as const,
        flatLength_m: 1.04,
        law: { c1_N: 5 * GROWTH ** (i + 2), c2_N: 4 * GROWTH ** (i + 2), c3_N: 0.05 },
      })),
      samples: 5,
    },
    routes: [
      { id: 'held', path: ['anchor', 'gripL', 'gripR'] },
      { id: 'folded', path: ['anchor', 'gripL', 'anchor', 'gripR'] },
    ],
    reach: {
      point: 'anchor',
      axis: 'x',
      values_m: Array.from({ length: 15 }, (_, i) => 1.2 + i / 18),
    },
    limits: { maxBands: 3, stretch: 2.6 },
    target: { metric: 'mean', from: 20, to: 2000, step: 0.1 },
  };
}

/** The definition, word by word; undefined where there are too many sequences to try. */
function ladderByBruteForce(
  search: LadderSearch,
): { rungs: string[]; gaps: [number, number][] } | undefined {
  const { target } = search;
  const { from, metric, step, to } = target;
  const down = metric === 'assistMean';
  const height = (value: number): number => (down ? from - value : Math.log(value / from));
  const widest = (down ? step : Math.log(1 + step)) + NEAR;
  const asked: Search = { ...search, target: { metric, value: 1 } };
  const costs = (c: Candidate): number =>
    c.cost - (down ? Math.abs(c.value - 1) / 0.02 : Math.abs(Math.log(c.value)) / Math.log(1.05));
  const setups = allFeasible(asked)
    .map((c) => ({
      key: c.key,
      value: c.value,
      at: height(c.value),
      units: Math.round(costs(c) * 1e9),
    }))
    .filter(({ at }) => at >= -NEAR && at <= height(to === 0 ? Number.MIN_VALUE : to) + NEAR);
  const empty = setups.length === 0;
  if (down && to === 0) setups.push({ key: 'bare', value: 0, at: from, units: 0 });
  setups.sort((a, b) => a.at - b.at);
  if (empty) {
    return {
      rungs: setups.map(({ key }) => key),
      gaps: [[Math.min(from, to), Math.max(from, to)]],
    };
  }
  // The fewest rungs: always as far as a step goes, else to the next there is.
  const heights: number[] = [setups[0]?.at ?? NaN];
  const gapsAt = new Set<number>();
  const top = setups.at(-1)?.at ?? NaN;
  while ((heights.at(-1) as number) < top - NEAR) {
    const here = heights.at(-1) as number;
    const beyond = setups.map(({ at }) => at).filter((at) => at > here + NEAR);
    const within = beyond.filter((at) => at - here <= widest);
    if (within.length === 0) gapsAt.add(heights.length);
    heights.push(within.length > 0 ? Math.max(...within) : Math.min(...beyond));
  }
  if (heights.length > 6 || setups.length > 60) return undefined;
  let best: { rank: [number, number, string[]]; keys: string[] } | undefined;
  let tried = 0;
  const extend = (chosen: typeof setups, changed: number): void => {
    if (tried > 300_000) return;
    const last = chosen.at(-1);
    if (chosen.length === heights.length) {
      tried++;
      if (Math.abs((last?.at ?? NaN) - top) > NEAR) return;
      const keys = chosen.map(({ key }) => key);
      const units = chosen.reduce((sum, one) => sum + one.units, 0);
      const rank: [number, number, string[]] = [changed, units, keys];
      if (best === undefined || comesFirst(rank, best.rank)) best = { rank, keys };
      return;
    }
    const isGap = gapsAt.has(chosen.length);
    for (const next of setups) {
      if (last === undefined ? next.at > (heights[0] ?? NaN) + NEAR : next.at <= last.at) continue;
      if (last !== undefined) {
        if (isGap) {
          // A gap lies where it must: between the same two values.
          if (Math.abs(last.at - (heights[chosen.length - 1] ?? NaN)) > NEAR) continue;
          if (Math.abs(next.at - (heights[chosen.length] ?? NaN)) > NEAR) continue;
        } else if (next.at - last.at > widest) continue;
      }
      extend([...chosen, next], changed + (last === undefined ? 0 : changeOf(last.key, next.key)));
    }
  };
  extend([], 0);
  if (tried > 300_000 || best === undefined) return undefined;
  const values = [
    from,
    ...best.keys.map((key) => setups.find((one) => one.key === key)?.value ?? NaN),
    to,
  ];
  const gaps = values.slice(1).flatMap((value, i): [number, number][] => {
    const [low, high] = [Math.min(value, values[i] ?? NaN), Math.max(value, values[i] ?? NaN)];
    const width = down ? high - low : Math.log(high / low);
    return width > widest ? [[low, high]] : [];
  });
  return { rungs: best.keys, gaps };
}

function comesFirst(a: [number, number, string[]], b: [number, number, string[]]): boolean {
  if (a[0] !== b[0]) return a[0] < b[0];
  if (a[1] !== b[1]) return a[1] < b[1];
  const at = a[2].findIndex((key, i) => key !== b[2][i]);
  return at >= 0 && (a[2][at] ?? '') < (b[2][at] ?? '');
}

/** Another reach 1, a band on or off 2, a route 2; the bare exercise has no reach. */
function changeOf(a: string, b: string): number {
  const parse = (key: string): { reach: string; routes: Map<string, string> } => {
    const [reach = '', laid = ''] = key.split('|');
    const pairs =
      laid === '' ? [] : laid.split(',').map((one) => one.split(':') as [string, string]);
    return { reach, routes: new Map(pairs) };
  };
  const [one, other] = [parse(a), parse(b)];
  let change = a === 'bare' || b === 'bare' || one.reach === other.reach ? 0 : 1;
  for (const band of new Set([...one.routes.keys(), ...other.routes.keys()])) {
    if (one.routes.get(band) !== other.routes.get(band)) change += 2;
  }
  return change;
}
