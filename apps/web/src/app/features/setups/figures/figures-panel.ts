import {
  ChangeDetectionStrategy,
  Component,
  computed,
  DestroyRef,
  effect,
  inject,
  input,
  signal,
  untracked,
} from '@angular/core';
import { askedOf, type EqualWeight, solveSetup } from '@wiry-otter/core';
import {
  demandInUnit,
  demandOfUnit,
  demandQuantity,
  pulledWord,
} from '../../../ui/quantities/figures';
import { QuantityText } from '../../../ui/quantities/quantity';
import { NumberInput } from '../../../ui/fields/number-input';
import { type OtherCurve, Trace } from '../../../scene/trace';
import { Keys } from '../../../shell/keys';
import { AtRest } from '../../../ui/timing/at-rest';
import { WorkbenchStore } from '../workbench/workbench-store';
import { besideWords, SURE_WORDS } from './figure-words';
import { SetupCautions } from './setup-cautions';
import { COMPARABLE_WORDS, compareWords, weightTitle } from './weight-words';

/** How long the figures of before a change stay in sight, ms. */
const OLD_FIGURES_MS = 2500;

/** What is set asks of the person: figures, curve, comparison, cautions. */
@Component({
  selector: 'otter-figures-panel',
  imports: [NumberInput, QuantityText, SetupCautions, Trace],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './figures-panel.html',
})
export class FiguresPanel {
  /** Sample of the rep on show. */
  readonly sample = input.required<number>();

  protected readonly workbench = inject(WorkbenchStore);
  protected readonly solved = this.workbench.settled;

  protected readonly figures = computed(() => {
    const solved = this.solved();
    if (solved === null) return [];
    const { summary, rig } = solved.solved;
    const quantity = (value: number, std: number) =>
      demandQuantity(value, std, rig.prepared.unit, this.workbench.unit());
    return [
      { id: 'start', words: 'start', quantity: quantity(summary.start, solved.spread.start) },
      { id: 'mean', words: 'mean', quantity: quantity(summary.mean, solved.spread.mean) },
      { id: 'end', words: 'end', quantity: quantity(summary.end, solved.spread.end) },
    ];
  });

  /** What the figures were before the last change, for a moment. */
  protected readonly before = signal<Readonly<Record<string, string>> | null>(null);

  /** The same with a weight of equal mean beside it, on request: looking for one solves twice more. */
  private readonly wishedComparison = signal<EqualWeight['kind'] | null>(null);
  protected readonly comparing = computed(() => {
    const wished = this.wishedComparison();
    return wished !== null && this.workbench.comparable().includes(wished) ? wished : null;
  });
  private readonly equal = computed(() => {
    switch (this.comparing()) {
      case 'dumbbell':
        return this.workbench.equalDumbbell();
      case 'cable':
        return this.workbench.equalCable();
      case null:
        return undefined;
    }
  });
  protected readonly weightCurve = computed<OtherCurve | null>(() => {
    const weight = this.equal();
    return weight === undefined
      ? null
      : {
          words: weightTitle(weight, this.workbench.units()),
          demand: weight.demand,
        };
  });
  protected readonly comparableWords = COMPARABLE_WORDS;
  protected readonly weightWords = computed(() => {
    const weight = this.equal();
    const solved = this.solved();
    if (weight === undefined || solved === null) return null;
    const { buffers, rig, summary } = solved.solved;
    return compareWords(weight, askedOf(rig.prepared, buffers.signed), summary.match);
  });

  /** The saved set-up in force, as long as the workbench shows another. */
  protected readonly savedCurve = computed<OtherCurve | null>(() => {
    const document = this.workbench.inForce()?.document;
    if (document === undefined) return null;
    const solution = solveSetup(document);
    return solution.ok ? { words: 'saved, in force', demand: solution.value.demand } : null;
  });

  protected readonly peakStretch = computed(() => {
    const solved = this.solved();
    return solved === null || solved.document.runs.length === 0
      ? '–'
      : pulledWord(solved.solved.summary.peakStretch);
  });

  protected readonly cautions = computed(() => this.solved()?.cautions ?? []);
  protected readonly overstretched = computed(() =>
    this.cautions().some(({ rule }) => rule === 'stretch-limit'),
  );
  /** What makes the figures unsure most. */
  protected readonly sureWords = computed(() => {
    const mostly = this.solved()?.spread.mostly;
    return mostly === undefined ? null : SURE_WORDS[mostly][this.workbench.set.marked() ? 1 : 0];
  });
  /** What has to be known beside the figures. */
  protected readonly besides = computed(() => {
    const solved = this.solved();
    return solved === null ? [] : besideWords(solved, this.workbench.unit());
  });

  constructor() {
    this.tellOldFigures();
    inject(Keys).offer([
      { key: 'w', words: 'compare with a weight', press: () => this.compareWith('dumbbell') },
      { key: 'c', words: 'compare with a cable', press: () => this.compareWith('cable') },
    ]);
  }

  /** Shows the bands beside something of equal mean; asked for again, alone. */
  protected compareWith(kind: EqualWeight['kind']): void {
    this.wishedComparison.update((wished) => (wished === kind ? null : kind));
  }

  /** Keeps the figures of before a change in sight for a moment. */
  private tellOldFigures(): void {
    let last: Readonly<Record<string, string>> = {};
    let lastOf: string | undefined;
    const rest = new AtRest(OLD_FIGURES_MS, () => this.before.set(null));
    effect(() => {
      const now = Object.fromEntries(
        this.figures().map(({ id, quantity }) => [id, quantity.figure]),
      );
      const of = `${this.workbench.person()?.id} ${this.workbench.exercise()?.id}`;
      // Nothing was changed yet on a workbench that was just taken up.
      const same = of === lastOf && (this.workbench.canUndo() || this.workbench.canRedo());
      const old = same ? last : {};
      last = now;
      lastOf = of;
      // Figures of another person or exercise are no old figures of these.
      if (!same) this.before.set(null);
      const changed = Object.keys(now).some((id) => old[id] !== undefined && old[id] !== now[id]);
      if (!changed) return;
      // A drag is one change: what stood before its first move stays.
      untracked(() => this.before.update((kept) => kept ?? old));
      rest.restart();
    });
    inject(DestroyRef).onDestroy(() => rest.cancel());
  }

  protected percent(share: number): number {
    return Math.round(100 * share);
  }

  protected setWanted(end: 'from' | 'to', value: number | null): void {
    const present = this.workbench.wanted();
    if (value === null || !(value > 0)) return this.workbench.setWanted(null);
    const mean = demandOfUnit(value, this.workbench.demandUnit(), this.workbench.unit());
    const wanted = { from: present?.from ?? mean, to: present?.to ?? mean, [end]: mean };
    this.workbench.setWanted(wanted.from <= wanted.to ? wanted : { from: mean, to: mean });
  }

  protected wantedFigure(end: 'from' | 'to'): string {
    const wanted = this.workbench.wanted();
    if (wanted === null) return '';
    const unit = this.workbench.demandUnit();
    const figure = demandInUnit(wanted[end], unit, this.workbench.unit());
    return figure.toFixed(unit === 'N' && this.workbench.unit() === 'N' ? 0 : 1);
  }
}
