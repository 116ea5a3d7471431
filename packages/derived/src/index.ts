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
export { SESSIONS_LOOKED_THROUGH } from './sessions/done-sessions.js';
export { type ReviewFacts, reviewSession, type SessionReview } from './sessions/review-session.js';
export { type ClimbedLadder, setupOfSession } from './sessions/rungs-reviewed.js';
export {
  isStanding,
  liftedByClearance,
  liftedByTrainer,
  lookedAt,
  mayBeLifted,
  raisedStop,
  type StopFacts,
  type StoppedSession,
  stopOfNextMorning,
  stopOfReview,
  stopOfSet,
  stopOfUnknownFlag,
  stopsOn,
  takenBackBy,
} from './stops/stops.js';
export {
  acceptedAsIs,
  isReopened,
  prescriptionAfter,
  prescriptionHeld,
  reopened,
} from './sessions/settled.js';
