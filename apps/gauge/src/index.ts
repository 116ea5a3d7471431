export { type Bridge, type BridgeOptions, openBridge } from './bridge.js';
export { bandInHand, type DescribedBand } from './held-band.js';
export { seededRandom, seedOf } from './random.js';
export { type HeldBand, SimulatedHand } from './simulated-hand.js';
export { type ScaleReading, SimulatedScale } from './simulated-scale.js';
