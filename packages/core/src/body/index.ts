export { DEMAND_COURSES, PLANES, STRENGTH_SHAPES } from './exercise.js';
export type {
  Demand,
  DemandCourse,
  Exercise,
  LimbSegment,
  Pair,
  Plane,
  Pose,
  SegmentPlace,
  StrengthShape,
  Triple,
} from './exercise.js';
export { type Body, CHAIN, type Joint, JOINTS, type Segment, SEGMENTS } from './segments.js';
export { BUILT_IN_CONTACTS, type ContactField, contactNames, DEFAULT_WIDTHS } from './contacts.js';
export { isHold } from './holds.js';
export { MUSCLE_GROUPS, type MuscleGroup } from './muscle-groups.js';
export { layLeftLimbs } from './other-side.js';
export { ARM_REACH, type ArmDirections, solveArm } from './two-link-arm.js';
export { type PhaseRange, WHOLE_REP } from './motion.js';
export { jointAngles, RANGED_JOINTS, type RangedJoint } from './joint-angles.js';
