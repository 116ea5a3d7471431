import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { fromKilograms, lengthFigure, massFigure, toKilograms, toMetres } from '@wiry-otter/core';
import { FigureField } from './figure-field';
import { type Figure, WorkbenchStore } from './workbench/workbench-store';
import { defaultWidth } from './workbench/routes';

interface Field {
  readonly figure: Figure;
  readonly words: string;
  readonly step: number;
  readonly shown: string;
  /** From what is typed to the figure. */
  readonly scale: number;
}

/** The figures that are typed: grip, stance, wraps, a free weight, another body to try out. */
@Component({
  selector: 'otter-tune',
  imports: [FigureField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="flex flex-wrap gap-x-3 gap-y-2">
      @for (field of fields(); track field.figure) {
        <otter-figure-field
          [words]="field.words"
          [step]="field.step"
          [shown]="field.shown"
          (given)="set(field, $event)"
        />
      }
      <otter-figure-field
        [words]="'stature, ' + units().length"
        [step]="units().length === 'in' ? 0.5 : 1"
        [shown]="statureFigure()"
        (given)="setStature($event)"
      />
      <otter-figure-field
        [words]="'body mass, ' + units().mass"
        [shown]="massFigure()"
        (given)="setMass($event)"
      />
    </div>
    @if (workbench.set.body()) {
      <p class="mt-1 text-sm text-caution">
        △ Tried with another body than the one on file.
        <button class="action-quiet" type="button" (click)="workbench.setBody(null)">
          Take {{ workbench.person()?.name }}’s own
        </button>
      </p>
    }
  `,
})
export class Tune {
  protected readonly workbench = inject(WorkbenchStore);

  protected readonly body = this.workbench.body;
  protected readonly units = this.workbench.units;
  protected readonly statureFigure = computed(() =>
    lengthFigure(this.body().stature_m, this.units().length),
  );
  protected readonly massFigure = computed(() =>
    fromKilograms(this.body().mass_kg, this.units().mass).toFixed(0),
  );

  protected readonly fields = computed((): Field[] => {
    const set = this.workbench.set();
    const exercise = this.workbench.exercise();
    if (exercise === undefined) return [];
    const { stature_m } = this.body();
    const { length, mass } = this.units();
    const width = (which: 'grip' | 'stance', own: number | null): string =>
      lengthFigure(own ?? defaultWidth(exercise, which) * stature_m, length);
    const [step, metre] = [length === 'in' ? 0.5 : 1, toMetres(1, length)];
    const girth = (this.workbench.anchor()?.girth_m ?? 0) > 0;
    return [
      ...(exercise.plane === 'sagittal'
        ? [
            field('grip_m', `grip width, ${length}`, step, width('grip', set.grip_m), metre),
            field('stance_m', `stance, ${length}`, step, width('stance', set.stance_m), metre),
          ]
        : []),
      field(
        ...(['slip_m', `grip down the band, ${length}`, step] as const),
        ...([lengthFigure(set.slip_m, length), metre] as const),
      ),
      ...(girth ? [field('wraps', 'turns round it', 1, String(set.wraps), 1)] : []),
      ...(exercise.plane === 'transverse'
        ? []
        : [
            field(
              ...(['weight_kg', `weight in a hand, ${mass}`, mass === 'lb' ? 1 : 0.5] as const),
              ...([massFigure(set.weight_kg, mass), toKilograms(1, mass)] as const),
            ),
          ]),
    ];
  });

  protected set({ figure, scale }: Field, given: number | null): void {
    this.workbench.setFigure(figure, given === null ? null : given * scale);
  }

  protected setStature(given: number | null): void {
    if (given !== null) this.setBody({ stature_m: toMetres(given, this.units().length) });
  }

  protected setMass(given: number | null): void {
    if (given !== null) this.setBody({ mass_kg: toKilograms(given, this.units().mass) });
  }

  private setBody(part: Partial<{ stature_m: number; mass_kg: number }>): void {
    const { stature_m, mass_kg } = { ...this.body(), ...part };
    // Outside of this nobody is trained, and a slip of the finger is meant.
    const sane = stature_m >= 1 && stature_m <= 2.3 && mass_kg >= 20 && mass_kg <= 250;
    if (sane) this.workbench.setBody({ stature_m, mass_kg });
  }
}

function field(figure: Figure, words: string, step: number, shown: string, scale: number): Field {
  return { figure, words, step, shown, scale };
}
