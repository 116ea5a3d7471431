import { fail, type Fault, type Result, succeed } from '../faults.js';
import { checkSearch } from './check-search.js';
import { countFeasible, MOST_SETS, setsToCount } from './count-feasible.js';
import { findBest } from './find-best.js';
import { layOptions } from './options.js';
import type { Found, Search } from './search.js';

/**
 * The best candidates for a target, exactly. A candidate is one value of the reach and one to
 * `maxBands` different bands, each on one route; it is feasible where no limit is passed and the
 * figure is above 0. Its cost:
 *
 *     error + 0.5·(bands − 1) + Σ handling + Σ bandCost + 2·max(0, peak stretch − 2)
 *     error = |ln(value/target)|/ln 1.05, of assistMean |value − target|/0.02
 *
 * Ordered by the cost to nine decimals, then fewer bands, then the key.
 *
 * @returns faults of names together, else the first of computation: a hand out of reach, help
 *   asked of an exercise without the body's weight, more to go through than anybody would wait for
 */
export function find(search: Search): Result<Found> {
  const faults = checkSearch(search);
  if (faults.length > 0) return fail(...faults);
  const { count = true, setup, target } = search;
  if (target.metric === 'assistMean' && !setup.exercise.bodyweight) {
    return fail({
      code: 'computation',
      path: '$.target.metric',
      found: 'assistMean of an exercise without the weight of the body',
      expected: 'start, end, peak or mean',
    });
  }
  const bands = [...setup.bands].sort((a, b) => (a.id < b.id ? -1 : 1));
  const options = layOptions(search, bands);
  if (!options.ok) return options;
  if (count && setsToCount(search, bands.length, options.value) > MOST_SETS) {
    return fail(tooMany('a count of'));
  }
  const top = findBest(search, bands, options.value);
  if (top === undefined) return fail(tooMany('a search among'));
  return succeed(count ? { feasible: countFeasible(search, bands, options.value), top } : { top });
}

function tooMany(what: string): Fault {
  return {
    code: 'computation',
    path: '$.limits.maxBands',
    found: `${what} more sets of bands than can be gone through`,
    expected: 'fewer bands at once, fewer bands, routes or values, or no count',
  };
}
