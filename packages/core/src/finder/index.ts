export { find } from './find.js';
export {
  DEFAULT_TOP,
  type Found,
  type FoundCandidate,
  type Gap,
  type LadderSearch,
  type LadderTarget,
  type Metric,
  METRICS,
  type Reach,
  type Rungs,
  type Search,
  type SearchLimits,
  type SearchRoute,
  type SearchSpace,
  type Target,
} from './search.js';
export type { Proposal, ProposalRequest, Varied } from './proposal.js';
export { proposeSetups } from './propose.js';
export { layProposal } from './lay-proposal.js';
export { type Loosened, MOST_BANDS_FOUND, type PersonSearch, spaceFor } from './person-search.js';
export {
  bandCost,
  type FinderPreferences,
  routeHandling,
  type Stacking,
  STACKINGS,
  USUAL_PREFERENCES,
} from './preferences.js';
export { type LooseLimit, type NearestMiss, nearestMisses } from './nearest-miss.js';
export { errorOf } from './find-best.js';
