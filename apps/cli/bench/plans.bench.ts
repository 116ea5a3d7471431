// The bag and what to buy at their reference sizes, and what all searches keep in memory.
import { findExercise } from '@wiry-otter/catalogue';
import {
  type AnchoredExercise,
  type Band,
  bandToBuy,
  find,
  findLadder,
  type LadderRequest,
  otherWays,
  packBag,
  type ProposalRequest,
  ROUTE_FORMS,
  type SetupToPack,
} from '@wiry-otter/core';
import { kit, LADDERS, REFERENCE_KIT, SEARCHES } from './finder-cases.js';

const RUNS = 7;
const AIM = { bag_ms: 2000, buy_ms: 10_000, memory_MB: 200 } as const;
/** Twelve people with eight set-ups each, of forty bands. */
const PEOPLE = { count: 12, setups: 8, bands: 40 } as const;

/** A spread of numbers that is the same at every run. */
function* spread(seed: number): Generator<number, never, void> {
  let state = seed;
  for (;;) {
    state = (state * 48_271) % 2_147_483_647;
    yield state;
  }
}

function setupsToPack(): SetupToPack[] {
  const numbers = spread(7);
  const item = (): string => `band ${numbers.next().value % PEOPLE.bands}`;
  const way = (): string[] => Array.from({ length: 1 + (numbers.next().value % 2) }, item);
  return Array.from({ length: PEOPLE.count * PEOPLE.setups }, () => ({
    ways: Array.from({ length: 1 + (numbers.next().value % 3) }, way),
  }));
}

function laddersToServe(): LadderRequest<AnchoredExercise>[] {
  const exercise = findExercise('standing-row');
  if (exercise === undefined) throw new Error('no row in the catalogue');
  const bands: Band[] = kit(12);
  return Array.from({ length: 12 }, (_, i) => ({
    present: {
      exercise,
      body: { stature_m: 1.6 + 0.02 * i, mass_kg: 60 + 2 * i },
      anchor: { height_m: 1.2, distance_m: 1.5 },
      routes: [],
      bands: [],
    },
    kit: bands.filter((_band, b) => (i + b) % 3 !== 0),
    routes: exercise.routes ?? [],
    target: { metric: 'mean', from: 40, to: 300 + 20 * i, step: 0.1 },
    limits: { maxBands: 2 },
    distance: { least: 0.2, most: 2.8 },
  }));
}

/** Set-ups of people of all sizes as they are looked for with other bands. */
function requestsToPack(): ProposalRequest<AnchoredExercise>[] {
  const exercises = ['standing-row', 'curl', 'chest-press', 'outward-rotation'];
  return Array.from({ length: PEOPLE.count * PEOPLE.setups }, (_, i) => {
    const exercise = findExercise(exercises[i % exercises.length] ?? '');
    if (exercise === undefined) throw new Error('not in the catalogue');
    const routes = ROUTE_FORMS.flatMap(
      (form) => exercise.routes?.find((route) => route.for === form) ?? [],
    );
    const isMoment = exercise.demand.kind === 'moment';
    return {
      present: {
        exercise,
        body: { stature_m: 1.6 + 0.003 * i, mass_kg: 60 + 0.3 * i },
        anchor: exercise.anchor === undefined ? undefined : { height_m: 1.2, distance_m: 1.5 },
        routes: [],
        bands: [],
      },
      kit: kit(PEOPLE.bands),
      routes,
      target: { metric: 'mean', value: (isMoment ? 15 : 80) + (isMoment ? 0.2 : 1) * i },
      limits: { maxBands: 2 },
      distance: { least: 0.5, most: 2.8 },
    };
  });
}

function toTheEnd<Last>(steps: Generator<unknown, Last, void>): Last {
  for (;;) {
    const step = steps.next();
    if (step.done === true) return step.value;
  }
}

function median_ms(runs: number, work: () => unknown): number {
  const times = Array.from({ length: runs }, () => {
    const began = performance.now();
    work();
    return performance.now() - began;
  }).sort((a, b) => a - b);
  return times[times.length >> 1] ?? NaN;
}

const setups = setupsToPack();
const bag_ms = median_ms(RUNS, () => toTheEnd(packBag(setups)));
const { exact, items } = toTheEnd(packBag(setups));
console.log(
  `the bag for ${PEOPLE.count} × ${PEOPLE.setups} set-ups of ${PEOPLE.bands} bands: ${items.length} items${exact ? ', surely the fewest' : ''}, ${bag_ms.toFixed(0)} ms, ${(bag_ms / AIM.bag_ms).toFixed(2)} of the aim of ${AIM.bag_ms} ms`,
);
const requests = requestsToPack();
const ways_ms = median_ms(3, () => requests.map((request) => otherWays(request, [])));
console.log(
  `other ways of ${requests.length} set-ups, of ${PEOPLE.bands} bands: ${ways_ms.toFixed(0)} ms, ${(ways_ms / bag_ms).toFixed(0)} times the bag itself`,
);
const ladders = laddersToServe();
const buy_ms = median_ms(3, () => toTheEnd(bandToBuy(ladders)));
console.log(
  `what to buy, 60 bands × ${ladders.length} ladders: ${buy_ms.toFixed(0)} ms, ${(buy_ms / AIM.buy_ms).toFixed(2)} of the aim of ${AIM.buy_ms} ms`,
);
for (const [name, searchIn] of Object.entries(SEARCHES)) {
  const search = searchIn(kit(REFERENCE_KIT));
  find(search);
  const target = LADDERS[name];
  if (target !== undefined) findLadder({ ...search, target });
}
const MB = process.memoryUsage().rss / 2 ** 20;
console.log(
  `memory of the process after all of it: ${MB.toFixed(0)} MB, ${(MB / AIM.memory_MB).toFixed(2)} of the aim of ${AIM.memory_MB} MB`,
);
