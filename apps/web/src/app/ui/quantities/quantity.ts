import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import type { Quantity } from './figures';

/** A figure written like a depth on a chart: large, with ± and unit small beside it. */
@Component({
  selector: 'otter-quantity',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'inline-flex items-end gap-1 whitespace-nowrap' },
  template: `
    <span class="figure font-bold leading-none" [style.font-size.rem]="size()">{{
      quantity().figure
    }}</span>
    <span class="flex flex-col justify-end leading-none text-sm">
      @if (quantity().spread; as spread) {
        <span class="figure text-xs">±{{ spread }}</span>
      }
      <span class="mt-0.5">{{ quantity().unit }}</span>
    </span>
  `,
})
export class QuantityText {
  readonly quantity = input.required<Quantity>();
  readonly size = input(1.75);
}
