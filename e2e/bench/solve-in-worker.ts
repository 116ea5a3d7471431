// Runs in the browser's worker: how often a second each case is solved, posted to the page.
import { bestPerSecond } from '../../apps/cli/bench/per-second.js';
import { CASES, prepareCase } from '../../apps/cli/bench/statics-cases.js';

const { postMessage } = globalThis as unknown as {
  postMessage: (this: void, rates: number[]) => void;
};
postMessage(CASES.map((one) => bestPerSecond(prepareCase(one).solve)));
