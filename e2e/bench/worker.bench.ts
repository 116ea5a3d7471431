// Prepared solves of the statics in the browser's worker, beside the same in Node.
import { chromium } from '@playwright/test';
import { CHROMIUM } from '../browser.js';
import { bestPerSecond } from '../../apps/cli/bench/per-second.js';
import { CASES, prepareCase } from '../../apps/cli/bench/statics-cases.js';
import { bundled } from './bundle.js';

/** How often both are measured, in turns. */
const TURNS = 3;

const code = await bundled('solve-in-worker.ts');
const here = CASES.map(() => 0);
const there = CASES.map(() => 0);
const browser = await chromium.launch(CHROMIUM);
const page = await browser.newPage();
for (let turn = 0; turn < TURNS; turn++) {
  // One after the other: together they would share the machine's caches.
  keepBest(
    here,
    CASES.map((one) => bestPerSecond(prepareCase(one).solve)),
  );
  keepBest(there, await page.evaluate(runInWorker, code));
}
await browser.close();

console.log("prepared solves in the browser's worker, beside Node:");
CASES.forEach(({ title }, i) => {
  const rate = there[i] ?? NaN;
  const ratio = (here[i] ?? NaN) / rate;
  console.log(
    `  ${title.padEnd(12)} ${Math.round(rate).toLocaleString('en').padStart(9)} /s   ${ratio.toFixed(2)} × the time that Node takes (aim 1.5)`,
  );
});

/** In the page: what a worker of this code posts. */
function runInWorker(source: string): Promise<number[]> {
  const worker = new Worker(URL.createObjectURL(new Blob([source], { type: 'text/javascript' })));
  return new Promise((resolve, reject) => {
    worker.onmessage = ({ data }: MessageEvent<number[]>): void => resolve(data);
    worker.onerror = ({ message }): void => reject(new Error(message));
  });
}

function keepBest(best: number[], rates: readonly number[]): void {
  rates.forEach((rate, i) => (best[i] = Math.max(best[i] ?? 0, rate)));
}
