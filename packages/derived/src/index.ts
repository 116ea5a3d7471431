export { type Derivation, derived, type RefusalCode, refused } from './derivation.js';
export { type Deriver, DERIVER_IN_PLACE } from './deriver.js';
export { derivedId } from './ids.js';
export { dayInZone } from './day.js';
export {
  assess,
  type AssessedSetup,
  type AssessmentFacts,
  isReady,
  NOTHING_SEEN,
  type SeenFacts,
  storedCaution,
} from './setups/assess.js';
export {
  NOTHING_SAID_YET,
  type PersonFields,
  personFields,
  weighed,
  writePerson,
} from './people/write-person.js';
export { safeRungs } from './ladders/safe-rungs.js';
export { type Move, movesTo } from './ladders/moves.js';
export { assessedRungs, type RungFacts } from './ladders/rungs.js';
export {
  type LadderFacts,
  ladderOfToday,
  type LadderToday,
  type RemadeLadder,
} from './ladders/ladder-of-today.js';
export {
  type ClimbedLadder,
  type ReviewFacts,
  reviewSession,
  SESSIONS_LOOKED_THROUGH,
  type SessionReview,
  setupOfSession,
} from './sessions/review-session.js';
export { acceptedAsIs, prescriptionAfter } from './sessions/settled.js';
