import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { ForceUnit } from '@wiry-otter/core';
import { type Axes, type ChartLine, type Inks, line } from '../../ui/charts/chart-style';
import { demandInUnit, forceWord } from '../../ui/quantities/figures';
import { LineChart } from '../../ui/charts/line-chart';
import type { HangView } from './hang-views';

/** Strokes that tell the places apart, px on and off. */
const DASHES: readonly (readonly number[])[] = [
  [],
  [8, 4],
  [2, 3],
  [10, 3, 2, 3],
  [5, 2],
  [14, 4],
  [1, 2],
];

/** What is needed and what the bands take of it over the arc, place by place, in one drawing. */
@Component({
  selector: 'otter-arc-chart',
  imports: [LineChart],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2>Need and help over the arc</h2>
    <otter-line-chart class="mt-1 block h-56" [lines]="lines()" [axes]="axes()" [label]="label()" />
    <ul class="mt-1 flex flex-wrap gap-x-4 gap-y-1 text-sm">
      @for (entry of key(); track entry.words) {
        <li class="flex items-center gap-1.5">
          <svg width="34" height="8" aria-hidden="true">
            <svg:path
              d="M0 4H34"
              fill="none"
              stroke-width="2"
              [attr.stroke]="'var(--' + entry.ink + ')'"
              [attr.stroke-dasharray]="entry.dash"
            />
          </svg>
          {{ entry.words }}
          @if (entry.where; as where) {
            <span class="text-faint">{{ where }}</span>
          }
        </li>
      }
    </ul>
  `,
})
export class ArcChart {
  readonly views = input.required<readonly HangView[]>();
  readonly unit = input.required<ForceUnit>();

  protected readonly label = computed(
    () =>
      `Need and help over the arc: ${this.key()
        .map(({ words, where }) => `${words} ${where}`)
        .join(', ')}`,
  );
  private readonly demandUnit = computed(() => this.views()[0]?.help.unit ?? 'N');
  protected readonly axes = computed((): Axes => {
    const curve = this.views()[0]?.help.curve ?? [];
    const [first, last] = [curve[0], curve.at(-1)];
    const unit = this.demandUnit() === 'N' ? forceWord(this.unit()) : this.demandUnit();
    return {
      x: { title: 'movement, %', min: 100 * (first?.phase ?? 0), max: 100 * (last?.phase ?? 1) },
      y: { title: unit },
    };
  });
  protected readonly lines = computed(() => {
    const views = this.views();
    const inUnit = (value: number): number => demandInUnit(value, this.demandUnit(), this.unit());
    return (inks: Inks): ChartLine[] => {
      const need = (views[0]?.help.curve ?? []).map((at) => ({
        x: 100 * at.phase,
        y: inUnit(at.need),
      }));
      return [
        { ...line(need, inks('pull')), borderWidth: 2.5 },
        ...views.map(({ help }, i) => ({
          ...line(
            help.curve.map((at) => ({ x: 100 * at.phase, y: inUnit(at.help) })),
            inks('help'),
          ),
          borderDash: [...dashOf(i)],
        })),
      ];
    };
  });
  protected readonly key = computed(() => [
    { words: 'needed', where: '', ink: 'pull', dash: null },
    ...this.views().map(({ help, place }, i) => ({
      words: place.where,
      where: halfWords(help.curve.map((at) => at.help)),
      ink: 'help',
      dash: dashOf(i).join(' ') || null,
    })),
  ]);
}

function dashOf(i: number): readonly number[] {
  return DASHES[i % DASHES.length] ?? [];
}

/** Which half of the arc gets more of the help. */
function halfWords(helps: readonly number[]): string {
  const middle = (helps.length - 1) / 2;
  const sum = (part: readonly number[]): number => part.reduce((total, help) => total + help, 0);
  const lower = sum(helps.slice(0, Math.ceil(middle)));
  const upper = sum(helps.slice(Math.floor(middle) + 1));
  if (lower + upper <= 0) return 'slack';
  const share = lower / (lower + upper);
  return share > 0.55
    ? 'helps the lower half'
    : share < 0.45
      ? 'helps the upper half'
      : 'helps both halves';
}
