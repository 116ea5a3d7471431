export {
  type BandToBuy,
  bandsToTry,
  bandToBuy,
  type Purchase,
  type Purchases,
  usualBand,
} from './band-to-buy.js';
