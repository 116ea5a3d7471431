import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { type LengthUnit, writeLength } from '@wiry-otter/core';
import { demandInUnit, withLengthsIn } from '../../../ui/quantities/figures';
import { tellAtRest } from '../../../ui/timing/tell-at-rest';
import { type Change, STEPS_M } from '../workbench/changes';
import { WorkbenchStore } from '../workbench/workbench-store';

/** Rows shown before the trainer asks for all. */
const FIRST_ROWS = 7;

/** Nothing set for so long is rest, ms. */
const REST_MS = 400;

const STEP_WORDS: Readonly<Record<string, (unit: LengthUnit) => string>> = {
  back: (unit) => `${writeLength(STEPS_M[unit].distance, unit)} back`,
  closer: (unit) => `${writeLength(STEPS_M[unit].distance, unit)} closer`,
  stance: (unit) => `${writeLength(STEPS_M[unit].stance, unit)} wider stance`,
  grip: (unit) => `${writeLength(STEPS_M[unit].grip, unit)} lower grip`,
  wrap: () => 'one turn round the anchor',
};

/** What each small change, and each band of the bag, would do to the mean; a tap makes it. */
@Component({
  selector: 'otter-change-list',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (rows().length > 0) {
      <h2 id="changes" class="pb-1">What it would take</h2>
      <ul aria-labelledby="changes" class="text-sm">
        @for (row of shown(); track row.id) {
          <li class="border-t-[1.5px] border-hairline">
            <button
              type="button"
              class="grid min-h-9 w-full grid-cols-[minmax(0,1fr)_auto_4rem] items-center gap-x-2 text-left enabled:hover:bg-sheet disabled:cursor-default"
              [disabled]="row.refusal !== null"
              (click)="workbench.take('change ' + row.id, row.part)"
            >
              <span [class.text-stop]="row.refusal"
                >{{ row.words }}
                @if (row.refusal; as why) {
                  <span class="block text-xs">✕ {{ why }}</span>
                }
              </span>
              <span class="figure text-right whitespace-nowrap text-pull">{{
                row.difference
              }}</span>
              <span class="figure text-right whitespace-nowrap text-faint">{{ row.share }}</span>
            </button>
          </li>
        }
      </ul>
      @if (rows().length > shown().length || all()) {
        <button class="action-quiet" type="button" (click)="all.set(!all())">
          {{ all() ? 'Fewer' : 'Every band of the bag' }}
        </button>
      }
    }
  `,
})
export class ChangeList {
  protected readonly workbench = inject(WorkbenchStore);
  private readonly changes = signal<readonly Change[]>([]);

  protected readonly all = signal(false);
  protected readonly rows = computed(() =>
    this.changes().map((change) => ({
      ...change,
      refusal: change.refusal?.split(/[,:;]/)[0] ?? null,
      words: this.wordsOf(change.id),
      difference: `${signed(this.inUnit(change.difference), this.digits())} ${this.workbench.demandWord()}`,
      share: change.share === null ? '' : `${signed(100 * change.share, 0)} %`,
    })),
  );
  protected readonly shown = computed(() =>
    this.all() ? this.rows() : this.rows().slice(0, FIRST_ROWS),
  );

  /** As many as keep a difference that is worth a per cent from being written as nothing. */
  private readonly digits = computed(() => {
    const told = this.changes().filter(({ share }) => share === null || Math.abs(share) >= 0.005);
    const least = Math.min(...told.map(({ difference }) => Math.abs(this.inUnit(difference))));
    return least >= 2 ? 0 : least >= 0.2 ? 1 : 2;
  });

  /** Hands hold the band, so that a lower grip is what shortens it. */
  private readonly gripped = computed(
    () =>
      this.workbench
        .settled()
        ?.document.runs.some(({ path }) => path.some((name) => name.startsWith('grip'))) ?? false,
  );

  constructor() {
    // A dozen other set-ups are solved.
    tellAtRest(
      REST_MS,
      () => this.workbench.solved(),
      () => this.workbench.changes(),
      (changes) => this.changes.set(changes),
    );
  }

  private inUnit(value: number): number {
    return demandInUnit(value, this.workbench.demandUnit(), this.workbench.unit());
  }

  private wordsOf(id: string): string {
    const [what = '', which] = id.split(' ');
    const unit = this.workbench.units().length;
    if (what === 'fold') {
      const route = this.workbench.exercise()?.routes?.find((one) => one.id === which);
      return withLengthsIn(unit, route?.title ?? 'folded');
    }
    if (what === 'grip' && !this.gripped())
      return `band taken up ${writeLength(STEPS_M[unit].grip, unit)}`;
    if (which === undefined) return STEP_WORDS[what]?.(unit) ?? what;
    const band = this.workbench.usable().find(({ record }) => record.id === which);
    return `${band?.record.name ?? 'band'} ${what}`;
  }
}

/** With its sign, a true minus included. */
function signed(value: number, digits: number): string {
  const text = Math.abs(value).toFixed(digits);
  return Number(text) === 0 ? text : `${value < 0 ? '−' : '+'}${text}`;
}
