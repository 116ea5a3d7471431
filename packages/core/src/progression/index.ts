export { capabilityFrom, type Effort, isTrusted, loadFor } from './capability.js';
export { daysBetween } from './day.js';
export { decide } from './decide.js';
export {
  type Decision,
  DECISION_CODES,
  type DecisionCode,
  DEFAULT_BREAK_DAYS,
  DEFAULT_PAIN_LIMIT,
  type DoneSession,
  type DoneSet,
  type Form,
  FORMS,
  type LadderRung,
  type Prescription,
  type Reason,
  RED_FLAGS,
  type RedFlag,
  type Review,
  type School,
  SCHOOLS,
  type StopOnRecord,
} from './review.js';
export { TAPER_RANGES } from './schools/taper.js';
export {
  isInScope,
  isLiftedByTrainer,
  isStopPain,
  PAINFUL_ON_EASIEST,
  scopeOfStop,
  STOP_CAUSE_WORDS,
  STOP_CAUSES,
  STOP_PAIN,
  type StopCause,
  type StoppableWork,
  type StopScope,
} from './stops.js';
