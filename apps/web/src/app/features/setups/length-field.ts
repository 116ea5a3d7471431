import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { lengthFigure, toMetres } from '@wiry-otter/core';
import { FigureField } from './figure-field';
import { WorkbenchStore } from './workbench/workbench-store';

/** A length of the set-up with its name, in the unit that the studio measures in. */
@Component({
  selector: 'otter-length-field',
  imports: [FigureField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <otter-figure-field
      [words]="words() + ', ' + unit()"
      [step]="unit() === 'in' ? 0.5 : 1"
      [shown]="shown()"
      (given)="give($event)"
    />
  `,
})
export class LengthField {
  readonly words = input.required<string>();
  readonly length_m = input.required<number>();
  /** What was typed or dragged to, m. */
  readonly given = output<number>();

  private readonly workbench = inject(WorkbenchStore);
  protected readonly unit = computed(() => this.workbench.units().length);
  protected readonly shown = computed(() => lengthFigure(this.length_m(), this.unit()));

  protected give(value: number | null): void {
    if (value !== null) this.given.emit(toMetres(value, this.unit()));
  }
}
