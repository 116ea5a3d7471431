import { ChangeDetectionStrategy, Component, computed, input, output, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';

/** Length and name of a piece to be cut from a roll. */
@Component({
  selector: 'otter-cut-form',
  imports: [FormsModule],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <form class="flex flex-wrap items-end gap-3" (ngSubmit)="submit()">
      <label class="field"
        >Piece, cm
        <input
          class="w-28"
          type="number"
          name="length"
          min="5"
          step="1"
          [ngModel]="length_cm()"
          (ngModelChange)="length_cm.set($event)"
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
  readonly pieceCut = output<{ name: string; length_m: number }>();

  protected readonly length_cm = signal<number | null>(150);
  protected readonly name = signal('');
  protected readonly fault = computed(() => {
    const length_cm = this.length_cm();
    if (length_cm === null || !(length_cm >= 5)) return 'A piece is at least 5 cm long.';
    if (length_cm / 100 >= this.left_m()) {
      return `Only ${(this.left_m() * 100).toFixed(0)} cm are left on the roll.`;
    }
    return this.name().trim() === '' ? 'The piece needs a name.' : null;
  });

  protected submit(): void {
    const length_cm = this.length_cm();
    if (length_cm === null || this.fault() !== null) return;
    this.pieceCut.emit({ name: this.name().trim(), length_m: length_cm / 100 });
  }
}
