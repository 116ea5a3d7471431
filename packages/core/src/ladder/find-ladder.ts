import { fail, type Fault, type Result, succeed } from '../faults.js';
import { checkSearch } from '../finder/check-search.js';
import { gapBetween, gapsBetween } from './gaps.js';
import { fillPool, type LadderSetup, SAME_HEIGHT, stepHeight } from './ladder-pool.js';
import { layOptions } from '../finder/options.js';
import type { FoundCandidate, LadderSearch, LadderTarget, Rungs } from '../finder/search.js';

/** What a change from one rung to the next costs. */
const CHANGE = { reach: 1, band: 2, route: 2 } as const;

/** The bare exercise, at the end of a ladder that takes all help away. */
const BARE = 'bare';

/**
 * The rungs from one value to another in steps of at most so much, as few as there can be, each a
 * feasible set-up; where no set-up is near enough, the next beyond, with the gap named. Of all
 * sequences of that number with those ends and gaps the one with the least change between
 * neighbours (another reach 1, a band on or off 2, a route 2), then of the least cost, then of the
 * least keys.
 *
 * @returns faults of names together, else the first of computation
 */
export function findLadder(search: LadderSearch): Result<Rungs> {
  const faults = checkSearch(search);
  if (faults.length > 0) return fail(...faults);
  const { setup, target } = search;
  const amiss = unsuitedTarget(search);
  if (amiss !== undefined) return fail(amiss);
  const bands = [...setup.bands].sort((a, b) => (a.id < b.id ? -1 : 1));
  const options = layOptions(search, bands);
  if (!options.ok) return options;
  const pool = fillPool(search, bands, options.value);
  if (pool === undefined) {
    return fail({
      code: 'computation',
      path: '$.limits.maxBands',
      found: 'more set-ups than can be gone through',
      expected: 'fewer bands at once, fewer bands, routes or values',
    });
  }
  const setups = pool.list();
  const isEmpty = setups.length === 0;
  if (endsBare(target)) setups.push(bareAt(target));
  const rungs = climb(setups, stepHeight(target));
  return succeed({
    rungs: rungs.map(({ cost, key, value }): FoundCandidate => ({ key, cost, value })),
    // With nothing to climb by all of it is one gap, however near its ends are.
    gaps: isEmpty ? [gapBetween(target, target.from, target.to)] : gapsBetween(target, rungs),
    pooled: pool.pooled,
  });
}

function unsuitedTarget({ setup, target }: LadderSearch): Fault | undefined {
  const { from, metric, to } = target;
  if (metric !== 'assistMean') {
    return from < to
      ? undefined
      : {
          code: 'computation',
          path: '$.target.to',
          found: `${to} after ${from}`,
          expected: 'more than `from`: loads go up',
        };
  }
  if (!setup.exercise.bodyweight) {
    return {
      code: 'computation',
      path: '$.target.metric',
      found: 'assistMean of an exercise without the weight of the body',
      expected: 'start, end, peak or mean',
    };
  }
  return from > to
    ? undefined
    : {
        code: 'computation',
        path: '$.target.to',
        found: `${to} after ${from}`,
        expected: 'less than `from`: help goes down',
      };
}

function endsBare({ metric, to }: LadderTarget): boolean {
  return metric === 'assistMean' && to === 0;
}

function bareAt({ from }: LadderTarget): LadderSetup {
  return {
    key: BARE,
    value: 0,
    height: from,
    cost: 0,
    rounded: 0,
    reachIndex: -1,
    bands: [],
    routes: [],
  };
}

/** Set-ups of the same value, by height. */
interface Level {
  readonly height: number;
  readonly setups: readonly LadderSetup[];
}

/** @param setups from the lowest up */
function climb(setups: readonly LadderSetup[], step: number): LadderSetup[] {
  const levels = levelsOf(setups);
  const layers = sectionsOf(levels, step).flatMap(({ from, to }) =>
    layersOf(levels, from, to, step),
  );
  return leastChange(layers, step);
}

function levelsOf(setups: readonly LadderSetup[]): Level[] {
  const levels: { height: number; setups: LadderSetup[] }[] = [];
  for (const setup of setups) {
    const last = levels.at(-1);
    // The bare exercise is a rung of its own, whatever is as light.
    const same =
      last !== undefined && setup.key !== BARE && setup.height - last.height <= SAME_HEIGHT;
    if (same) last.setups.push(setup);
    else levels.push({ height: setup.height, setups: [setup] });
  }
  return levels;
}

/** Sections of the ladder without a gap: first and last level. */
function sectionsOf(levels: readonly Level[], step: number): { from: number; to: number }[] {
  const sections: { from: number; to: number }[] = [];
  levels.forEach(({ height }, at) => {
    const last = sections.at(-1);
    const before = levels[at - 1]?.height ?? -Infinity;
    if (last === undefined || height - before > step + SAME_HEIGHT)
      sections.push({ from: at, to: at });
    else last.to = at;
  });
  return sections;
}

/** A place in the ladder: the set-ups that can stand there, and whether a gap lies before it. */
interface Layer {
  readonly setups: readonly LadderSetup[];
  readonly afterGap: boolean;
}

/**
 * For each rung of a section, in as few as there can be, all levels that it can have: not higher
 * than rungs from below can have come, not lower than is needed to reach the end.
 */
function layersOf(levels: readonly Level[], from: number, to: number, step: number): Layer[] {
  const heightAt = (at: number): number => (levels[at] as Level).height;
  const reached = [from];
  for (let at = from; at < to; reached.push(at)) {
    const highest = heightAt(at) + step + SAME_HEIGHT;
    while (at < to && heightAt(at + 1) <= highest) at++;
  }
  const needed = [to];
  for (let at = to; needed.length < reached.length; needed.unshift(at)) {
    const lowest = heightAt(at) - step - SAME_HEIGHT;
    while (at > from && heightAt(at - 1) >= lowest) at--;
  }
  return reached.map((highest, r) => ({
    setups: levels.slice(needed[r], highest + 1).flatMap(({ setups }) => setups),
    afterGap: r === 0,
  }));
}

/** The way through the layers that changes least, then costs least, then has the least keys. */
function leastChange(layers: readonly Layer[], step: number): LadderSetup[] {
  interface Way {
    readonly change: number;
    readonly rounded: number;
    readonly next: number;
  }
  const ways: (Way | undefined)[][] = [];
  for (let l = layers.length - 1; l >= 0; l--) {
    const { setups } = layers[l] as Layer;
    const above = layers[l + 1];
    ways[l] = setups.map((setup): Way | undefined => {
      if (above === undefined) return { change: 0, rounded: setup.rounded, next: -1 };
      let best: Way | undefined;
      above.setups.forEach((next, n) => {
        const way = ways[l + 1]?.[n];
        const by = next.height - setup.height;
        if (way === undefined || by <= 0) return;
        if (!above.afterGap && by > step + SAME_HEIGHT) return;
        const change = way.change + changeBetween(setup, next);
        const rounded = way.rounded + setup.rounded;
        if (best !== undefined) {
          if (change > best.change || (change === best.change && rounded > best.rounded)) return;
          const tied = change === best.change && rounded === best.rounded;
          if (tied && next.key > (above.setups[best.next] as LadderSetup).key) return;
        }
        best = { change, rounded, next: n };
      });
      return best;
    });
  }
  const [first] = layers;
  if (first === undefined) return [];
  let at = -1;
  first.setups.forEach((setup, i) => {
    const way = ways[0]?.[i];
    if (way === undefined) return;
    const best = ways[0]?.[at];
    const isBetter =
      best === undefined ||
      way.change < best.change ||
      (way.change === best.change &&
        (way.rounded < best.rounded ||
          (way.rounded === best.rounded && setup.key < (first.setups[at] as LadderSetup).key)));
    if (isBetter) at = i;
  });
  return layers.map(({ setups }, l) => {
    const setup = setups[at] as LadderSetup;
    at = ways[l]?.[at]?.next ?? -1;
    return setup;
  });
}

/** How much there is to change from one set-up to the next. */
function changeBetween(a: LadderSetup, b: LadderSetup): number {
  const bare = a.key === BARE || b.key === BARE;
  let change = bare || a.reachIndex === b.reachIndex ? 0 : CHANGE.reach;
  for (let i = 0, j = 0; i < a.bands.length || j < b.bands.length;) {
    const [one = Infinity, other = Infinity] = [a.bands[i], b.bands[j]];
    if (one === other) {
      if (a.routes[i] !== b.routes[j]) change += CHANGE.route;
      i++;
      j++;
    } else {
      change += CHANGE.band;
      if (one < other) i++;
      else j++;
    }
  }
  return change;
}
