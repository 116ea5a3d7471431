import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import type { Help } from '@wiry-otter/core';
import { WorkbenchStore } from '../setups/workbench/workbench-store';
import { HangStore } from './hang-store';
import { LevelStore } from './level-store';
import { firstName, shareWords } from './skill-words';

/** What each band of the bag does by itself at each place: the mean help, chosen by a tap. */
@Component({
  selector: 'otter-band-table',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (store.bands().length === 0) {
      <p class="text-sm text-caution" role="status">△ {{ emptyWords() }}</p>
    }
    <div class="overflow-x-auto" [class.hidden]="store.bands().length === 0">
      <table class="w-full text-sm" aria-label="Help of each band at each place">
        <thead>
          <tr>
            <th>band</th>
            @for (where of places(); track where) {
              <th class="px-1 align-bottom leading-tight">{{ where }}</th>
            }
          </tr>
        </thead>
        <tbody>
          @for (row of store.bands(); track row.band.record.id) {
            <tr class="border-t-[1.5px] border-hairline">
              <th scope="row" class="pr-2 font-normal text-ink!">
                <span
                  class="mr-1 inline-block w-5 border border-ink align-middle"
                  [style.height.px]="4 + row.band.record.width_mm * 0.16"
                  [style.background]="row.band.record.colour"
                  aria-hidden="true"
                ></span
                >{{ row.band.record.name }}
              </th>
              @for (where of places(); track where) {
                <td class="px-1">
                  @if (helpAt(row.helps, where); as cell) {
                    <button
                      type="button"
                      class="figure min-h-8 w-full text-left"
                      [class.text-help]="isSafe(cell.help)"
                      [class.text-stop]="!isSafe(cell.help)"
                      [class.font-bold]="isSet(row.band.record.id, cell.routeId)"
                      [attr.aria-label]="
                        row.band.record.name + ' at the ' + where + ': ' + words(cell.help)
                      "
                      (click)="store.takeBand(row.band.record.id, cell.routeId)"
                    >
                      {{ words(cell.help) }}
                      @if (cell.isFolded) {
                        <span class="text-xs text-faint">folded</span>
                      }
                    </button>
                  }
                </td>
              }
            </tr>
          }
        </tbody>
      </table>
    </div>
  `,
})
export class BandTable {
  protected readonly store = inject(HangStore);
  private readonly levels = inject(LevelStore);
  private readonly workbench = inject(WorkbenchStore);

  protected readonly places = computed(() => {
    const found = new Set(
      this.store.bands().flatMap(({ helps }) => helps.map(({ where }) => where)),
    );
    return this.levels
      .skill()
      .hangs.map(({ where }) => where)
      .filter((where) => found.has(where));
  });

  protected readonly emptyWords = computed(() => {
    const person = this.workbench.person();
    return person?.latexAllergy === true
      ? `Every band at hand has latex: none is for ${firstName(person)}. Synthetic ones are free of it.`
      : 'No band is at hand here that hangs anywhere in this exercise.';
  });

  protected helpAt<T extends { readonly where: string }>(
    helps: readonly T[],
    where: string,
  ): T | undefined {
    return helps.find((one) => one.where === where);
  }

  /** The mean help; that it lifts, or that it hangs slack. */
  protected words({ lifts, mean, overLimit, slackShare }: Help): string {
    if (overLimit.length > 0) return '✕ too short';
    if (slackShare === 1) return 'slack';
    const share = shareWords(mean);
    return lifts === null ? share : `${share} ✕ lifts`;
  }

  protected isSafe({ lifts, overLimit }: Help): boolean {
    return lifts === null && overLimit.length === 0;
  }

  protected isSet(bandId: string, routeId: string): boolean {
    const { bandIds, routeIds } = this.workbench.set();
    return (
      bandIds.length === 1 &&
      bandIds[0] === bandId &&
      (routeIds.continuous === routeId || routeIds.open === routeId)
    );
  }
}
