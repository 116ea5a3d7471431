/// <reference lib="webworker" />
import {
  type AnchoredExercise,
  errorOf,
  type LadderRequest,
  type NearestMiss,
  nearestMisses,
  type Proposal,
  type ProposedLadder,
  proposeLadder,
  type ProposalRequest,
  proposeSetups,
  type Result,
  succeed,
} from '@wiry-otter/core';

/** What the page asks. */
export type FinderTask =
  | {
      readonly kind: 'propose';
      readonly request: ProposalRequest<AnchoredExercise>;
      readonly most: number;
    }
  | {
      readonly kind: 'ladder';
      readonly request: LadderRequest<AnchoredExercise>;
      /** The demand is a force. */
      readonly isForce: boolean;
    };

/** Set-ups that come near, and where none does, what would with a limit loosened. */
export interface Proposed {
  readonly proposals: readonly Proposal[];
  readonly misses: readonly NearestMiss[];
}

/** What each task is answered with. */
export interface FinderResults {
  readonly propose: Result<Proposed>;
  readonly ladder: Result<ProposedLadder>;
}

/** A task with the number it is answered by. */
export interface FinderQuestion {
  readonly number: number;
  readonly task: FinderTask;
}

/** How far the work has come, 0 … 1, or what came of it. */
export interface FinderAnswer {
  readonly number: number;
  readonly share?: number;
  readonly result?: FinderResults[FinderTask['kind']];
}

/** A proposal within this error is near: 5 % of a load, or two hundredths of what help is needed. */
const NEAR = 1;

addEventListener('message', ({ data: { number, task } }: MessageEvent<FinderQuestion>) => {
  const tell = (part: Omit<FinderAnswer, 'number'>): void => postMessage({ number, ...part });
  tell({
    result:
      task.kind === 'propose'
        ? proposed(task, (share) => tell({ share }))
        : proposeLadder(task.request, task.isForce),
  });
});

function proposed(
  { most, request }: FinderTask & { kind: 'propose' },
  tell: (share: number) => void,
): Result<Proposed> {
  const found = proposeSetups(request, most, tell);
  if (!found.ok) return found;
  const errors = found.value.map(({ value }) => errorOf(request.target, value));
  const best = Math.min(Infinity, ...errors);
  if (best <= NEAR) return succeed({ proposals: found.value, misses: [] });
  const misses = nearestMisses(request, best);
  return misses.ok ? succeed({ proposals: found.value, misses: misses.value }) : misses;
}
