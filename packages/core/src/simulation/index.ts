export {
  drawLabel,
  drawVirtualBand,
  noisyPull,
  normal,
  type Random,
  truePull,
  type VirtualBand,
} from './virtual-band.js';
