export { SOFT_SHARE, softening, type Softening } from './softening.js';
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
} from './inspection.js';
export { bandToday, type TodaysFacts } from './band-today.js';
export { bestCopyState, copyAfter } from './copy-state.js';
export { copiesAtHand, kitFor, type KitOwner } from './kit.js';
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
} from './known-band.js';
export { wornBands } from './cycles.js';
