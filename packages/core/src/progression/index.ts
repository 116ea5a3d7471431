export { DEFAULT_BREAK_DAYS } from './gates.js';
export { decide, decideByGates, isSchoolOffered } from './decide.js';
export {
  type Decision,
  DECISION_CODES,
  type DecisionCode,
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
  STOP_PAIN,
} from './review.js';
export { capabilityFrom, type Effort, isTrusted, loadFor } from './capability.js';
export { TAPER_RANGES } from './targets.js';
