// Speed of the computation on one core: how often a second, the best of several short rounds, since
// neighbours on the machine only ever slow a round down.
import { CATALOGUE } from '@wiry-otter/catalogue';
import { completeSetupDocument, parseDocument } from '@wiry-otter/contracts';
import {
  type Band,
  calibrate,
  clearRuns,
  composeSetup,
  createRig,
  createSolutionBuffers,
  createSummary,
  layRun,
  nodeIndex,
  placePoint,
  prepareExercise,
  solutionSpread,
  rigSetup,
  solveRig,
  solveSetup,
  summarise,
} from '@wiry-otter/core';
import { bestPerSecond } from './per-second.js';

function say(what: string, rate: number, aim?: number): void {
  const ratio = aim === undefined ? '' : `   ${(rate / aim).toFixed(1)} × the aim of ${aim} /s`;
  console.log(`${what.padEnd(58)} ${Math.round(rate).toLocaleString('en').padStart(9)} /s${ratio}`);
}

const row = CATALOGUE.find(({ id }) => id === 'standing-row');
if (row === undefined) throw new Error('no standing row in the catalogue');
const body = { stature_m: 1.75, mass_kg: 72 };
const bands: Band[] = [10, 14, 20].map((c1_N, i) => ({
  id: `band-${i}`,
  kind: 'loop',
  flatLength_m: 1.04,
  law: { c1_N, c2_N: 0.8 * c1_N, c3_N: 0.01 * c1_N },
  loss: 0.1,
  limit: 2.5,
}));
const composed = composeSetup({
  exercise: row,
  body,
  anchor: { height_m: 1.2, distance_m: 1.9 },
  routes: row.routes?.slice(0, 1) ?? [],
  bands: bands.slice(0, 1),
});
const document = { format: 'wiry-otter.setup', version: 1, ...composed };

const prepared = prepareExercise(row, body);
if (!prepared.ok) throw new Error('the row cannot be prepared');
const rig = createRig(prepared.value, { points: ['anchor'] }, { runs: 3, pathNodes: 4 });
const buffers = createSolutionBuffers(rig);
const summary = createSummary();
const path = (row.routes?.[0]?.path ?? []).map((name) => nodeIndex(rig, name) ?? 0);
say(
  'row, 41 samples, prepared; band and anchor change each time',
  bestPerSecond((i) => {
    placePoint(rig, 0, 1.8 + 0.001 * (i % 300), 1.2, 0);
    clearRuns(rig);
    layRun(rig, bands[i % 3] as Band, { path });
    solveRig(rig, buffers);
    summarise(rig, buffers, summary);
  }),
  25_000,
);
say(
  'row, 41 samples, from the whole document, validated',
  bestPerSecond(() => {
    const parsed = parseDocument(completeSetupDocument, document);
    if (!parsed.ok || !solveSetup(parsed.value).ok) throw new Error('the row does not solve');
  }),
  8_000,
);
const fitted = calibrate({
  kind: 'loop',
  flatLength_m: 1.04,
  samples: [{ length_m: 2, force_N: 120 }],
});
const rigged = rigSetup(composed);
if (!rigged.ok || !fitted.ok) throw new Error('no spread');
const covariances = [fitted.value.covariance];
say(
  'row with the ± of every figure (what one frame of a drag costs)',
  bestPerSecond(() => void solutionSpread(rigged.value, covariances)),
);
const samples = [1.3, 1.56, 1.82, 2.08, 2.5].map((length_m, i) => ({
  length_m,
  force_N: [47, 74, 97, 116, 147][i] ?? 0,
}));
say(
  'calibrations from five pulls',
  bestPerSecond(() => void calibrate({ kind: 'loop', flatLength_m: 1.04, samples })),
);
