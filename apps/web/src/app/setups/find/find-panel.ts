import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  linkedSignal,
  signal,
} from '@angular/core';
import { FormsModule } from '@angular/forms';
import { fromNewtons, type Metric, type Proposal, type Target } from '@wiry-otter/core';
import { demandInUnit, forceWord } from '../../drawing/figures';
import { NumberInput } from '../../forms/number-input';
import { WorkbenchStore } from '../workbench/workbench-store';
import { Finder } from '../../workers/finder';
import { type FoundLine, linesOf, requestOf, withoutAlike } from './found-lines';

/** So many lines are shown; more are asked for, since a caution may stand against some. */
const SHOWN = 10;
const ASKED = 30;
/** Nearer to what is wanted than this a line needs no word, as share of a load, or of help. */
const NEAR = { load: 0.05, help: 0.02 } as const;

/** The worker could not be started, or stopped. */
const BROKEN = 'broken';

/** A small step up from what is done now. */
const HARDER = 0.05;

const METRIC_WORDS: Readonly<Record<Metric, string>> = {
  mean: 'a mean of',
  start: 'a start of',
  end: 'an end of',
  peak: 'a peak of',
  assistMean: 'help of',
};

/** Says what is wanted, and shows the set-ups of the bag that come nearest; one is taken by a tap. */
@Component({
  selector: 'otter-find-panel',
  imports: [FormsModule, NumberInput],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './find-panel.html',
})
export class FindPanel {
  private readonly workbench = inject(WorkbenchStore);
  private readonly finder = inject(Finder);

  /** What was found and asked is of one person and exercise. */
  private readonly subject = computed(
    () => `${this.workbench.person()?.id} ${this.workbench.exercise()?.id}`,
  );
  protected readonly metrics = computed(() => {
    const helped = this.workbench.exercise()?.bodyweight === true;
    const metrics: Metric[] = helped
      ? ['assistMean', 'mean', 'start', 'end']
      : ['mean', 'start', 'end'];
    return metrics.map((metric) => ({ metric, words: METRIC_WORDS[metric] }));
  });
  protected readonly metric = linkedSignal<readonly { metric: Metric }[], Metric>({
    source: this.metrics,
    computation: (choices) => choices[0]?.metric ?? 'mean',
  });
  protected readonly wanted = linkedSignal<string, number | null>({
    source: this.subject,
    computation: () => null,
  });
  protected readonly busy = signal(false);
  protected readonly amiss = linkedSignal<string, string | null>({
    source: this.subject,
    computation: () => null,
  });
  protected readonly lines = linkedSignal<string, readonly FoundLine[] | null>({
    source: this.subject,
    computation: () => null,
  });
  /** What the lines were found for. */
  private readonly target = signal<Target | null>(null);

  private readonly unit = computed(() => this.workbench.solved()?.solved.rig.prepared.unit ?? 'N');
  private readonly demandUnit = computed(() =>
    this.unit() === 'N·m' ? 'N·m' : forceWord(this.workbench.unit()),
  );
  protected readonly unitWord = computed(() =>
    this.metric() === 'assistMean' ? '% of what is needed' : this.demandUnit(),
  );
  protected readonly isNear = computed(() => {
    const target = this.target();
    const lines = this.lines() ?? [];
    if (target === null) return true;
    return lines.some(({ value }) =>
      target.metric === 'assistMean'
        ? Math.abs(value - target.value) <= NEAR.help
        : Math.abs(value / target.value - 1) <= NEAR.load,
    );
  });

  /** The set-up that the next session would use, to go on from. */
  protected readonly inForce = computed(() => this.workbench.inForce());

  /** Asks for a little more than the set-up in force. */
  protected async findHarder(): Promise<void> {
    const mean = this.inForce()?.figures.mean;
    if (mean === undefined) return;
    this.metric.set('mean');
    this.wanted.set(Number(this.inUnit(mean * (1 + HARDER))));
    await this.find();
  }

  protected async find(): Promise<void> {
    const target = this.wantedTarget();
    const input = this.workbench.input();
    this.lines.set(null);
    if (target === null || input === null) {
      this.amiss.set('Say how much: a figure of more than 0.');
      return;
    }
    if (input.exercise.bandOnEachSide === true) {
      this.amiss.set('This one needs a band on each side: put two of a kind on by hand.');
      return;
    }
    this.amiss.set(null);
    this.busy.set(true);
    const subject = this.subject();
    const usable = this.workbench.usable();
    const result = await this.finder
      .propose(requestOf(input, usable, target), ASKED)
      .catch((): typeof BROKEN => BROKEN);
    this.busy.set(false);
    if (result === BROKEN) {
      this.amiss.set('The search broke off. Try it again.');
      return;
    }
    if (result === null || subject !== this.subject()) return;
    if (!result.ok) {
      this.amiss.set('This exercise cannot be searched: a hand or a foot does not reach.');
      return;
    }
    this.target.set(target);
    this.lines.set(this.shown(result.value));
  }

  protected cancel(): void {
    this.finder.cancel();
  }

  protected take(line: FoundLine): void {
    this.workbench.take(line.part);
  }

  protected namesOf({ bands }: FoundLine): string {
    return bands.map(({ record }) => record.name).join(' + ');
  }

  protected figureOf({ value }: FoundLine): string {
    return this.isHelp()
      ? `${(100 * value).toFixed(0)} %`
      : `${this.inUnit(value)} ${this.demandUnit()}`;
  }

  /** From the start to the end of the rep; beside help, what is left to the person. */
  protected rangeOf({ solved }: FoundLine): string {
    const { end, start } = solved.solved.summary;
    const range = `${this.inUnit(start)} to ${this.inUnit(end)}`;
    return this.isHelp() ? `${range} ${this.demandUnit()} left` : range;
  }

  /** Whether the lines were found for help, whatever is chosen by now. */
  private isHelp(): boolean {
    return this.target()?.metric === 'assistMean';
  }

  private shown(proposals: readonly Proposal[]): FoundLine[] {
    const input = this.workbench.input();
    if (input === null) return [];
    return withoutAlike(linesOf(input, this.workbench.usable(), proposals)).slice(0, SHOWN);
  }

  private wantedTarget(): Target | null {
    const metric = this.metric();
    const wanted = this.wanted();
    if (wanted === null || !(wanted > 0)) return null;
    if (metric === 'assistMean') return { metric, value: wanted / 100 };
    const isForce = this.unit() === 'N';
    return { metric, value: isForce ? wanted / fromNewtons(1, this.workbench.unit()) : wanted };
  }

  private inUnit(value: number): string {
    const figure = demandInUnit(value, this.unit(), this.workbench.unit());
    return figure.toFixed(this.unit() === 'N' && this.workbench.unit() === 'N' ? 0 : 1);
  }
}
