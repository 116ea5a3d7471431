export { checkNames } from './check-names.js';
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
} from './rig.js';
export { DEFAULT_SAMPLES, type Load, type Run, type Setup } from './setup.js';
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
} from './anchor-points.js';
export {
  bandOfCopy,
  bandsLaid,
  copiesTaken,
  copyOfId,
  idsOfCopies,
  withCopies,
} from './band-copies.js';
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
} from './compose.js';
export { linkingOf, loopsOf } from './link-bands.js';
export { recompose, type Surroundings } from './recompose.js';
export { bandNames, LONGEST_TITLE, setupTitle } from './setup-title.js';
export {
  type DistanceMark,
  distanceMarks,
  type MarkedSetup,
  routesLaid,
  routesOfRuns,
  type SetupMarks,
  setupMarks,
  slippedLength,
} from './marks.js';
