export { equalCable, equalDumbbell, type EqualWeight, pullsLevel } from './equal-weight.js';
export { type KnownLaws, remeasured, type Remeasured } from './remeasured.js';
export { type Nudge, type Nudged, type NudgeRange, nudgesOf } from './nudges.js';
