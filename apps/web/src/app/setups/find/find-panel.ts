import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  linkedSignal,
  resource,
  signal,
} from '@angular/core';
import { FormsModule } from '@angular/forms';
import { RouterLink } from '@angular/router';
import {
  errorOf,
  fromNewtons,
  type Metric,
  type NearestMiss,
  pullAtStart,
  type Target,
  writeForce,
} from '@wiry-otter/core';
import { firstValueFrom } from 'rxjs';
import { StudioApi } from '../../api/studio-api';
import { demandInUnit } from '../../drawing/figures';
import { NumberInput } from '../../forms/number-input';
import { Finder } from '../../workers/finder';
import type { Proposed } from '../../workers/finder.worker';
import { WorkbenchStore } from '../workbench/workbench-store';
import { FoundLineView } from './found-line';
import {
  twoForOne,
  type FoundLine,
  lineOf,
  type Loosened,
  requestOf,
  withoutAlike,
} from './found-lines';
import { type FinderPreferences, STACKING_WORDS, STACKINGS } from './preferences';
import { TrainerPreferences } from './trainer-preferences';
import { asMuchAs, knownStrength, loadFor, type WishKind } from './wish';

/** So many lines are shown; more are asked for, since a caution may stand against some. */
const SHOWN = 10;
const ASKED = 30;
/** Pairs of bands are found among many single ones. */
const ASKED_PAIRS = 120;

/** The worker could not be started, or stopped. */
const BROKEN = 'broken';

/** A small step up from what is done now. */
const HARDER = 0.05;

const WISH_WORDS: Readonly<Record<WishKind, string>> = {
  mean: 'a mean of',
  start: 'a start of',
  end: 'an end of',
  peak: 'a peak of',
  assistMean: 'help of',
  repetitions: 'so many repetitions',
  asMuchAs: 'as much as',
};

/** What was found, and what is to be said of it. */
interface Found {
  readonly target: Target;
  readonly lines: readonly FoundLine[];
  /** Lines left out for their warnings, as the trainer prefers. */
  readonly warned: number;
  readonly misses: readonly NearestMiss[];
}

/** Says what is wanted, and shows the set-ups of the bag that come nearest; one is taken by a tap. */
@Component({
  selector: 'otter-find-panel',
  imports: [FormsModule, FoundLineView, NumberInput, RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './find-panel.html',
})
export class FindPanel {
  protected readonly workbench = inject(WorkbenchStore);
  private readonly finder = inject(Finder);
  private readonly api = inject(StudioApi);
  private readonly trainerPreferences = inject(TrainerPreferences);

  /** What was found and asked is of one person and exercise. */
  private readonly subject = computed(
    () => `${this.workbench.person()?.id} ${this.workbench.exercise()?.id}`,
  );

  private readonly sessions = resource({ loader: () => firstValueFrom(this.api.sessions()) });
  protected readonly strength = computed(() =>
    this.sessions.hasValue()
      ? knownStrength(
          this.sessions.value(),
          this.workbench.person()?.id ?? '',
          this.workbench.exercise()?.id ?? '',
        )
      : undefined,
  );
  protected readonly wishes = computed(() => {
    const helped = this.workbench.exercise()?.bodyweight === true;
    const kinds: WishKind[] = [
      ...(helped ? (['assistMean'] as const) : []),
      'mean',
      'start',
      'end',
      ...(this.strength() === undefined ? [] : (['repetitions'] as const)),
      ...(this.workbench.saved().length === 0 ? [] : (['asMuchAs'] as const)),
    ];
    return kinds.map((kind) => ({ kind, words: WISH_WORDS[kind] }));
  });
  private readonly subjectKind = computed(() => ({
    subject: this.subject(),
    first: this.workbench.exercise()?.bodyweight === true ? 'assistMean' : 'mean',
  }));
  protected readonly kind = linkedSignal<{ first: string }, WishKind>({
    source: this.subjectKind,
    computation: ({ first }) => first as WishKind,
  });
  protected readonly wanted = linkedSignal<string, number | null>({
    source: this.subject,
    computation: () => null,
  });
  protected readonly reps = signal<number | null>(12);
  protected readonly spare = signal<number | null>(2);
  protected readonly otherId = linkedSignal(
    () => this.workbench.inForce()?.id ?? this.workbench.saved()[0]?.id ?? '',
  );

  protected readonly busy = signal(false);
  protected readonly share = this.finder.share;
  protected readonly amiss = linkedSignal<string, string | null>({
    source: this.subject,
    computation: () => null,
  });
  protected readonly found = linkedSignal<string, Found | null>({
    source: this.subject,
    computation: () => null,
  });
  private readonly loosened = linkedSignal<string, Loosened>({
    source: this.subject,
    computation: () => ({}),
  });

  protected readonly preferences = this.trainerPreferences.present;
  protected readonly stackings = STACKINGS;
  protected readonly stackingWords = STACKING_WORDS;
  protected readonly preferenceWords = computed(() => {
    const { closeToSet, measuredFirst, stacking, withoutWarnings } = this.preferences();
    return [
      STACKING_WORDS[stacking],
      ...(measuredFirst ? ['measured first'] : []),
      ...(closeToSet ? ['close to what is set'] : []),
      ...(withoutWarnings ? ['nothing with a warning'] : []),
    ].join(', ');
  });

  protected readonly unitWord = computed(() =>
    this.kind() === 'assistMean' ? '% of what is needed' : this.workbench.demandWord(),
  );
  protected readonly greatest = computed(() =>
    Math.max(...(this.found()?.lines ?? []).map(({ solved }) => solved.solved.summary.peak)),
  );
  protected readonly isNear = computed(() => {
    const found = this.found();
    return found === null || found.lines.some(({ value }) => errorOf(found.target, value) <= 1);
  });
  /** What comes nearest with each limit loosened, and what loosens it. */
  protected readonly misses = computed(() =>
    (this.found()?.misses ?? []).map(({ limit, proposal }) => ({
      limit,
      words: `${this.missWords(limit)}: ${this.figureOf(proposal.value)}`,
      loosen: this.loosenings()[limit],
    })),
  );
  private readonly loosenings = computed(
    (): Partial<Record<NearestMiss['limit'], { words: string; part: Loosened }>> => ({
      maxBands: { words: 'Allow it', part: { maxBands: this.mostBands() + 1 } },
      slack: { words: 'Allow it', part: { slack: true } },
      mount_N: { words: 'Allow it', part: { mount: true } },
    }),
  );

  /** The set-up that the next session would use, to go on from. */
  protected readonly inForce = computed(() => this.workbench.inForce());

  protected prefer(part: Partial<FinderPreferences>): void {
    this.trainerPreferences.prefer(part);
    if (this.found() !== null) void this.find();
  }

  protected loosen(part: Loosened): void {
    this.loosened.update((present) => ({ ...present, ...part }));
    void this.find();
  }

  /** Asks for a little more than the set-up in force. */
  protected async findHarder(): Promise<void> {
    const mean = this.inForce()?.figures.mean;
    if (mean === undefined) return;
    this.kind.set('mean');
    this.wanted.set(Number(this.inUnit(mean * (1 + HARDER))));
    await this.find();
  }

  /** Two slimmer bands of equal help, or load, that are each easier to hook into than the one on. */
  protected async findTwoForOne(): Promise<void> {
    const present = this.workbench.solved();
    const input = this.workbench.input();
    if (present === null || input === null) return;
    const { assistMean, mean } = present.solved.summary;
    const isHelp = input.exercise.bodyweight && (assistMean ?? 0) > 0;
    const metric = isHelp ? 'assistMean' : 'mean';
    this.kind.set(metric);
    this.wanted.set(isHelp ? Math.round(100 * (assistMean ?? 0)) : Number(this.inUnit(mean)));
    const target: Target = { metric, value: isHelp ? (assistMean ?? 0) : mean };
    const one = {
      id: this.workbench.set.bandIds()[0] ?? '',
      mounting_N: pullAtStart({ setup: present.document, solved: present.solved }),
    };
    await this.search(target, {}, (lines) => twoForOne(lines, one), ASKED_PAIRS);
    const found = this.found();
    if (found !== null && found.lines.length === 0) {
      this.found.set(null);
      this.amiss.set('No two slimmer bands in the bag come near to what this one does.');
    }
  }

  protected async find(): Promise<void> {
    const target = this.wantedTarget();
    if (target === null) {
      this.workbench.showInScene(null);
      this.found.set(null);
      this.amiss.set('Say how much: a figure of more than 0.');
      return;
    }
    await this.search(target, this.loosened());
  }

  /** @param choose those lines that are wanted, where not all are */
  private async search(
    target: Target,
    loosened: Loosened,
    choose: (lines: readonly FoundLine[]) => readonly FoundLine[] = (lines) => lines,
    most = ASKED,
  ): Promise<void> {
    const input = this.workbench.input();
    this.workbench.showInScene(null);
    this.found.set(null);
    if (input === null) return;
    if (input.exercise.bandOnEachSide === true) {
      this.amiss.set('This one needs a band on each side: put two of a kind on by hand.');
      return;
    }
    this.amiss.set(null);
    this.busy.set(true);
    const subject = this.subject();
    const usable = this.workbench.usable();
    const request = requestOf(input, usable, target, this.preferences(), loosened);
    const result = await this.finder
      .ask({ kind: 'propose', request, most })
      .catch((): typeof BROKEN => BROKEN);
    this.busy.set(false);
    if (result === BROKEN) {
      this.amiss.set('The search broke off. Try it again.');
      return;
    }
    if (result === null || subject !== this.subject()) return;
    if (!result.ok) {
      const words = result.faults.map(
        ({ expected, found }) => `found ${found}, expected ${expected}`,
      );
      this.amiss.set(`This cannot be searched: ${words.join('; ')}.`);
      return;
    }
    this.found.set(this.foundOf(target, result.value, choose));
  }

  protected cancel(): void {
    this.finder.cancel();
  }

  /** What it takes to hook into the bands of a line, where somebody hooks in. */
  protected mountingWords({ mounting_N }: FoundLine): string | null {
    if (!this.workbench.exercise()?.bodyweight) return null;
    const pulls = mounting_N.map((pull_N) => writeForce(pull_N, this.workbench.unit()));
    return `hooks in with ${pulls.join(' and ')}`;
  }

  /** Shows a line in the scene as long as it is pointed at. */
  protected point(line: FoundLine | null): void {
    this.workbench.showInScene(line?.solved ?? null);
  }

  protected take(line: FoundLine): void {
    this.workbench.take('found', line.part);
  }

  /** A figure of what was asked for: help in per cent, a load in the unit on show. */
  protected figureOf(value: number): string {
    return this.found()?.target.metric === 'assistMean'
      ? `${(100 * value).toFixed(0)} %`
      : `${this.inUnit(value)} ${this.workbench.demandWord()}`;
  }

  protected inUnit(value: number): string {
    const unit = this.workbench.demandUnit();
    const figure = demandInUnit(value, unit, this.workbench.unit());
    return figure.toFixed(unit === 'N' && this.workbench.unit() === 'N' ? 0 : 1);
  }

  private foundOf(
    target: Target,
    { misses, proposals }: Proposed,
    choose: (lines: readonly FoundLine[]) => readonly FoundLine[],
  ): Found | null {
    const input = this.workbench.input();
    if (input === null) return null;
    const usable = this.workbench.usable();
    const every = withoutAlike(
      proposals.flatMap((proposal) => lineOf(input, usable, proposal) ?? []),
    );
    const all = choose(every);
    const lines = this.preferences().withoutWarnings
      ? all.filter(({ warnings }) => warnings.length === 0)
      : all;
    return {
      target,
      lines: lines.slice(0, SHOWN),
      warned: all.length - lines.length,
      // What an own limit can be loosened for must be safe; an anchor or room is to be had first.
      misses: misses.filter(
        ({ limit, proposal }) =>
          this.loosenings()[limit] === undefined || lineOf(input, usable, proposal) !== undefined,
      ),
    };
  }

  private wantedTarget(): Target | null {
    const kind = this.kind();
    switch (kind) {
      case 'repetitions':
        return this.targetForRepetitions();
      case 'asMuchAs': {
        const other = this.workbench.saved().find(({ id }) => id === this.otherId());
        return other === undefined ? null : asMuchAs(other);
      }
      default:
        return this.targetFor(kind);
    }
  }

  private targetForRepetitions(): Target | null {
    const strength = this.strength();
    const reps = this.reps();
    if (strength === undefined || reps === null || !(reps > 0)) return null;
    return { metric: 'mean', value: loadFor(strength, reps, Math.max(0, this.spare() ?? 0)) };
  }

  private targetFor(metric: Metric): Target | null {
    const wanted = this.wanted();
    if (wanted === null || !(wanted > 0)) return null;
    if (metric === 'assistMean') return { metric, value: wanted / 100 };
    const isForce = this.workbench.demandUnit() === 'N';
    return { metric, value: isForce ? wanted / fromNewtons(1, this.workbench.unit()) : wanted };
  }

  private mostBands(): number {
    return this.loosened().maxBands ?? 3;
  }

  private missWords(limit: NearestMiss['limit']): string {
    switch (limit) {
      case 'maxBands':
        return `With ${this.mostBands() + 1} bands at once`;
      case 'slack':
        return 'With bands that are slack for a part of the movement';
      case 'mount_N':
        return 'With more to hook into than the person’s limit';
      case 'anchor_N':
        return 'On an anchor that holds more';
      case 'distance':
        return 'With more room before the anchor';
    }
  }
}
