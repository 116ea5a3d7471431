import { Directive, effect, ElementRef, inject, input, output } from '@angular/core';

/**
 * The browser's own number field for a figure of ours. What is typed is given when the field is
 * left or Enter is pressed, whole: nothing is written into a field that somebody is in, and a field
 * that is entered is selected, so that typing replaces what stands there.
 */
@Directive({
  selector: 'input[otterNumber]',
  host: {
    type: 'number',
    '(focus)': 'begin()',
    '(change)': 'give()',
    '(keydown.enter)': 'give()',
    '(blur)': 'end()',
  },
})
export class NumberInput {
  /** The figure as it is written. */
  readonly otterNumber = input.required<string>();
  /** What was typed; null for an emptied field. */
  readonly given = output<number | null>();

  private readonly field = inject<ElementRef<HTMLInputElement>>(ElementRef).nativeElement;
  private isEntered = false;
  /** What stood in the field when it was last given or written. */
  private settled = '';

  constructor() {
    effect(() => {
      this.otterNumber();
      if (!this.isEntered) this.write();
    });
  }

  protected begin(): void {
    this.isEntered = true;
    this.field.select();
  }

  protected give(): void {
    if (this.field.value === this.settled) return;
    this.settled = this.field.value;
    const typed = this.field.valueAsNumber;
    this.given.emit(Number.isNaN(typed) ? null : typed);
  }

  protected end(): void {
    this.give();
    this.isEntered = false;
    // Held to its bounds it may be the figure of before, which no change would write again.
    this.write();
  }

  private write(): void {
    this.settled = this.otterNumber();
    this.field.value = this.settled;
  }
}
