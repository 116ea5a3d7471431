export {
  type AnchoredSetup,
  type AnchorFacts,
  type BandFacts,
  type Caution,
  CAUTION_LEVELS,
  type CautionContext,
  type CautionLevel,
  type Condition,
  CONDITIONS,
  type Cure,
  DOOR_SIDES,
  DOOR_SWINGS,
  type DoorFit,
  type DoorSide,
  type DoorSwing,
  type Goal,
  GOALS,
  type JointRange,
  type PersonFacts,
  type WorkFacts,
} from './caution.js';
export {
  type Allowed,
  type Clearance,
  type ClearanceLimits,
  clearancesBefore,
  clearanceWords,
  clinicianWords,
  CONDITION_WORDS,
  DEFERENCE,
  isCleared,
  needsClearance,
  REHAB_STAGES,
  type RehabStage,
  stageOf,
} from './clearance.js';
export { groupWords, STAGE_WORDS } from './clearance-limit.js';
export { assessSetup, type Assessment, type SetupFacts } from './assess-setup.js';
export { CAUTION_RULES, findCautions } from './rules.js';
export { greatestAnchorPull } from './anchor.js';
export { ADULT_ENOUGH_YEARS, yearsBetween } from './person.js';
export { SLOW_LOWERING_NOTE } from './movement.js';
export { greatestTip } from './balance.js';
export { leastDistance } from './room.js';
export { HIGH_STRETCH } from './stretch.js';
export { hasLatex } from './band.js';
export { FACE_CLEARANCE_M, headClearance } from './face.js';
export { mountingPulls, pullAtStart } from './help.js';
