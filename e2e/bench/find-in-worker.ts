// Runs in the browser's worker: how long each reference search takes, the median of some runs, posted to the page.
import { find } from '@wiry-otter/core';
import { kit, REFERENCE_KIT, SEARCHES } from '../../apps/cli/bench/finder-cases.js';

const RUNS = 7;

const { postMessage } = globalThis as unknown as {
  postMessage: (this: void, times_ms: number[]) => void;
};
postMessage(
  Object.values(SEARCHES).map((searchIn) => {
    const search = { ...searchIn(kit(REFERENCE_KIT)), count: false };
    const times = Array.from({ length: RUNS }, () => {
      const began = performance.now();
      find(search);
      return performance.now() - began;
    }).sort((a, b) => a - b);
    return times[times.length >> 1] ?? NaN;
  }),
);
