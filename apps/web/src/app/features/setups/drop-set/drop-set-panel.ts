import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  linkedSignal,
  signal,
} from '@angular/core';
import { Store } from '@ngrx/store';
import type { DropSetRecord } from '@wiry-otter/contracts';
import { bandOfCopy } from '@wiry-otter/core';
import { demandInUnit } from '../../../ui/quantities/figures';
import { NumberInput } from '../../../ui/fields/number-input';
import { BeginSession } from '../../session/begin-session';
import { noticeActions } from '../../../ui/notices/notices';
import { WorkbenchStore } from '../workbench/workbench-store';
import { type DropPart, planOnWorkbench } from './drop-set-model';

const DIRECTIONS: readonly { value: DropSetRecord['direction']; words: string }[] = [
  { value: 'down', words: 'down' },
  { value: 'up', words: 'up' },
  { value: 'downUp', words: 'down and up' },
];
const LASTS: readonly { value: DropSetRecord['last']; words: string }[] = [
  { value: 'reps', words: 'for repetitions' },
  { value: 'speed', words: 'light, for speed' },
  { value: 'hold', words: 'held still' },
];

/** Loads that differ by less are of the same set-up. */
const SAME_LOAD = 0.01;

/** Plans one set of several parts from what is set: which band comes off when, or which step in. */
@Component({
  selector: 'otter-drop-set-panel',
  imports: [NumberInput],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './drop-set-panel.html',
})
export class DropSetPanel {
  protected readonly workbench = inject(WorkbenchStore);
  private readonly beginning = inject(BeginSession);
  private readonly global = inject(Store);

  protected readonly directions = DIRECTIONS;
  protected readonly lasts = LASTS;
  protected readonly times = signal(2);
  protected readonly share = signal(0.25);
  protected readonly direction = signal<DropSetRecord['direction']>('down');
  protected readonly last = signal<DropSetRecord['last']>('reps');

  /** The parts that were planned; none yet, and again none once something else is planned from. */
  protected readonly parts = linkedSignal<string, readonly DropPart[] | null>({
    source: computed(
      () => `${this.workbench.person()?.id} ${this.workbench.exercise()?.id} ${this.wish()}`,
    ),
    computation: () => null,
  });
  protected readonly amiss = signal<string | null>(null);
  /** The prescription that a drop set can be kept with: it is in force for what was planned from. */
  protected readonly current = computed(() => {
    const inForce = this.workbench.inForce();
    const mean = this.workbench.settled()?.solved.summary.mean ?? 0;
    const isSame =
      inForce?.document.bands.map(({ id }) => bandOfCopy(id)).join() ===
        this.workbench.set.bandIds().join() &&
      Math.abs(mean / inForce.figures.mean - 1) < SAME_LOAD;
    return isSame ? this.workbench.current() : undefined;
  });

  private readonly wish = computed(
    () => `${this.times()} ${this.share()} ${this.direction()} ${this.last()}`,
  );

  protected plan(): void {
    const input = this.workbench.input();
    if (input === null) return;
    this.workbench.showInScene(null);
    const wish = { times: this.times(), share: this.share(), direction: this.direction() };
    const parts = planOnWorkbench(input, this.workbench.usable(), wish);
    this.amiss.set(
      parts === undefined
        ? 'So many drops cannot be made of this. Put another band on, or ask for fewer.'
        : null,
    );
    this.parts.set(parts ?? null);
  }

  protected point(part: DropPart | null): void {
    this.workbench.showInScene(part?.solved ?? null);
  }

  protected setTimes(value: number | null): void {
    if (value !== null) this.times.set(Math.min(6, Math.max(1, Math.round(value))));
  }

  protected setShare(value: number | null): void {
    if (value !== null) this.share.set(Math.min(0.5, Math.max(0.05, value / 100)));
  }

  protected write(value: number): string {
    const unit = this.workbench.demandUnit();
    const shown = demandInUnit(value, unit, this.workbench.unit());
    return shown.toFixed(unit === 'N' && this.workbench.unit() === 'N' ? 0 : 1);
  }

  protected shareWords(share: number): string {
    return `${share < 0 ? '−' : '+'}${Math.abs(100 * share).toFixed(0)} %`;
  }

  protected cautionWords({ solved: { cautions } }: DropPart): string | null {
    const { length } = cautions.filter(({ level }) => level === 'warn');
    return length === 0
      ? null
      : length === 1
        ? 'one thing to see to'
        : `${length} things to see to`;
  }

  /** Keeps it with the prescription in force. */
  protected keep(): void {
    const current = this.current();
    const parts = this.parts();
    if (current === undefined || parts === null) return;
    const {
      createdAt: _at,
      exerciseId: _exercise,
      fromDecisionId: _from,
      id: _id,
      ...same
    } = current;
    const drop: DropSetRecord = {
      times: this.times(),
      share: this.share(),
      direction: this.direction(),
      last: this.last(),
      parts: parts.map(({ change, load }) => ({ change, load })),
    };
    this.beginning.prescribe({ ...same, drop });
    const text = `The last set goes on in ${parts.length} parts.`;
    this.global.dispatch(noticeActions.show({ text, tone: 'done', undo: null }));
  }
}
