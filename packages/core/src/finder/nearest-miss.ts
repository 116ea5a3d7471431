import { type Result, succeed } from '../faults.js';
import type { AnchoredExercise } from '../rig/anchor-points.js';
import { errorOf } from './find-best.js';
import type { Proposal, ProposalRequest } from './proposal.js';
import { proposeSetups } from './propose.js';

/** A limit that can be loosened. */
export type LooseLimit = 'maxBands' | 'anchor_N' | 'mount_N' | 'slack' | 'distance';

/** What comes nearest with one limit loosened. */
export interface NearestMiss {
  readonly limit: LooseLimit;
  readonly proposal: Proposal;
}

/** How far a person could stand from an anchor in a room without walls, m. */
const FARTHEST_M = 4;
/** Nothing is gained by less than this share of a step of cost. */
const NOTHING = 1e-6;

/**
 * For each limit that binds, what would come nearest with one band more, with the anchor's or the
 * mounting limit taken away, with a band slack at the start, or with more room: only what comes
 * nearer than all that the limits allow.
 *
 * @param best the error of the best within all limits; Infinity where there is none
 */
export function nearestMisses<Ex extends AnchoredExercise>(
  request: ProposalRequest<Ex>,
  best: number,
): Result<NearestMiss[]> {
  const misses: NearestMiss[] = [];
  for (const [limit, loosened] of loosenings(request)) {
    // Only how near it comes is asked: what is easy to handle is of no account.
    const found = proposeSetups({ ...loosened, bandCost: {}, handling: {} }, 1);
    if (!found.ok) return found;
    const [proposal] = found.value;
    if (proposal === undefined) continue;
    if (errorOf(request.target, proposal.value) < best - NOTHING) misses.push({ limit, proposal });
  }
  return succeed(misses);
}

function* loosenings<Ex extends AnchoredExercise>(
  request: ProposalRequest<Ex>,
): Generator<[LooseLimit, ProposalRequest<Ex>]> {
  const { limits, present } = request;
  const withLimits = (part: Partial<typeof limits>): ProposalRequest<Ex> => ({
    ...request,
    limits: { ...limits, ...part },
  });
  yield ['maxBands', withLimits({ maxBands: limits.maxBands + 1 })];
  if (limits.anchor_N !== undefined) yield ['anchor_N', withLimits({ anchor_N: undefined })];
  if (limits.mount_N !== undefined) yield ['mount_N', withLimits({ mount_N: undefined })];
  if (!(limits.slack ?? present.exercise.bodyweight)) yield ['slack', withLimits({ slack: true })];
  if (request.distance.most < FARTHEST_M) {
    yield ['distance', { ...request, distance: { ...request.distance, most: FARTHEST_M } }];
  }
}
