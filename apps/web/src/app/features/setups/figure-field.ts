import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  input,
  output,
  signal,
} from '@angular/core';
import { NumberInput } from '../../ui/fields/number-input';
import { Scrub } from './scrub';

/** A figure with its name: typed into its field, or its name dragged to and fro. */
@Component({
  selector: 'otter-figure-field',
  imports: [NumberInput, Scrub],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <label class="field">
      <span [otterScrub]="+shown()" [scrubStep]="step()" (scrubbed)="given.emit($event)"
        ><span aria-hidden="true">↔ </span>{{ words() }}</span
      >
      <input class="w-24" [step]="step()" [otterNumber]="shown()" (given)="give($event)" />
    </label>
    @if (heldWords(); as words) {
      <p class="text-sm text-caution" role="status">△ {{ words }}</p>
    }
  `,
})
export class FigureField {
  readonly words = input.required<string>();
  /** The figure as it is written. */
  readonly shown = input.required<string>();
  readonly step = input(1);
  /** What was typed or dragged to; null for an emptied field. */
  readonly given = output<number | null>();

  /** What was typed last, until something else is shown than what it led to. */
  private readonly typed = signal<{ readonly value: number; readonly became: string } | null>(null);
  /** That what was typed is beyond what can be, where it is. */
  protected readonly heldWords = computed(() => {
    const typed = this.typed();
    if (typed === null || typed.became !== this.shown()) return null;
    return Math.abs(typed.value - Number(this.shown())) > this.step() / 2
      ? `${typed.value} is held to ${this.shown()}.`
      : null;
  });

  constructor() {
    // What it became is known once the store has answered.
    effect(() => {
      const shown = this.shown();
      const typed = this.typed();
      if (typed !== null && typed.became === '') this.typed.set({ ...typed, became: shown });
    });
  }

  protected give(value: number | null): void {
    this.given.emit(value);
    this.typed.set(value === null ? null : { value, became: '' });
  }
}
