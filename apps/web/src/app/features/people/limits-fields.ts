import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { FormsModule } from '@angular/forms';
import {
  CONDITION_WORDS,
  type Condition,
  CONDITIONS,
  forceFigure,
  toNewtons,
} from '@wiry-otter/core';
import { NumberInput } from '../../ui/fields/number-input';
import { PickSeveral } from '../../ui/fields/pick-several';
import { forceWord } from '../../ui/quantities/figures';
import { PeopleStore } from './people-store';
import { RangesField } from './ranges-field';

/** What a person's set-ups are held to besides a clearance. */
@Component({
  selector: 'otter-limits-fields',
  imports: [FormsModule, NumberInput, PickSeveral, RangesField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'block' },
  template: `
    @if (store.draft(); as person) {
      <div class="flex flex-wrap items-end gap-3">
        <label class="field"
          >Pain up to, of 10
          <select
            class="figure w-28"
            name="pain"
            [ngModel]="person.painLimit"
            (ngModelChange)="store.set({ painLimit: +$event })"
          >
            @for (pain of pains; track pain) {
              <option [value]="pain">{{ pain }}</option>
            }
          </select></label
        >
        <label class="field"
          >Mounting limit, {{ unitWord() }}
          <input
            class="figure w-28"
            [otterNumber]="force(person.mountLimit_N)"
            (given)="setMountLimit($event)"
        /></label>
        <label class="flex min-h-11 items-center gap-2">
          <input
            class="min-h-5 w-5"
            type="checkbox"
            name="latex"
            [ngModel]="person.latexAllergy"
            (ngModelChange)="store.set({ latexAllergy: $event })"
          />
          allergic to latex
        </label>
      </div>
      <fieldset class="mt-3">
        <legend class="text-sm text-faint">
          On file; what asks for a clinician’s clearance is refused without one
        </legend>
        <div class="flex flex-wrap gap-x-5">
          @for (one of conditions; track one.condition) {
            <label class="flex min-h-11 items-center gap-2">
              <input
                class="min-h-5 w-5"
                type="checkbox"
                [name]="one.condition"
                [ngModel]="person.conditions.includes(one.condition)"
                (ngModelChange)="toggleCondition(one.condition, $event)"
              />
              {{ one.words }}
            </label>
          }
        </div>
      </fieldset>
      <otter-ranges-field
        class="mt-3"
        label="Pain-free ranges"
        [ranges]="person.ranges"
        (changed)="store.set({ ranges: $event })"
      />
      <otter-pick-several
        class="mt-3"
        label="Movements not to be done"
        invitation="add an exercise"
        [choices]="store.exerciseChoices()"
        [value]="person.noGo"
        (changed)="store.set({ noGo: $event })"
      />
    }
  `,
})
export class LimitsFields {
  protected readonly store = inject(PeopleStore);
  protected readonly conditions = CONDITIONS.map((condition) => ({
    condition,
    words: CONDITION_WORDS[condition].replace(/^an? /, ''),
  }));
  protected readonly pains = Array.from({ length: 11 }, (_, pain) => pain);
  protected readonly unitWord = computed(() => forceWord(this.store.units().force));

  protected force(force_N: number): string {
    return forceFigure(force_N, this.store.units().force);
  }

  protected setMountLimit(given: number | null): void {
    if (given === null) return;
    this.store.set({ mountLimit_N: toNewtons(given, this.store.units().force) });
  }

  protected toggleCondition(condition: Condition, isOnFile: boolean): void {
    const others = (this.store.draft()?.conditions ?? []).filter((one) => one !== condition);
    this.store.set({ conditions: isOnFile ? [...others, condition] : others });
  }
}
