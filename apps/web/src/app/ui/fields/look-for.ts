import { ChangeDetectionStrategy, Component, input, model, output } from '@angular/core';

/** A field over a list of what is found by it: an arrow goes into the list, Enter takes its first. */
@Component({
  selector: 'otter-look-for',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'block min-w-0 flex-1' },
  template: `
    <label class="field"
      >{{ words() }}
      <input
        #field
        type="search"
        cdkFocusInitial
        autocomplete="off"
        [value]="wanted()"
        (input)="wanted.set(field.value)"
        (keydown.arrowDown)="enter($event)"
        (keydown.enter)="takeFirst($event)"
    /></label>
  `,
})
export class LookFor {
  readonly words = input.required<string>();
  readonly wanted = model.required<string>();
  /** The listbox of what was found. */
  readonly list = input.required<HTMLElement>();
  readonly firstTaken = output();

  protected enter(event: Event): void {
    event.preventDefault();
    // The list moves on to its first option, and knows that it is there.
    this.list().focus();
  }

  protected takeFirst(event: Event): void {
    // Else the key goes on to the button that has the focus again.
    event.preventDefault();
    this.firstTaken.emit();
  }
}
