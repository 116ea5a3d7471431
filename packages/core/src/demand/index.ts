export { type PreparationOptions, prepareExercise, rootPlace } from './prepare.js';
export { askedDemand, type PreparedDemand, type PreparedExercise } from './prepared.js';
export { createSolutionBuffers, type SolutionBuffers } from './solution-buffers.js';
export { solveRig } from './solve-rig.js';
export {
  askedOf,
  createRigger,
  type Rigger,
  rigSetup,
  type RunSolution,
  type Solution,
  solveSetup,
  type SolvedRig,
} from './solve-setup.js';
export { strengthAt } from './strength.js';
export { createSummary, summarise, type Summary } from './summary.js';
export {
  type Accuracy,
  BY_EYE,
  BY_MARKS,
  solutionSpread,
  type Spread,
  SPREAD_PARTS,
  type SpreadPart,
  stretchesOfPath,
} from './spread.js';
export { differenceStd, type MeanSensitivity, meanSensitivity } from './difference-spread.js';
export { type DrawnTogether, drawnTogether } from './drawn-together.js';
export {
  DEMAND_KINDS,
  unsuitedDemand,
  type UnsuitedDemand,
  type DemandSetting,
} from './kinds/demand-kinds.js';
export { movedWeight } from './moved-weight.js';
export { centreOfMass } from './centre-of-mass.js';
