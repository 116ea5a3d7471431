export {
  encodeWeightMeasurement,
  parseWeightMeasurement,
  type TimeStamp,
  WEIGHT_MEASUREMENT,
  WEIGHT_SCALE_SERVICE,
  type WeightMeasurement,
} from './weight-measurement.js';
export { type ScaleLine, formatScaleLine, LineAssembler, parseScaleLine } from './scale-line.js';
export { type GaugeValue, type Plateau, PlateauFinder } from './plateau.js';
export { GREATEST_TARE_N, Tare, type Zeroing } from './tare.js';
