import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import type { ForceUnit, LengthUnit } from '@wiry-otter/core';
import { forceQuantity, type Quantity } from '../../ui/quantities/figures';
import { Ribbon } from '../../ui/ribbons/ribbon';
import { GLANCE_STRETCH, naturalPull } from '@wiry-otter/core';
import { GRADE_WORDS, type KnownBand, rollWords } from './band-law';
import { layOutRail, ROLL_PX } from './rail-layout';

/** Space over the ribbons for rail and group names, and under them for the words. */
const HEAD_PX = 64;
const FOOT_PX = 106;

/** The bands hung side by side, width and ticks to scale, longest pull to the right. */
@Component({
  selector: 'otter-band-rail',
  imports: [Ribbon, RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './band-rail.html',
})
export class BandRail {
  readonly bands = input.required<readonly KnownBand[]>();
  readonly selectedId = input<string>();
  readonly unit = input.required<ForceUnit>();
  readonly lengthUnit = input.required<LengthUnit>();

  protected readonly head = HEAD_PX;
  protected readonly rollHeight = ROLL_PX;
  protected readonly layout = computed(() => layOutRail(this.bands()));
  protected readonly height = computed(() => HEAD_PX + this.layout().height + FOOT_PX);

  protected quantity(band: KnownBand): Quantity | null {
    const pull = naturalPull(band, GLANCE_STRETCH);
    return pull === null ? null : forceQuantity(pull.force_N, pull.std_N, this.unit());
  }

  protected gradeWord({ record, calibration }: KnownBand): string {
    if (record.stock === 'roll') {
      return rollWords(record.flatLength_m, this.lengthUnit());
    }
    if (record.state === 'retired') return 'retired';
    if (record.state === 'watch') return 'watch';
    return calibration === null ? 'no figure' : GRADE_WORDS[calibration.grade];
  }

  protected label(band: KnownBand): string {
    const quantity = this.quantity(band);
    const pull =
      quantity === null
        ? 'pull unknown'
        : `${quantity.figure} ${quantity.unit} at twice its length`;
    return `${band.record.name}, ${pull}, ${this.gradeWord(band)}`;
  }
}
