// A skill's page: every place where a band hangs, with every band of a kit, recomputed.
import { findExercise } from '@wiry-otter/catalogue';
import { createRigger, type FittedBand, hangBands } from '@wiry-otter/core';

const PLACES = ['hung-sole', 'hung-shin', 'hung-knee', 'both-knees', 'across-hands', 'hung-hips'];
const BANDS = 12;
const AIM_MS = 4;
const ROUNDS = 101;
/** The compiler has seen enough of the work by then. */
const WARM_UP = 150;

const exercise = findExercise('pull-up');
if (exercise === undefined) throw new Error('no pull-up in the catalogue');
const routes = PLACES.flatMap((id) => exercise.routes?.find((route) => route.id === id) ?? []);
const kit = kitOf(BANDS);
const rig = createRigger();

const times = Array.from({ length: WARM_UP + ROUNDS }, (_, round) => recompute(1.6 + round / 1000));
const first_ms = times[0] ?? NaN;
const warm = times.slice(WARM_UP).sort((a, b) => a - b);
const median_ms = warm[Math.floor(ROUNDS / 2)] ?? NaN;
console.log(
  `a skill's page, ${routes.length} places × ${BANDS} bands × 41 samples, for another stature each time: ${median_ms.toFixed(1)} ms, the median of ${ROUNDS} (${(median_ms / AIM_MS).toFixed(2)} of the aim of ${AIM_MS} ms); the first of all ${first_ms.toFixed(0)} ms`,
);

/** Milliseconds for the whole page, the exercise prepared anew. */
function recompute(stature_m: number): number {
  if (exercise === undefined) return NaN;
  const start = performance.now();
  const body = { stature_m, mass_kg: 68 };
  const anchor = { height_m: 1.32 * stature_m, distance_m: 0, girth_m: 0.1 };
  for (const route of routes) {
    for (const band of kit) {
      const hung = hangBands({ exercise, body, anchor, routes, bands: [] }, [route], [band], rig);
      if (!hung.ok) throw new Error(JSON.stringify(hung.faults));
    }
  }
  return performance.now() - start;
}

/** Loops from slim to stout. */
function kitOf(count: number): FittedBand[] {
  return Array.from({ length: count }, (_, i) => ({
    id: `band-${i}`,
    kind: 'loop',
    flatLength_m: 1.04,
    law: { c1_N: 8 + 5 * i, c2_N: 6 + 4 * i, c3_N: 0.1 },
  }));
}
