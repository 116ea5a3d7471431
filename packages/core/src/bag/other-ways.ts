import { errorOf } from '../finder/find-best.js';
import type { Proposal, ProposalRequest } from '../finder/proposal.js';
import { proposeSetups } from '../finder/propose.js';
import type { AnchoredExercise } from '../rig/anchor-points.js';

/** Other ways of a set-up that are weighed, each of so many bands, at most. */
const OTHER_WAYS = 2;
const OTHER_BANDS = 2;
/** Other ways lie within this error: 5 % of a load, or two hundredths of what help is needed. */
const NEAR = 1;

/**
 * What asks the same as a set-up with other bands, the best first: up to two, each of at most two
 * bands and within 5 % of the load; none where the exercise cannot be searched.
 *
 * @param request what is looked for, with the set-up's own mean as target
 * @param ownIds the bands of the set-up as it is saved
 */
export function otherWays<Ex extends AnchoredExercise>(
  request: ProposalRequest<Ex>,
  ownIds: readonly string[],
): Proposal[] {
  const limits = { ...request.limits, maxBands: OTHER_BANDS };
  // One more, since the set-up itself may be among them.
  const found = proposeSetups({ ...request, limits }, OTHER_WAYS + 1);
  const own = ownIds.toSorted().join();
  return (found.ok ? found.value : [])
    .filter(({ value }) => errorOf(request.target, value) <= NEAR)
    .filter(({ bandIds }) => bandIds.toSorted().join() !== own)
    .slice(0, OTHER_WAYS);
}
