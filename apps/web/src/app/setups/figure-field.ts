import {
  afterNextRender,
  ChangeDetectionStrategy,
  Component,
  inject,
  Injector,
  input,
  output,
} from '@angular/core';
import { FormsModule, type NgModel } from '@angular/forms';
import { Scrub } from './scrub';

/** A figure with its name: typed into its field, or its name dragged to and fro. */
@Component({
  selector: 'otter-figure-field',
  imports: [FormsModule, Scrub],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <label class="field">
      <span [otterScrub]="+shown()" [scrubStep]="step()" (scrubbed)="given.emit($event)"
        ><span aria-hidden="true">↔ </span>{{ words() }}</span
      >
      <input
        class="w-24"
        type="number"
        [step]="step()"
        #field="ngModel"
        [ngModel]="shown()"
        [ngModelOptions]="{ updateOn: 'blur' }"
        (ngModelChange)="give($event, field)"
      />
    </label>
  `,
})
export class FigureField {
  readonly words = input.required<string>();
  /** The figure as it is written. */
  readonly shown = input.required<string>();
  readonly step = input(1);
  /** What was typed or dragged to; null for an emptied field. */
  readonly given = output<number | null>();

  private readonly injector = inject(Injector);

  protected give(typed: number | null, { control }: NgModel): void {
    this.given.emit(typed);
    // Held to its bounds it may be the figure of before, which no binding would write again.
    afterNextRender(
      { write: () => control.setValue(this.shown(), { emitViewToModelChange: false }) },
      { injector: this.injector },
    );
  }
}
