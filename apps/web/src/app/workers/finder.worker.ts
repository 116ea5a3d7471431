/// <reference lib="webworker" />
import {
  type AnchoredExercise,
  bandToBuy,
  errorOf,
  idsOfCopies,
  type LadderRequest,
  type NearestMiss,
  nearestMisses,
  otherWays,
  packBag,
  type Packing,
  type Proposal,
  type ProposedLadder,
  proposeLadder,
  type ProposalRequest,
  proposeSetups,
  type Purchases,
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
    }
  | { readonly kind: 'buy'; readonly ladders: readonly LadderRequest<AnchoredExercise>[] }
  | { readonly kind: 'bag'; readonly setups: readonly PackedSetup[] };

/** A set-up that the bag has to serve. */
export interface PackedSetup {
  /** What it takes as it is saved: its bands and the anchor that is carried to it. */
  readonly items: readonly string[];
  /** Its bands, each as often as it takes copies of it. */
  readonly bandIds: readonly string[];
  /** The anchor alone: whatever else is laid needs it too. */
  readonly anchorItems: readonly string[];
  /** What asks the same with other bands; null where only this will do. */
  readonly request: ProposalRequest<AnchoredExercise> | null;
}

/** The smallest bag that was found, and for every set-up the ways that were weighed. */
export interface PackedBag {
  readonly packing: Packing;
  /** The first of each is the set-up as it is saved. */
  readonly ways: readonly (readonly {
    readonly items: readonly string[];
    readonly proposal: Proposal | null;
  }[])[];
}

/** Set-ups that come near, and where none does, what would with a limit loosened. */
export interface Proposed {
  readonly proposals: readonly Proposal[];
  readonly misses: readonly NearestMiss[];
}

/** What each task is answered with. */
export interface FinderResults {
  readonly propose: Result<Proposed>;
  readonly ladder: Result<ProposedLadder>;
  readonly buy: Purchases;
  readonly bag: PackedBag;
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

/** Looking for a smaller bag ends after this, ms: the best so far is told with its bound. */
const PACK_MS = 2000;

addEventListener('message', ({ data: { number, task } }: MessageEvent<FinderQuestion>) => {
  const tell = (part: Omit<FinderAnswer, 'number'>): void => postMessage({ number, ...part });
  tell({ result: answer(task, (share) => tell({ share })) });
});

function answer(
  task: FinderTask,
  tell: (share: number) => void,
): FinderResults[FinderTask['kind']] {
  switch (task.kind) {
    case 'propose':
      return proposed(task, tell);
    case 'ladder':
      return proposeLadder(task.request);
    case 'buy':
      return lastOf(bandToBuy(task.ladders), tell);
    case 'bag':
      return packed(task.setups, tell);
  }
}

/** What a generator returns in the end, told how far it has come on the way. */
function lastOf<Last>(steps: Generator<number, Last, void>, tell: (share: number) => void): Last {
  for (;;) {
    const step = steps.next();
    if (step.done === true) return step.value;
    tell(step.value);
  }
}

function packed(setups: readonly PackedSetup[], tell: (share: number) => void): PackedBag {
  const ways = setups.map(({ anchorItems, bandIds, items, request }, s) => {
    tell(s / setups.length);
    const own = { items, proposal: null };
    if (request === null) return [own];
    const others = otherWays(request, bandIds).map((proposal) => ({
      items: [...idsOfCopies(proposal.bandIds), ...anchorItems],
      proposal,
    }));
    return [own, ...others];
  });
  const steps = packBag(ways.map((of) => ({ ways: of.map((way) => way.items) })));
  const until = performance.now() + PACK_MS;
  for (;;) {
    const step = steps.next();
    if (step.done === true || performance.now() > until) return { packing: step.value, ways };
  }
}

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
