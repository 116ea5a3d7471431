export { findLadder } from './find-ladder.js';
export {
  type LadderRequest,
  type ProposedLadder,
  type ProposedRung,
  proposeLadder,
} from './propose-ladder.js';
export { gapsBetween } from './gaps.js';
export { inOrder, rungOfBefore, withLocked } from './rungs-by-hand.js';
export {
  type LadderBasis,
  type LadderChange,
  ladderChanges,
  ladderChangeWords,
} from './ladder-changes.js';
export { ladderBasis, ladderSpaceFor } from './person-ladder.js';
