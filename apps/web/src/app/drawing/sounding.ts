import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import type { Sounding } from './figures';

/** A figure written like a depth on a chart: large, with ± and unit small beside it. */
@Component({
  selector: 'otter-sounding',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'inline-flex items-end gap-1 whitespace-nowrap' },
  template: `
    <span class="figure font-bold leading-none" [style.font-size.rem]="size()">{{
      sounding().figure
    }}</span>
    <span class="flex flex-col justify-end leading-none text-sm">
      @if (sounding().spread; as spread) {
        <span class="figure text-xs">±{{ spread }}</span>
      }
      <span class="mt-0.5">{{ sounding().unit }}</span>
    </span>
  `,
})
export class SoundingText {
  readonly sounding = input.required<Sounding>();
  readonly size = input(1.75);
}
