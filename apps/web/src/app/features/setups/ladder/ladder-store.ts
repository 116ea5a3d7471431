import {
  computed,
  effect,
  inject,
  Injectable,
  linkedSignal,
  signal,
  untracked,
} from '@angular/core';
import { Store } from '@ngrx/store';
import type { LadderInput, LadderRecord } from '@wiry-otter/contracts';
import {
  inOrder,
  ladderChanges,
  ladderChangeWords,
  type LadderTarget,
  type Metric,
  withLocked,
} from '@wiry-otter/core';
import { v7 as uuidv7 } from 'uuid';
import { RecordWriter } from '../../../records/outbox/record-writer';
import { noticeActions } from '../../../ui/notices/notices';
import { BROKEN_WORDS, Finder } from '../../../workers/finder';
import { TrainerPreferences } from '../find/trainer-preferences';
import { WorkbenchStore } from '../workbench/workbench-store';
import {
  basisOf,
  gapsOf,
  keptRung,
  keptRungs,
  ladderRequestOf,
  type Rung,
  rungsByHand,
  rungsOf,
} from './ladder-model';

/** Shares of the set-up in force between which a ladder is made unless the trainer says otherwise. */
const USUAL = { from: 0.6, to: 1.6, step: 0.1, help: 0.6, helpStep: 0.05 } as const;
/** Loads that a ladder can climb by. */
const LOADS = ['mean', 'start', 'end', 'peak'] as const;
/** Where nothing is in force yet, N or N·m. */
const USUAL_LOAD = 80;

/** What the ladder shows: its rungs, and whether it is kept as it stands. */
interface ShownLadder {
  readonly target: LadderTarget;
  readonly notchFirst: boolean;
  readonly source: LadderInput['source'];
  readonly rungs: readonly Rung[];
  readonly struck: readonly string[];
  readonly kept: boolean;
}

/** The ladder of the person, exercise and place: looked for, changed by hand, kept and put away. */
@Injectable()
export class LadderStore {
  private readonly workbench = inject(WorkbenchStore);
  private readonly finder = inject(Finder);
  private readonly writer = inject(RecordWriter);
  private readonly global = inject(Store);
  private readonly preferences = inject(TrainerPreferences).present;

  readonly keeping = signal(false);
  readonly busy = this.finder.busy;
  private readonly subject = computed(
    () =>
      `${this.workbench.person()?.id} ${this.workbench.exercise()?.id} ${this.workbench.place()?.id}`,
  );
  /** Whether bands help in the exercise; across the back they add to the body's own weight. */
  private readonly isHelped = computed(
    () =>
      this.workbench.exercise()?.bodyweight === true &&
      (this.workbench.settled()?.solved.summary.assistMean ?? 0) >= 0,
  );
  readonly target = linkedSignal<string, LadderTarget>({
    source: this.subject,
    computation: () =>
      untracked(() => {
        const kept = this.workbench.keptLadder();
        return kept?.source === 'found' ? kept.target : this.usualTarget(this.metrics()[0]);
      }),
  });
  /** What a ladder of the exercise can climb by, the usual first. */
  readonly metrics = computed((): readonly [Metric, ...Metric[]] =>
    this.isHelped() ? ['assistMean', ...LOADS] : LOADS,
  );
  readonly notchFirst = linkedSignal(
    () => this.workbench.keptLadder()?.notchFirst ?? this.workbench.person()?.goal === 'rehab',
  );
  readonly amiss = linkedSignal<string, string | null>({
    source: this.subject,
    computation: () => null,
  });
  /** What has changed since the ladder was kept; nothing where it stands. */
  readonly stale = computed(() => {
    const ladder = this.workbench.keptLadder();
    const input = this.workbench.input();
    // What was made by hand is shown by the laws of today, and stays as it is.
    if (ladder?.source !== 'found' || input === null) return '';
    const { basis } = ladder;
    return ladderChangeWords(ladderChanges(basis, basisOf(input, this.workbench.usable())));
  });
  /** What is kept, or was made or changed since. */
  private readonly made = linkedSignal<string, ShownLadder | null>({
    source: computed(() => `${this.subject()} ${this.workbench.keptLadder()?.version ?? 0}`),
    computation: () => untracked(() => this.keptLadder()),
  });
  private readonly byHand = computed(() => {
    this.subject();
    this.workbench.saved();
    return untracked(() => this.ladderByHand());
  });
  readonly shown = computed(() => this.made() ?? this.byHand());
  readonly gaps = computed(() => {
    const shown = this.shown();
    return shown === null ? [] : gapsOf(shown.rungs, shown.target);
  });

  constructor() {
    // A ladder of before is made anew when it is next needed: that is now.
    effect(() => {
      if (this.stale() !== '' && this.shown()?.kept === true) untracked(() => void this.make());
    });
  }

  climbBy(metric: Metric): void {
    this.target.set(this.usualTarget(metric));
  }

  set(part: Partial<LadderTarget>): void {
    this.target.update((present) => ({ ...present, ...part }));
  }

  async make(): Promise<void> {
    const input = this.workbench.input();
    const target = this.target();
    if (input === null) return;
    const isDown = target.metric === 'assistMean';
    if (!(target.step > 0) || (isDown ? target.from <= target.to : target.from >= target.to)) {
      this.amiss.set('Say from where to where, and in steps of more than 0.');
      return;
    }
    this.amiss.set(null);
    const subject = this.subject();
    const usable = this.workbench.usable();
    const notchFirst = this.notchFirst();
    const request = ladderRequestOf(input, usable, target, this.preferences(), notchFirst);
    const outcome = await this.finder.ask({ kind: 'ladder', request });
    if (outcome.kind === 'broken') this.amiss.set(BROKEN_WORDS);
    if (outcome.kind !== 'done' || subject !== this.subject()) return;
    const { result } = outcome;
    if (!result.ok) {
      const words = result.faults.map(
        ({ expected, found }) => `found ${found}, expected ${expected}`,
      );
      this.amiss.set(`No ladder can be made: ${words.join('; ')}.`);
      return;
    }
    const before = this.shown();
    const struck = before?.struck ?? [];
    const kept = this.workbench.keptLadder()?.rungs ?? [];
    const found = rungsOf(input, usable, target, result.value.rungs, kept, uuidv7);
    const locked = (before?.rungs ?? []).filter((rung) => rung.locked);
    const rungs = withLocked(found, locked, struck, target);
    if (rungs.length === 0) this.amiss.set('Nothing in the bag lies between these. Try others.');
    this.made.set({ target, notchFirst, source: 'found', rungs, struck, kept: false });
  }

  cancel(): void {
    this.finder.cancel();
  }

  toggleLock(rung: Rung): void {
    this.change((rungs) =>
      rungs.map((one) => (one.key === rung.key ? { ...one, locked: !one.locked } : one)),
    );
  }

  strike(rung: Rung): void {
    this.change(
      (rungs) => rungs.filter(({ key }) => key !== rung.key),
      (struck) => [...struck, rung.key],
    );
  }

  /** Brings back what was struck out, the next time the ladder is made. */
  forgetStruck(): void {
    this.change(
      (rungs) => rungs,
      () => [],
    );
    void this.make();
  }

  /** @returns whether it is kept */
  async keep(): Promise<boolean> {
    const shown = this.shown();
    const input = this.ladderInput();
    if (shown === null || input === null || this.keeping()) return false;
    const id = this.workbench.keptLadder()?.id ?? uuidv7();
    this.keeping.set(true);
    const what = `The ladder of ${this.workbench.exercise()?.title ?? 'an exercise'}`;
    const kept = await this.writer.write('putLadder', { id }, input, what);
    this.keeping.set(false);
    if (kept === null) return false;
    const ladder = kept.derived?.find(({ kind }) => kind === 'ladder')?.record as
      LadderRecord | undefined;
    const moved = ladder?.moved ?? null;
    const moves =
      moved === null ? '' : ` The prescription moved from ${moved.from} to ${moved.to}.`;
    const text = `Ladder of ${input.rungs.length} rungs kept.${moves}`;
    this.global.dispatch(noticeActions.show({ text, tone: 'done', undo: null }));
    return true;
  }

  putAway(): void {
    const ladder = this.workbench.keptLadder();
    if (ladder === undefined) return;
    void this.writer.write('putLadderAway', { id: ladder.id }, null, 'A ladder put away');
  }

  private change(
    rungs: (present: readonly Rung[]) => readonly Rung[],
    struck: (present: readonly string[]) => readonly string[] = (present) => present,
  ): void {
    const shown = this.shown();
    if (shown === null) return;
    this.made.set({
      ...shown,
      kept: false,
      rungs: rungs(shown.rungs),
      struck: struck(shown.struck),
    });
  }

  private keptLadder(): ShownLadder | null {
    const ladder = this.workbench.keptLadder();
    const input = this.workbench.input();
    if (ladder === undefined || input === null) return null;
    const girth_m = this.workbench.girthOf(ladder);
    const rungs = keptRungs(input, this.workbench.usable(), ladder, girth_m);
    const { notchFirst, source, struck, target } = ladder;
    return { target, notchFirst, source, struck, rungs: inOrder(rungs, target), kept: true };
  }

  /** The set-ups that are ready here as rungs; null where there are none. */
  private ladderByHand(): ShownLadder | null {
    const input = this.workbench.input();
    if (input === null) return null;
    const ready = this.workbench
      .saved()
      .filter(({ placeId, ready: isReady }) => isReady && placeId === input.placeId);
    const [metric] = this.metrics();
    const girthOf = this.workbench.girthOf;
    const rungs = rungsByHand(input, this.workbench.usable(), ready, metric, girthOf);
    const [first, last] = [rungs[0], rungs.at(-1)];
    if (first === undefined || last === undefined) return null;
    const step = metric === 'assistMean' ? USUAL.helpStep : USUAL.step;
    const target = { metric, from: first.value, to: last.value, step };
    return { target, notchFirst: false, source: 'hand', struck: [], rungs, kept: false };
  }

  private ladderInput(): LadderInput | null {
    const shown = this.shown();
    const input = this.workbench.input();
    const place = this.workbench.place();
    if (shown === null || input === null || place === undefined) return null;
    const { notchFirst, rungs, source, struck, target } = shown;
    return {
      version: this.workbench.keptLadder()?.version ?? 0,
      personId: input.person.id,
      exerciseId: input.exercise.id,
      placeId: place.id,
      anchorId: input.exercise.anchor === undefined ? null : (input.anchor?.id ?? null),
      target,
      source,
      notchFirst,
      gaps: [...this.gaps()],
      struck: [...struck],
      basis: basisOf(input, this.workbench.usable()) as LadderInput['basis'],
      rungs: rungs.map(keptRung),
    };
  }

  /** Where to begin and to end, from the set-up in force, or what is set. */
  private usualTarget(metric: Metric): LadderTarget {
    const { from, help, helpStep, step, to } = USUAL;
    if (metric === 'assistMean') return { metric, from: help, to: 0, step: helpStep };
    const set = this.workbench.solved()?.solved.summary[metric] ?? 0;
    const present = this.workbench.inForce()?.figures[metric] ?? (set > 0 ? set : USUAL_LOAD);
    const round = (value: number): number => Math.round(value / 5) * 5;
    return {
      metric,
      from: Math.max(5, round(present * from)),
      to: Math.max(10, round(present * to)),
      step,
    };
  }
}
