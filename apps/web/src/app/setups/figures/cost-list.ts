import { ChangeDetectionStrategy, Component, computed, input, signal } from '@angular/core';
import type { ExerciseDocument } from '@wiry-otter/contracts';
import { type ChangeCost, type ForceUnit } from '@wiry-otter/core';
import type { KnownBand } from '../../bands/band-law';
import { demandInUnit, forceWord } from '../../drawing/figures';

/** Rows shown before the trainer asks for all. */
const FIRST_ROWS = 7;

const STEP_WORDS: Readonly<Record<string, string>> = {
  back: '10 cm back',
  closer: '10 cm closer',
  stance: '5 cm wider stance',
  grip: '5 cm lower grip',
  wrap: 'one turn round the anchor',
};

/** What each small change, and each band of the bag, would cost in newtons and per cent. */
@Component({
  selector: 'otter-cost-list',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <table class="w-full text-sm">
      <caption class="pb-1 text-left text-base font-bold">
        What it would take
      </caption>
      <thead class="sr-only">
        <tr>
          <th>change</th>
          <th>mean, {{ unitWord() }}</th>
          <th>per cent</th>
        </tr>
      </thead>
      <tbody>
        @for (row of shown(); track row.id) {
          <tr class="border-t-[1.5px] border-hairline">
            <td class="py-0.5">{{ row.words }}</td>
            <td class="figure text-right whitespace-nowrap text-pull">{{ row.difference }}</td>
            <td class="figure w-20 text-right whitespace-nowrap text-faint">{{ row.share }}</td>
          </tr>
        }
      </tbody>
    </table>
    @if (rows().length > shown().length || all()) {
      <button class="action-quiet" type="button" (click)="all.set(!all())">
        {{ all() ? 'Fewer' : 'Every band of the bag' }}
      </button>
    }
  `,
})
export class CostList {
  readonly costs = input.required<readonly ChangeCost[]>();
  readonly bag = input.required<readonly KnownBand[]>();
  readonly demandUnit = input.required<'N' | 'N·m'>();
  readonly unit = input.required<ForceUnit>();
  /** Titles of the exercise's routes, by their ids. */
  readonly routes = input<NonNullable<ExerciseDocument['routes']>>([]);
  /** Hands hold the band, so that a lower grip is what shortens it. */
  readonly gripped = input(true);

  protected readonly all = signal(false);
  protected readonly unitWord = computed(() =>
    this.demandUnit() === 'N' ? forceWord(this.unit()) : 'N·m',
  );
  protected readonly rows = computed(() =>
    this.costs().map(({ id, difference, share }) => ({
      id,
      words: this.wordsOf(id),
      difference: `${signed(this.inUnit(difference), this.digits())} ${this.unitWord()}`,
      share: share === null ? '' : `${signed(100 * share, 0)} %`,
    })),
  );
  protected readonly shown = computed(() =>
    this.all() ? this.rows() : this.rows().slice(0, FIRST_ROWS),
  );

  /** As many as keep a difference that is worth a per cent from being written as nothing. */
  private readonly digits = computed(() => {
    const told = this.costs().filter(({ share }) => share === null || Math.abs(share) >= 0.005);
    const least = Math.min(...told.map(({ difference }) => Math.abs(this.inUnit(difference))));
    return least >= 2 ? 0 : least >= 0.2 ? 1 : 2;
  });

  private inUnit(value: number): number {
    return demandInUnit(value, this.demandUnit(), this.unit());
  }

  private wordsOf(id: string): string {
    const [what = '', bandId] = id.split(' ');
    if (what === 'fold')
      return this.routes().find((route) => route.id === bandId)?.title ?? 'folded';
    if (what === 'grip' && !this.gripped()) return 'band taken up 5 cm';
    if (bandId === undefined) return STEP_WORDS[what] ?? what;
    const name = this.bag().find(({ record }) => record.id === bandId)?.record.name ?? 'band';
    return `${name} ${what}`;
  }
}

/** With its sign, a true minus included. */
function signed(value: number, digits: number): string {
  const text = Math.abs(value).toFixed(digits);
  return Number(text) === 0 ? text : `${value < 0 ? '−' : '+'}${text}`;
}
