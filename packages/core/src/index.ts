export { MODEL } from './model.js';
export { type Fault, type FaultCode, fail, type Result, succeed } from './faults.js';
export {
  FORCE_UNITS,
  type ForceUnit,
  fromNewtons,
  FORCE_WORDS,
  forceFigure,
  INCH_M,
  KILOGRAM_FORCE_N,
  POUND_FORCE_N,
  STANDARD_GRAVITY_M_S2,
  toNewtons,
  writeDay,
  writeForce,
} from './units/units.js';
export {
  type Band,
  BAND_KINDS,
  type BandKind,
  DEFAULT_LOSS,
  DEFAULT_STRETCH_LIMIT,
  GREATEST_LOSS,
  GREATEST_STRETCH_LIMIT,
  isContinuous,
  materialLength,
  naturalStrands,
  type StrandLaw,
} from './elastic/band.js';
export {
  shorteningForce,
  SLACK_STRETCH,
  strandEnergyPerRestMetre,
  strandForce,
  strandShape,
  strandSlope,
} from './elastic/strand-law.js';
export {
  type BandSamples,
  calibrate,
  type Calibration,
  type Grade,
  GRADES,
  type LabelClaim,
  predictStrand,
  PULL_DIRECTIONS,
  type PullDirection,
  type PullSample,
  type StrandReading,
  toStrandReading,
} from './elastic/calibration.js';
export { type Matrix3, quadraticForm, type Vector3 } from './elastic/bounded-least-squares.js';
export {
  RANGE_90,
  FINISHED_SPREAD,
  LEAST_MEASURED_STRETCH,
  worstSpread,
  type WorstSpread,
} from './elastic/worst-spread.js';
export {
  countedPulls,
  firstMeasurement,
  type KeptPull,
  lawOfBand,
  lawOfMeasurement,
  type MeasuredBand,
  type Measurement,
  standingMeasurement,
} from './elastic/measurements.js';
export { isMeasuringDone, nextStretch, nextWayBackStretch } from './elastic/next-length.js';
export { OUTLIER_DEVIATIONS, type Residual, residuals } from './elastic/outliers.js';
export {
  type ComparedBand,
  type ComparedPull,
  comparePulls,
  type EqualSum,
  equalSums,
} from './elastic/comparison.js';
export {
  riggedForGauge,
  type Rigged,
  type RiggedBand,
  riggedLength,
  type Rigging,
  RIGGINGS,
  STANDING_ERROR_N,
  weighedPull,
  type Weighing,
} from './elastic/rigging.js';
export { SOFT_SHARE, softening, type Softening } from './care/softening.js';
export {
  DEFAULT_INSPECTION_RULE,
  type Finding,
  FINDINGS,
  INSPECTION_POINTS,
  type InspectedBand,
  INSPECTION_STRETCH,
  inspectionDue,
  type InspectionDue,
  type InspectionPoint,
  inspectionPoints,
  inspectionResult,
  type InspectionResult,
  type InspectionRule,
  type Material,
  MATERIALS,
  WEAR_STRETCH,
} from './care/inspection.js';
export { bandToday, type TodaysFacts } from './care/band-today.js';
export { bestCopyState, copyAfter } from './care/copy-state.js';
export { copiesAtHand, kitFor, type KitOwner } from './care/kit.js';
export {
  type BandHolder,
  canBeUsed,
  copiesInUse,
  factsOfLaid,
  fittedBand,
  GLANCE_STRETCH,
  knowBand,
  knowBands,
  type KnownBand,
  naturalPull,
  type RecordedBand,
} from './care/known-band.js';
export { wornBands } from './care/cycles.js';
export {
  encodeWeightMeasurement,
  parseWeightMeasurement,
  type TimeStamp,
  WEIGHT_MEASUREMENT,
  WEIGHT_SCALE_SERVICE,
  type WeightMeasurement,
} from './gauge/weight-measurement.js';
export {
  type ScaleLine,
  formatScaleLine,
  LineAssembler,
  parseScaleLine,
} from './gauge/scale-line.js';
export { type GaugeValue, type Plateau, PlateauFinder } from './gauge/plateau.js';
export { GREATEST_TARE_N, Tare, type Zeroing } from './gauge/tare.js';
export {
  drawLabel,
  drawVirtualBand,
  noisyPull,
  normal,
  type Random,
  truePull,
  type VirtualBand,
} from './simulation/virtual-band.js';
export { DEMAND_COURSES, PLANES, STRENGTH_SHAPES } from './body/exercise.js';
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
} from './body/exercise.js';
export { type Body, CHAIN, type Joint, JOINTS, type Segment, SEGMENTS } from './body/segments.js';
export {
  BUILT_IN_CONTACTS,
  type ContactField,
  contactNames,
  DEFAULT_WIDTHS,
} from './body/contacts.js';
export { isHold } from './body/holds.js';
export { MUSCLE_GROUPS, type MuscleGroup } from './body/muscle-groups.js';
export { layLeftLimbs } from './body/other-side.js';
export { ARM_REACH, type ArmDirections, solveArm } from './body/two-link-arm.js';
export { checkNames } from './rig/check-names.js';
export {
  clearRuns,
  createRig,
  firstLink,
  guessLink,
  type Lay,
  layRun,
  nodeIndex,
  placePoint,
  type Rig,
  type RigCapacity,
  type RigNames,
} from './rig/rig.js';
export { DEFAULT_SAMPLES, type Load, type Run, type Setup } from './rig/setup.js';
export { type PreparationOptions, prepareExercise, rootPlace } from './demand/prepare.js';
export { askedDemand, type PreparedDemand, type PreparedExercise } from './demand/prepared.js';
export { createSolutionBuffers, type SolutionBuffers } from './demand/solution-buffers.js';
export { solveRig } from './demand/solve-rig.js';
export {
  askedOf,
  createRigger,
  type Rigger,
  rigSetup,
  type RunSolution,
  type Solution,
  solveSetup,
  type SolvedRig,
} from './demand/solve-setup.js';
export { strengthAt } from './demand/strength.js';
export { createSummary, summarise, type Summary } from './demand/summary.js';
export {
  type Accuracy,
  BY_EYE,
  BY_MARKS,
  solutionSpread,
  type Spread,
  SPREAD_PARTS,
  type SpreadPart,
  stretchesOfPath,
} from './demand/spread.js';
export { type DrawnTogether, drawnTogether } from './demand/drawn-together.js';
export {
  DEMAND_KINDS,
  unsuitedDemand,
  type UnsuitedDemand,
  type DemandSetting,
} from './demand/kinds/demand-kinds.js';
export { type PhaseRange, WHOLE_REP } from './body/motion.js';
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
  type PersonFacts,
  type WorkFacts,
} from './safety/caution.js';
export {
  type Allowed,
  type Clearance,
  type ClearanceLimits,
  clearanceWords,
  DEFERENCE,
  needsClearance,
  REHAB_STAGES,
  type RehabStage,
  stageOf,
} from './safety/clearance.js';
export { jointAngles, RANGED_JOINTS, type RangedJoint } from './body/joint-angles.js';
export { assessSetup, type Assessment, type SetupFacts } from './safety/assess-setup.js';
export { CAUTION_RULES, findCautions } from './safety/rules.js';
export { greatestAnchorPull } from './safety/anchor.js';
export { SLOW_LOWERING_NOTE } from './safety/movement.js';
export { greatestTip } from './safety/balance.js';
export { leastDistance } from './safety/room.js';
export { HIGH_STRETCH } from './safety/stretch.js';
export { hasLatex } from './safety/band.js';
export { FACE_CLEARANCE_M, headClearance } from './safety/face.js';
export {
  equalCable,
  equalDumbbell,
  type EqualWeight,
  pullsLevel,
} from './alternatives/equal-weight.js';
export { type KnownLaws, remeasured, type Remeasured } from './alternatives/remeasured.js';
export { type Nudge, type Nudged, type NudgeRange, nudgesOf } from './alternatives/nudges.js';
export { decide, decideByGates, isSchoolOffered } from './progression/decide.js';
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
} from './progression/review.js';
export {
  ANCHOR_KINDS,
  ANCHOR_SIDES,
  type Posture,
  POSTURES,
  type AnchoredExercise,
  type AnchorKind,
  type AnchorPlace,
  anchorPlaceOf,
  anchorPoints,
  type AnchorSide,
  type ExerciseAnchor,
  rootOnAnchor,
  STANDING_RANGE,
  towardsAnchor,
} from './rig/anchor-points.js';
export {
  bandOfCopy,
  bandsLaid,
  copiesTaken,
  copyOfId,
  idsOfCopies,
  withCopies,
} from './rig/band-copies.js';
export {
  type ComposedSetup,
  type Composition,
  composeSetup,
  otherSide,
  type FittedBand,
  type Route,
  ROUTE_FORMS,
  type RoutedExercise,
  type RouteForm,
  routeFor,
} from './rig/compose.js';
export { linkingOf, loopsOf } from './rig/link-bands.js';
export { recompose, type Surroundings } from './rig/recompose.js';
export { bandNames, LONGEST_TITLE, setupTitle } from './rig/setup-title.js';
export {
  type DistanceMark,
  distanceMarks,
  type MarkedSetup,
  routesLaid,
  routesOfRuns,
  type SetupMarks,
  setupMarks,
  slippedLength,
} from './rig/marks.js';

export { find } from './finder/find.js';
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
} from './finder/search.js';
export { findLadder } from './ladder/find-ladder.js';
export {
  planDropSet,
  type DropSet,
  type DropSetPart,
  type DropSetSpace,
  type PlannedPart,
  type DropSetWish,
} from './drop-set/plan-drop-set.js';
export {
  type LadderRequest,
  type ProposedLadder,
  type ProposedRung,
  proposeLadder,
} from './ladder/propose-ladder.js';
export { gapsBetween } from './ladder/gaps.js';
export { inOrder, rungOfBefore, withLocked } from './ladder/rungs-by-hand.js';
export {
  type LadderBasis,
  type LadderChange,
  ladderChanges,
  ladderChangeWords,
} from './ladder/ladder-changes.js';
export {
  type BandToBuy,
  bandsToTry,
  bandToBuy,
  type Purchase,
  type Purchases,
  usualBand,
} from './purchase/band-to-buy.js';
export { mountingPulls, pullAtStart } from './safety/help.js';
export { packBag, type Packing, type SetupToPack } from './bag/pack-bag.js';
export { otherWays } from './bag/other-ways.js';
export type { Proposal, ProposalRequest, Varied } from './finder/proposal.js';
export { proposeSetups } from './finder/propose.js';
export { layProposal } from './finder/lay-proposal.js';
export {
  type Loosened,
  MOST_BANDS_FOUND,
  type PersonSearch,
  spaceFor,
} from './finder/person-search.js';
export {
  type HangPlace,
  type Skill,
  SKILL_WORKS,
  type SkillLevel,
  type SkillWork,
} from './skill/skill.js';
export { type LevelDemand, levelsByDemand } from './skill/levels.js';
export { type Help, type HelpAt, helpOver } from './skill/help.js';
export { hangBands, type HungBands } from './skill/compare-hangs.js';
export { momentAtHip, type MomentAtHip } from './skill/middle-of-body.js';
export { MOST_TURNS, type Slackness, slacknessOf, type TautWay } from './skill/tauten.js';
export {
  type FirstHelp,
  firstHelp,
  type HelpPoint,
  type ShownEffort,
  UNKNOWN_START,
} from './skill/first-help.js';
export { sagged } from './skill/variations.js';
export { heightsOf, phaseAtHeight } from './skill/target-height.js';
export { centreOfMass } from './demand/centre-of-mass.js';
export { capabilityFrom, type Effort, isTrusted, loadFor } from './progression/capability.js';
export { TAPER_RANGES } from './progression/targets.js';
export { ladderBasis, ladderSpaceFor } from './ladder/person-ladder.js';
export {
  bandCost,
  type FinderPreferences,
  routeHandling,
  type Stacking,
  STACKINGS,
  USUAL_PREFERENCES,
} from './finder/preferences.js';
export { type LooseLimit, type NearestMiss, nearestMisses } from './finder/nearest-miss.js';
export { errorOf } from './finder/find-best.js';
