import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import { bandsLaid, type ForceUnit, knownLaws } from '@wiry-otter/core';
import { meanQuantity, quantityWords } from '../../ui/quantities/figures';
import { remeasuredWords } from '../setups/saved/remeasured-words';
import { selectKnownBands, selectEverybody, selectSetups } from '../../records/selectors';

/** The set-ups a band is used in, and by how much its last measurement changed each. */
@Component({
  selector: 'otter-setups-of-band',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (rows().length > 0) {
      <h2 class="mt-5 mb-1">Where it is used</h2>
      <ul class="text-sm">
        @for (row of rows(); track row.id) {
          <li class="flex flex-wrap gap-x-3 border-t-[1.5px] border-hairline py-1">
            <span class="min-w-0 flex-1">{{ row.person }}: {{ row.title }}</span>
            <span class="figure text-pull">{{ row.mean }}</span>
            @if (row.today; as words) {
              <span class="figure text-caution">△ {{ words }}</span>
            }
          </li>
        }
      </ul>
    }
  `,
})
export class SetupsOfBand {
  readonly bandId = input.required<string>();
  readonly unit = input.required<ForceUnit>();

  private readonly store = inject(Store);
  private readonly setups = this.store.selectSignal(selectSetups);
  private readonly people = this.store.selectSignal(selectEverybody);
  private readonly bands = this.store.selectSignal(selectKnownBands);

  protected readonly rows = computed(() => {
    const laws = knownLaws(this.bands());
    return this.setups()
      .filter(({ document }) => bandsLaid(document).includes(this.bandId()))
      .map((setup) => ({
        id: setup.id,
        person: this.people().find(({ id }) => id === setup.personId)?.name ?? '',
        title: `${setup.document.exercise.title}, ${setup.title}`,
        mean: quantityWords(meanQuantity(setup.figures, this.unit())),
        today: remeasuredWords(setup, laws, this.unit()),
      }));
  });
}
