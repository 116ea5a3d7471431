import { createRigger, type Rigger } from '../demand/solve-setup.js';
import { type Result, succeed } from '../faults.js';
import type { AnchoredExercise } from '../rig/anchor-points.js';
import { withCopies } from '../rig/band-copies.js';
import { routeFor } from '../rig/compose.js';
import { errorOf } from './find-best.js';
import { find } from './find.js';
import type { Proposal, ProposalRequest } from './proposal.js';
import { coarseValues, searchOn } from './proposal-search.js';
import { type Way, waysOf } from './ways.js';
import { refined } from './refine-proposal.js';
import type { FoundCandidate } from './search.js';

/** So many of a way's best are looked through for different stacks; then so many more. */
const LOOKED_THROUGH = [400, 4000] as const;
/** Where only a few stacks are told it begins with so many of the best for each of them. */
const LOOKED_THROUGH_FOR_EACH = 15;
/** Fewer stacks than this among the best, and more are looked through. */
const FEW_STACKS = 10;

/**
 * Set-ups for a wanted figure, the best first: of each stack of bands on each way of laying them
 * the one value of distance, stance or grip that comes nearest, to the centimetre. Bands of both
 * forms go together where standing somewhere else changes both.
 *
 * @param most how many are told
 * @param tell told the share of the work that is done, as it goes on
 * @returns the first fault where the exercise cannot be searched
 */
export function proposeSetups<Ex extends AnchoredExercise>(
  request: ProposalRequest<Ex>,
  most: number,
  tell: (share: number) => void = () => undefined,
): Result<Proposal[]> {
  const rig = createRigger();
  const proposals: Proposal[] = [];
  const ways = waysOf(request);
  for (const [w, way] of ways.entries()) {
    tell(w / ways.length);
    const worst = proposals[most - 1]?.cost ?? Infinity;
    const found = proposalsOn(request, way, most, worst, rig);
    if (!found.ok) return found;
    proposals.push(...found.value);
    proposals.sort((a, b) => a.cost - b.cost);
  }
  return succeed(proposals.slice(0, most));
}

/**
 * The best of each stack of bands on a way: no way can have more of the best than are told in all.
 *
 * @param worst what costs more than this is not among the best
 */
function proposalsOn<Ex extends AnchoredExercise>(
  request: ProposalRequest<Ex>,
  way: Way,
  most: number,
  worst: number,
  rig: Rigger,
): Result<Proposal[]> {
  const kit = request.kit.filter((band) =>
    way.routes.some((route) => routeFor([route], band) !== undefined),
  );
  const search = { ...searchOn(request, way, kit), target: request.target };
  const few = LOOKED_THROUGH_FOR_EACH * most;
  for (const top of few < LOOKED_THROUGH[0] ? [few, ...LOOKED_THROUGH] : LOOKED_THROUGH) {
    const found = find({ ...search, top });
    if (!found.ok) return found;
    const stacks = new Map<string, FoundCandidate[]>();
    for (const candidate of found.value.top) {
      const laid = laidIn(candidate.key);
      stacks.set(laid, [...(stacks.get(laid) ?? []), candidate]);
    }
    const proposals: Proposal[] = [];
    let passedOver = 0;
    for (const candidates of stacks.values()) {
      // To the centimetre a stack can come as near as one likes, but costs what else it costs.
      const [{ cost, value }] = candidates as [FoundCandidate];
      if (cost - errorOf(request.target, value) > worst) {
        passedOver++;
        continue;
      }
      const proposal = bestOfStack(request, way, candidates, rig);
      if (proposal !== undefined) proposals.push(proposal);
      if (proposals.length === most) break;
    }
    const isAll = found.value.top.length < top;
    if (
      proposals.length + passedOver >= Math.min(FEW_STACKS, most) ||
      isAll ||
      top === LOOKED_THROUGH.at(-1)
    ) {
      return succeed(proposals);
    }
  }
  return succeed([]);
}

/** What stands in a candidate's key after the value of the reach. */
function laidIn(key: string): string {
  return key.slice(key.indexOf('|') + 1);
}

/**
 * The best candidate of a stack that holds all through the movement, to the centimetre; undefined
 * where none does, or where the bands are all of one form on a way for both.
 */
function bestOfStack<Ex extends AnchoredExercise>(
  request: ProposalRequest<Ex>,
  way: Way,
  candidates: readonly FoundCandidate[],
  rig: Rigger,
): Proposal | undefined {
  const [{ key: firstKey }] = candidates as readonly [FoundCandidate];
  const ids = laidIn(firstKey)
    .split(',')
    .map((one) => one.split(':')[0] as string);
  const bandIds = withCopies(request.present.exercise, ids);
  const bands = bandIds.flatMap((id) => request.kit.find((band) => band.id === id) ?? []);
  // One form alone has a way of its own.
  const isOnBoth = way.routes.every((route) =>
    bands.some((band) => routeFor([route], band) !== undefined),
  );
  if (!isOnBoth) return undefined;
  const coarse_m = coarseValues(request, way);
  for (const { cost, key, value } of candidates) {
    const nearest = refined(request, way, bands, coarse_m[Number(key.split('|')[0])], rig);
    if (nearest === undefined) continue;
    const off = errorOf(request.target, nearest.value) - errorOf(request.target, value);
    return { routeIds: way.routes.map(({ id }) => id), bandIds, ...nearest, cost: cost + off };
  }
  return undefined;
}
