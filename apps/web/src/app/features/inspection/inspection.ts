import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import { selectLengthUnit } from '../../records/selectors';
import { FormsModule } from '@angular/forms';
import { RouterLink } from '@angular/router';
import { INSPECTION_STRETCH, writeLength } from '@wiry-otter/core';
import { stretchWord } from '../../ui/quantities/figures';
import { Ribbon } from '../../ui/ribbons/ribbon';
import { InspectionStore } from './inspection-store';

/** A walk along one band, point by point; the answers make the result. */
@Component({
  selector: 'otter-inspection',
  imports: [FormsModule, Ribbon, RouterLink],
  providers: [InspectionStore],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './inspection.html',
})
export class Inspection {
  readonly id = input.required<string>();
  readonly copyId = input.required<string>();

  protected readonly store = inject(InspectionStore);
  protected readonly answers = (['good', 'watch', 'bad'] as const).map((finding) => ({ finding }));
  protected readonly stretch = stretchWord(INSPECTION_STRETCH);
  private readonly lengthUnit = inject(Store).selectSignal(selectLengthUnit);
  protected readonly length = computed(() => {
    const { flatLength_m } = this.store.band() ?? {};
    return flatLength_m === undefined
      ? ''
      : writeLength(flatLength_m * INSPECTION_STRETCH, this.lengthUnit());
  });

  constructor() {
    this.store.inspect(computed(() => ({ bandId: this.id(), copyId: this.copyId() })));
  }
}
