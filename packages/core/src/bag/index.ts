export { packBag, type Packing, type SetupToPack } from './pack-bag.js';
export { otherWays } from './other-ways.js';
