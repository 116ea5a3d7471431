import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Router } from '@angular/router';
import type { Metric } from '@wiry-otter/core';
import { demandInUnit, demandOfUnit } from '../../../ui/quantities/figures';
import { NumberInput } from '../../../ui/fields/number-input';
import { WorkbenchStore } from '../workbench/workbench-store';
import { Gauge } from './gauge';
import type { Rung } from './ladder-model';
import { LadderStore } from './ladder-store';

const METRIC_WORDS: Readonly<Record<Metric, string>> = {
  assistMean: 'help',
  mean: 'the mean',
  start: 'the start',
  end: 'the end',
  peak: 'the peak',
};

/** A whole rack of loads from the bag: made, kept, climbed by the flag. */
@Component({
  selector: 'otter-ladder-panel',
  imports: [Gauge, NumberInput],
  providers: [LadderStore],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './ladder-panel.html',
})
export class LadderPanel {
  protected readonly workbench = inject(WorkbenchStore);
  readonly store = inject(LadderStore);
  /** Whether the screen has another action that comes first. */
  readonly quiet = input(false);
  private readonly router = inject(Router);
  protected readonly metricWords = METRIC_WORDS;

  protected readonly isFound = computed(() => this.store.shown()?.source === 'found');
  /** The rung that is set; none where the workbench shows something else. */
  protected readonly flaggedKey = computed(() => {
    const set = this.workbench.set();
    const same = (rung: Rung): boolean =>
      Object.entries(rung.part).every(
        ([name, value]) =>
          name === 'acknowledged' ||
          name === 'routeIds' ||
          JSON.stringify(set[name as keyof typeof set]) === JSON.stringify(value),
      );
    return this.store.shown()?.rungs.find(same)?.key ?? null;
  });
  /** Ends of the gaps beyond the first and the last rung. */
  protected readonly endWords = computed(() => {
    const shown = this.store.shown();
    const [first, last] = [shown?.rungs[0], shown?.rungs.at(-1)];
    if (shown === null || first === undefined || last === undefined) return [];
    const { from, to } = shown.target;
    const gaps = this.store.gaps();
    const has = (value: number, other: number): boolean =>
      gaps.some((gap) => [gap.above, gap.below].every((end) => end === value || end === other));
    return [
      ...(has(to, last.value)
        ? [`Nothing between ${this.write(last.value)} and ${this.write(to)}, the end asked for.`]
        : []),
      ...(has(from, first.value)
        ? [
            `Nothing between ${this.write(from)}, the beginning asked for, and ${this.write(first.value)}.`,
          ]
        : []),
    ];
  });

  protected load(rung: Rung): void {
    this.workbench.take('rung', rung.part);
  }

  /** What to buy is found over ladders that are kept. */
  protected async askGap(): Promise<void> {
    const isKept = this.store.shown()?.kept === true || (await this.store.keep());
    if (isKept) await this.router.navigate(['/buy']);
  }

  /** What the ends of the ladder are asked for in. */
  protected readonly endUnit = computed(() => (this.isHelp() ? '%' : this.workbench.demandWord()));

  protected endFigure(value: number): string {
    if (this.isHelp()) return (100 * value).toFixed(0);
    return Number(this.inUnit(value).toFixed(1)).toString();
  }

  protected setEnd(end: 'from' | 'to', figure: number | null): void {
    const [demandUnit, unit] = [this.workbench.demandUnit(), this.workbench.unit()];
    const given = figure ?? 0;
    this.store.set({ [end]: this.isHelp() ? given / 100 : demandOfUnit(given, demandUnit, unit) });
  }

  protected climbBy(metric: string): void {
    const chosen = this.store.metrics().find((one) => one === metric);
    if (chosen !== undefined) this.store.climbBy(chosen);
  }

  private write(value: number): string {
    if (this.store.shown()?.target.metric === 'assistMean') return `${(100 * value).toFixed(0)} %`;
    return this.inUnit(value).toFixed(this.workbench.demandUnit() === 'N' ? 0 : 1);
  }

  private isHelp(): boolean {
    return this.store.target().metric === 'assistMean';
  }

  private inUnit(value: number): number {
    return demandInUnit(value, this.workbench.demandUnit(), this.workbench.unit());
  }
}
