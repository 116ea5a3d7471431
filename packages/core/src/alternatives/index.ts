export { equalCable, equalDumbbell, type EqualWeight, pullsLevel } from './equal-weight.js';
export {
  type KnownLaws,
  knownLaws,
  remeasured,
  type Remeasured,
  withKnownLaws,
} from './remeasured.js';
export { type Nudge, type Nudged, type NudgeRange, nudgesOf } from './nudges.js';
