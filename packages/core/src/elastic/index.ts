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
} from './band.js';
export {
  shorteningForce,
  SLACK_STRETCH,
  strandEnergyPerRestMetre,
  strandForce,
  strandShape,
  strandSlope,
} from './strand-law.js';
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
} from './calibration.js';
export { type Matrix3, quadraticForm, type Vector3 } from './bounded-least-squares.js';
export {
  RANGE_90,
  FINISHED_SPREAD,
  LEAST_MEASURED_STRETCH,
  worstSpread,
  type WorstSpread,
} from './worst-spread.js';
export {
  countedPulls,
  firstMeasurement,
  type KeptPull,
  lawOfBand,
  lawOfMeasurement,
  type MeasuredBand,
  type Measurement,
  standingMeasurement,
} from './measurements.js';
export { isMeasuringDone, nextStretch, nextWayBackStretch } from './next-length.js';
export { OUTLIER_DEVIATIONS, type Residual, residuals } from './outliers.js';
export {
  type ComparedBand,
  type ComparedPull,
  comparePulls,
  type EqualSum,
  equalSums,
} from './comparison.js';
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
} from './rigging.js';
