import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import {
  type Nudge,
  type Nudged,
  type NudgeRange,
  nudgesOf,
  STANDING_RANGE,
  fromMetres,
  roundLength,
} from '@wiry-otter/core';
import { tellAtRest } from '../../../ui/timing/tell-at-rest';
import { defaultWidth } from '../workbench/routes';
import { compositionOf, type WorkbenchInput } from '../workbench/solve-workbench';
import { WorkbenchStore } from '../workbench/workbench-store';

/** Shares of the mean that are told. */
const WANTED = [-0.2, -0.1, -0.05, 0.05, 0.1] as const;

/** Nothing set for so long is rest, ms. */
const REST_MS = 500;

/** How far the hand goes along the band, and hands and feet apart, m. */
const LIMITS = {
  slip: { least: 0, most: 0.6 },
  grip: { least: 0.1, most: 1.2 },
  stance: { least: 0.05, most: 1 },
} as const;

const NUDGED_WORDS: Readonly<Record<Nudged, string>> = {
  distance_m: 'distance',
  slip_m: 'grip down the band',
  grip_m: 'hands apart',
  stance_m: 'feet apart',
};

/** Small moves that make the same set-up a little easier or harder; a tap makes one. */
@Component({
  selector: 'otter-nudge-table',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (rows().length > 0) {
      <table class="w-full text-sm">
        <caption class="pb-1 text-left font-bold">
          A little more or less
          <span class="font-normal text-faint">{{ unit() }} to move</span>
        </caption>
        <thead>
          <tr>
            <th scope="col"><span class="sr-only">what is moved</span></th>
            @for (share of wanted; track share) {
              <th class="figure text-right" scope="col">{{ signed(share * 100) }} %</th>
            }
          </tr>
        </thead>
        <tbody>
          @for (row of rows(); track row.nudged) {
            <tr class="border-t-[1.5px] border-hairline">
              <th class="font-normal text-ink!" scope="row">{{ row.words }}</th>
              @for (cell of row.cells; track cell.share) {
                <td class="text-right">
                  @if (cell.nudge; as nudge) {
                    <button
                      type="button"
                      class="figure min-h-9 px-1 text-pull underline decoration-1 underline-offset-3"
                      (click)="take(nudge)"
                    >
                      {{ signed(moved(nudge.by_m), unit() === 'in' ? 1 : 0) }}
                    </button>
                  } @else {
                    <span class="px-1 text-faint" aria-label="not to be had">–</span>
                  }
                </td>
              }
            </tr>
          }
        </tbody>
      </table>
    }
  `,
})
export class NudgeTable {
  private readonly workbench = inject(WorkbenchStore);
  private readonly nudges = signal<readonly Nudge[]>([]);

  protected readonly wanted = WANTED;
  protected readonly unit = computed(() => this.workbench.units().length);
  protected readonly rows = computed(() =>
    (Object.keys(NUDGED_WORDS) as Nudged[]).flatMap((nudged) => {
      const own = this.nudges().filter((nudge) => nudge.nudged === nudged);
      if (own.length === 0) return [];
      const cells = WANTED.map((share) => ({
        share,
        nudge: own.find(({ wanted }) => wanted === share),
      }));
      return [{ nudged, words: NUDGED_WORDS[nudged], cells }];
    }),
  );

  constructor() {
    tellAtRest(
      REST_MS,
      () => this.workbench.solved(),
      () => this.look(),
      (nudges) => this.nudges.set(nudges),
    );
  }

  protected take({ by_m, nudged }: Nudge): void {
    const input = this.workbench.input();
    const range = input && rangesOf(input).find((one) => one.nudged === nudged);
    if (!range) return;
    this.workbench.take('nudge', { [nudged]: roundLength(range.from_m + by_m, this.unit()) });
  }

  protected moved(by_m: number): number {
    return fromMetres(by_m, this.unit());
  }

  /** With a true minus. */
  protected signed(value: number, digits = 0): string {
    return `${value < 0 ? '−' : '+'}${Math.abs(value).toFixed(digits)}`;
  }

  /** What is moved one after the other: each looks at a hundred set-ups. */
  private *look(): Generator<Nudge, void, void> {
    const input = this.workbench.input();
    if (input === null || this.workbench.solved() === null) return;
    const present = compositionOf(input);
    for (const range of rangesOf(input)) yield* nudgesOf(present, [range], WANTED);
  }
}

/** What can be moved in a set-up, from where, and how far. */
function rangesOf({ anchor, exercise, person, state }: WorkbenchInput): NudgeRange[] {
  const { stature_m } = state.body ?? person;
  const aside = exercise.anchor !== undefined && exercise.anchor.side !== 'over';
  const width = (nudged: 'grip_m' | 'stance_m', of: 'grip' | 'stance'): NudgeRange => ({
    nudged,
    from_m: state[nudged] ?? defaultWidth(exercise, of) * stature_m,
    least_m: LIMITS[of].least,
    most_m: LIMITS[of].most,
  });
  return [
    ...(aside
      ? [
          {
            nudged: 'distance_m' as const,
            from_m: state.distance_m,
            least_m: STANDING_RANGE.least,
            most_m: anchor?.room_m ?? STANDING_RANGE.most,
          },
        ]
      : []),
    {
      nudged: 'slip_m',
      from_m: state.slip_m,
      least_m: LIMITS.slip.least,
      most_m: LIMITS.slip.most,
    },
    ...(exercise.plane === 'sagittal'
      ? [width('grip_m', 'grip'), width('stance_m', 'stance')]
      : []),
  ];
}
