import {
  ChangeDetectionStrategy,
  Component,
  computed,
  input,
  linkedSignal,
  output,
  signal,
} from '@angular/core';
import { lengthFigure, type LengthUnit, toMetres, writeLength } from '@wiry-otter/core';
import { FormsModule } from '@angular/forms';

/** Shorter pieces are good for nothing, m. */
const SHORTEST_M = 0.05;
const USUAL_PIECE_M = 1.5;

/** Length and name of a piece to be cut from a roll. */
@Component({
  selector: 'otter-cut-form',
  imports: [FormsModule],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <form class="flex flex-wrap items-end gap-3" (ngSubmit)="submit()">
      <label class="field"
        >Piece, {{ unit() }}
        <input
          class="w-28"
          type="number"
          name="length"
          step="any"
          [ngModel]="length()"
          (ngModelChange)="length.set($event)"
      /></label>
      <label class="field"
        >Its name <input name="name" [ngModel]="name()" (ngModelChange)="name.set($event)"
      /></label>
      <button class="action" type="submit" [disabled]="fault() !== null">Cut it</button>
    </form>
    <p class="min-h-6 text-sm text-stop" role="status">{{ fault() ?? '' }}</p>
  `,
})
export class CutForm {
  /** What is left on the roll, m. */
  readonly left_m = input.required<number>();
  readonly unit = input.required<LengthUnit>();
  readonly pieceCut = output<{ name: string; length_m: number }>();

  /** As it is typed, in the studio's unit. */
  protected readonly length = linkedSignal<number | null>(() =>
    Number(lengthFigure(USUAL_PIECE_M, this.unit())),
  );
  protected readonly name = signal('');
  private readonly length_m = computed(() => {
    const typed = this.length();
    return typed === null ? null : toMetres(typed, this.unit());
  });
  protected readonly fault = computed(() => {
    const length_m = this.length_m();
    if (length_m === null || !(length_m >= SHORTEST_M)) {
      return `A piece is at least ${writeLength(SHORTEST_M, this.unit())} long.`;
    }
    if (length_m >= this.left_m()) {
      return `Only ${writeLength(this.left_m(), this.unit())} are left on the roll.`;
    }
    return this.name().trim() === '' ? 'The piece needs a name.' : null;
  });

  protected submit(): void {
    const length_m = this.length_m();
    if (length_m === null || this.fault() !== null) return;
    this.pieceCut.emit({ name: this.name().trim(), length_m });
  }
}
