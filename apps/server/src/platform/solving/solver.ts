import {
  distanceMarks,
  type DistanceMark,
  find,
  findLadder,
  type Found,
  type LadderSearch,
  type MarkedSetup,
  type Result,
  type Rungs,
  type Search,
} from '@wiry-otter/core';
import { type Deriver, DERIVER_IN_PLACE } from '@wiry-otter/derived';
import { Piscina } from 'piscina';
import { refuse } from '../problems/refusal.js';

/** Computes set-ups for the routes. */
export interface Solver extends Deriver {
  /** What a set-up asks at other distances from its anchor. */
  marksAt(setup: MarkedSetup, distances_m: readonly number[]): Promise<DistanceMark[]>;
  /** The best set-ups of a kit for a wanted figure. */
  find(search: Search): Promise<Result<Found>>;
  /** A ladder of a kit. */
  ladder(search: LadderSearch): Promise<Result<Rungs>>;
  close(): Promise<void>;
}

/** In the thread that asks: for what nobody waits for, such as the demo and the renewal of figures. */
export const SOLVER_IN_PLACE: Solver = {
  ...DERIVER_IN_PLACE,
  marksAt: (setup, distances_m) => Promise.resolve(distanceMarks(setup, distances_m)),
  find: (search) => Promise.resolve(find(search)),
  ladder: (search) => Promise.resolve(findLadder(search)),
  close: () => Promise.resolve(),
};

/** Bundled beside the server; beside this file where the server runs from its source. */
const WORKER = import.meta.url.endsWith('.ts') ? './solver.worker.ts' : './solver.worker.js';

/** Two of the machine's threads solve at a time; more would take the processor from the routes. */
const MOST_THREADS = 2;

/**
 * An ordinary set-up takes a millisecond, the largest that a document can be some hundred; a thread
 * that has to be started first takes a second, and several on a busy machine, ms.
 */
const LIMIT_MS = 5000;

/**
 * In a small pool of threads, each task with a time limit: a set-up that takes longer is refused,
 * its thread replaced, and other requests are served meanwhile.
 */
export function createSolverPool({ limit_ms = LIMIT_MS } = {}): Solver {
  const pool = new Piscina({
    filename: new URL(WORKER, import.meta.url).href,
    minThreads: 1,
    maxThreads: MOST_THREADS,
    // A thread costs a second to start.
    idleTimeout: Infinity,
  });
  // Nobody is refused for what a thread takes to start: on a busy machine it may be seconds.
  const started = pool.run(null, { name: 'ready' }).catch(() => undefined);
  async function run<Answer>(name: string, task: unknown): Promise<Answer> {
    await started;
    // Nobody is refused for what stands before them in the queue.
    const turns = 1 + Math.ceil(pool.queueSize / MOST_THREADS);
    const signal = AbortSignal.timeout(limit_ms * turns);
    try {
      return (await pool.run(task, { name, signal })) as Answer;
    } catch (error) {
      if (!signal.aborted) throw error;
      return refuse('too-costly', [
        {
          in: 'document',
          path: '$.document',
          found: `work that takes longer than ${limit_ms / 1000} s`,
          expected: 'fewer bands, links, samples, routes or values',
        },
      ]);
    }
  }
  return {
    assess: (document, facts) => run('assessed', { document, facts }),
    assessRungs: (drafts, anchorId, facts) => run('rungs', { drafts, anchorId, facts }),
    ladderOfToday: (kept, facts) => run('climbToday', { kept, facts }),
    marksAt: (setup, distances_m) => run('marksAt', { setup, distances_m }),
    find: (search) => run('findBest', search),
    ladder: (search) => run('climb', search),
    close: () => pool.close(),
  };
}
