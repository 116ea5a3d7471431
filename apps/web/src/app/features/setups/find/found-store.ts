import { computed, inject, Injectable, linkedSignal } from '@angular/core';
import {
  errorOf,
  type Loosened,
  type NearestMiss,
  pullAtStart,
  type Target,
} from '@wiry-otter/core';
import { FramePacer } from '../../../ui/timing/frame-pacer';
import { BROKEN_WORDS, Finder } from '../../../workers/finder';
import type { Proposed } from '../../../workers/finder.worker';
import type { WorkbenchInput } from '../workbench/solve-workbench';
import { WorkbenchStore } from '../workbench/workbench-store';
import { type FoundLine, lineOf, requestOf, twoForOne, withoutAlike } from './found-lines';
import { TrainerPreferences } from './trainer-preferences';
import { Wishes } from './wishes';

/** So many lines are shown; more are asked for, since a caution may stand against some. */
const SHOWN = 10;
const ASKED = 30;
/** Pairs of bands are found among many single ones. */
const ASKED_PAIRS = 120;

/** Limits that the trainer may loosen; an anchor, or room, is to be had first. */
const OWN_LIMITS: readonly NearestMiss['limit'][] = ['maxBands', 'slack', 'mount_N'];

/** What was found, and what is to be said of it. */
export interface Found {
  readonly target: Target;
  readonly lines: readonly FoundLine[];
  /** Lines left out for their warnings, as the trainer prefers. */
  readonly warned: number;
  readonly misses: readonly NearestMiss[];
}

/** What else is asked of a search. */
export interface SearchOptions {
  readonly loosened?: Loosened;
  /** Those lines that are wanted, where not all are. */
  readonly choose?: (lines: readonly FoundLine[]) => readonly FoundLine[];
  readonly most?: number;
}

/** Searches the person's bag for a wish, and holds what was found until something else is asked. */
@Injectable()
export class FoundStore {
  private readonly workbench = inject(WorkbenchStore);
  private readonly finder = inject(Finder);
  private readonly pacer = inject(FramePacer);
  private readonly preferences = inject(TrainerPreferences).present;
  private readonly subject = inject(Wishes).subject;

  readonly busy = this.finder.busy;
  readonly share = this.finder.share;
  /** What is amiss with the search, in words. */
  readonly amiss = linkedSignal<string, string | null>({
    source: this.subject,
    computation: () => null,
  });
  readonly found = linkedSignal<string, Found | null>({
    source: this.subject,
    computation: () => null,
  });
  readonly loosened = linkedSignal<string, Loosened>({
    source: this.subject,
    computation: () => ({}),
  });
  readonly isNear = computed(() => {
    const found = this.found();
    return found === null || found.lines.some(({ value }) => errorOf(found.target, value) <= 1);
  });
  /** The greatest demand of all lines. */
  readonly greatest = computed(() =>
    Math.max(...(this.found()?.lines ?? []).map(({ solved }) => solved.solved.summary.peak)),
  );

  /** Nothing is found, for this reason. */
  refuse(words: string): void {
    this.workbench.showInScene(null);
    this.found.set(null);
    this.amiss.set(words);
  }

  async search(
    target: Target,
    { choose = (lines) => lines, loosened = {}, most = ASKED }: SearchOptions = {},
  ): Promise<void> {
    const input = this.workbench.input();
    if (input === null) return;
    // What is still being worked out is of the search before.
    this.pacer.forget(this);
    this.workbench.showInScene(null);
    this.found.set(null);
    this.amiss.set(null);
    const subject = this.subject();
    const request = requestOf(input, this.workbench.usable(), target, this.preferences(), loosened);
    const outcome = await this.finder.ask({ kind: 'propose', request, most });
    if (outcome.kind === 'broken') this.amiss.set(BROKEN_WORDS);
    if (outcome.kind !== 'done' || subject !== this.subject()) return;
    const { result } = outcome;
    if (result.ok) await this.look(target, result.value, choose, input);
    else {
      const words = result.faults.map(
        (fault) => `found ${fault.found}, expected ${fault.expected}`,
      );
      this.amiss.set(`This cannot be searched: ${words.join('; ')}.`);
    }
  }

  /** Two slimmer bands of equal help, or load, that are each easier to hook into than the one on. */
  async searchTwoForOne(): Promise<void> {
    const present = this.workbench.solved();
    if (present === null) return;
    const { mean, assistMean } = present.solved.summary;
    const help = assistMean ?? 0;
    const target: Target =
      help > 0 ? { metric: 'assistMean', value: help } : { metric: 'mean', value: mean };
    const one = {
      id: this.workbench.set.bandIds()[0] ?? '',
      mounting_N: pullAtStart({ setup: present.document, solved: present.solved }),
    };
    await this.search(target, { choose: (lines) => twoForOne(lines, one), most: ASKED_PAIRS });
    if (this.found()?.lines.length === 0) {
      this.refuse('No two slimmer bands in the bag come near to what this one does.');
    }
  }

  cancel(): void {
    this.finder.cancel();
  }

  /** Works the proposals out as the workbench does, a few in each frame, until enough can be shown. */
  private look(
    target: Target,
    { misses, proposals }: Proposed,
    choose: NonNullable<SearchOptions['choose']>,
    input: WorkbenchInput,
  ): Promise<void> {
    const usable = this.workbench.usable();
    const subject = this.subject();
    const { withoutWarnings } = this.preferences();
    const all: FoundLine[] = [];
    const told = (): Pick<Found, 'lines' | 'warned'> => {
      const chosen = choose(withoutAlike(all));
      const lines = chosen.filter(({ warnings }) => !withoutWarnings || warnings.length === 0);
      return { lines: lines.slice(0, SHOWN), warned: chosen.length - lines.length };
    };
    function* steps(): Generator<undefined, void, void> {
      for (const proposal of proposals) {
        const line = lineOf(input, usable, proposal);
        if (line !== undefined) all.push(line);
        if (told().lines.length === SHOWN) return;
        yield;
      }
    }
    const isPossible = ({ limit, proposal }: NearestMiss): boolean =>
      !OWN_LIMITS.includes(limit) || lineOf(input, usable, proposal) !== undefined;
    return new Promise((resolve) =>
      this.pacer.followInSteps(this, steps(), () => {
        // By now another person may be in focus.
        if (subject === this.subject()) {
          // What an own limit can be loosened for must be safe.
          this.found.set({ target, ...told(), misses: misses.filter(isPossible) });
        }
        resolve();
      }),
    );
  }
}
