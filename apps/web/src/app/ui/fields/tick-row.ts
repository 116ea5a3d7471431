import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';

/** A line of a list that is ticked, by a tap anywhere on it. */
@Component({
  selector: 'otter-tick-row',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <label class="flex min-h-12 items-center gap-3 border-b-[1.5px] border-hairline py-1">
      <input
        #box
        class="h-5 min-h-5 w-5 flex-none"
        type="checkbox"
        [checked]="ticked()"
        [disabled]="disabled()"
        (change)="changed.emit(box.checked)"
      />
      <ng-content />
    </label>
  `,
})
export class TickRow {
  readonly ticked = input.required<boolean>();
  readonly disabled = input(false);
  readonly changed = output<boolean>();
}
