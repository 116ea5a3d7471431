// The reference searches in the browser's worker, beside Node, and how long the page stands still meanwhile.
import { chromium } from '@playwright/test';
import { find } from '@wiry-otter/core';
import { kit, REFERENCE_KIT, SEARCHES } from '../../apps/cli/bench/finder-cases.js';
import { CHROMIUM } from '../browser.js';
import { bundled } from './bundle.js';

const TURNS = 3;
const RUNS = 7;
const AIM = { ratio: 2.5, task_ms: 50 } as const;

interface Measured {
  readonly times_ms: readonly number[];
  /** Longest task on the page's own thread; 0 where none took as long as browsers tell of, 50 ms. */
  readonly longest_ms: number;
}

const code = await bundled('find-in-worker.ts');
const names = Object.keys(SEARCHES);
const here = names.map((): number[] => []);
const there = names.map((): number[] => []);
const longest: number[] = [];
const browser = await chromium.launch(CHROMIUM);
const page = await browser.newPage();
for (let turn = 0; turn < TURNS; turn++) {
  Object.values(SEARCHES).forEach((searchIn, i) => here[i]?.push(inNode(searchIn)));
  const { longest_ms, times_ms } = await page.evaluate(runInWorker, code);
  times_ms.forEach((time_ms, i) => there[i]?.push(time_ms));
  longest.push(longest_ms);
}
await browser.close();

console.log("the exact ten best of the reference size in the browser's worker, beside Node:");
names.forEach((name, i) => {
  const [node_ms, worker_ms] = [median(here[i] ?? []), median(there[i] ?? [])];
  console.log(
    `  ${name.padEnd(16)} ${worker_ms.toFixed(1)} ms beside ${node_ms.toFixed(1)} ms, ${(worker_ms / node_ms).toFixed(2)} × (aim ${AIM.ratio})`,
  );
});
console.log(
  `  longest task of the page meanwhile: ${longest.map((ms) => (ms === 0 ? 'under 50' : ms.toFixed(0))).join(', ')} ms (aim ${AIM.task_ms})`,
);

function inNode(searchIn: (typeof SEARCHES)[string]): number {
  const search = { ...searchIn(kit(REFERENCE_KIT)), count: false };
  return median(
    Array.from({ length: RUNS }, () => {
      const began = performance.now();
      find(search);
      return performance.now() - began;
    }),
  );
}

function median(times: readonly number[]): number {
  return times.toSorted((a, b) => a - b)[times.length >> 1] ?? NaN;
}

/** In the page: what a worker of this code posts, and the longest task on the page's own thread. */
function runInWorker(source: string): Promise<Measured> {
  let longest_ms = 0;
  const observer = new PerformanceObserver((list) => {
    for (const { duration } of list.getEntries()) longest_ms = Math.max(longest_ms, duration);
  });
  observer.observe({ type: 'longtask' });
  const worker = new Worker(URL.createObjectURL(new Blob([source], { type: 'text/javascript' })));
  return new Promise((resolve, reject) => {
    worker.onmessage = ({ data }: MessageEvent<number[]>): void => {
      observer.disconnect();
      resolve({ times_ms: data, longest_ms });
    };
    worker.onerror = ({ message }): void => reject(new Error(message));
  });
}
