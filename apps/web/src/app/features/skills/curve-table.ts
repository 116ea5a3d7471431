import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { ForceUnit } from '@wiry-otter/core';
import type { HangView } from './hang-views';
import { amountWords, shareWords } from './skill-words';

/** Rows of the table: every so many samples. */
const EVERY = 4;

/** The figures behind the curves: the help at every tenth of the movement, place by place. */
@Component({
  selector: 'otter-curve-table',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="overflow-x-auto">
      <table class="w-full text-sm" aria-label="Help over the movement">
        <thead>
          <tr>
            <th>movement</th>
            <th>needed</th>
            @for (view of views(); track view.place.where) {
              <th>{{ view.place.where }}</th>
            }
          </tr>
        </thead>
        <tbody>
          @for (row of rows(); track row.phase) {
            <tr class="border-t-[1.5px] border-hairline">
              <td class="figure">{{ row.phase }} %</td>
              <td class="figure">{{ row.need }}</td>
              @for (cell of row.cells; track $index) {
                <td class="figure whitespace-nowrap text-help">{{ cell }}</td>
              }
            </tr>
          }
        </tbody>
      </table>
    </div>
  `,
})
export class CurveTable {
  readonly views = input.required<readonly HangView[]>();
  readonly unit = input.required<ForceUnit>();

  protected readonly rows = computed(() => {
    const views = this.views();
    const curve = views[0]?.help.curve ?? [];
    return curve
      .map((at, k) => ({ at, k }))
      .filter(({ k }) => k % EVERY === 0)
      .map(({ at, k }) => ({
        phase: Math.round(100 * at.phase),
        need: amountWords(at.need, views[0]?.help.unit ?? 'N', this.unit()),
        cells: views.map(({ help }) => {
          const point = help.curve[k];
          return point === undefined
            ? ''
            : `${amountWords(point.help, help.unit, this.unit())} · ${shareWords(point.share)}`;
        }),
      }));
  });
}
