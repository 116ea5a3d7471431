import { ChangeDetectionStrategy, Component, computed, inject, output } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { SKILLS } from '@wiry-otter/catalogue';
import {
  ADULT_ENOUGH_YEARS,
  fromMetres,
  GOALS,
  massFigure,
  REHAB_STAGES,
  STAGE_WORDS,
  toKilograms,
  toMetres,
  yearsBetween,
} from '@wiry-otter/core';
import { format } from 'date-fns';
import { NumberInput } from '../../ui/fields/number-input';
import { ClearanceFields } from './clearance-fields';
import { LimitsFields } from './limits-fields';
import { PeopleStore } from './people-store';
import { GOAL_WORDS } from './person-words';
import { TimeAndPlaceFields } from './time-and-place-fields';

/** What is written down of a person: what a first session needs first, the rest below. */
@Component({
  selector: 'otter-person-form',
  imports: [FormsModule, ClearanceFields, LimitsFields, NumberInput, TimeAndPlaceFields],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './person-form.html',
})
export class PersonForm {
  /** Asked to keep what is written. */
  readonly kept = output();

  protected readonly store = inject(PeopleStore);
  protected readonly goals = GOALS.map((goal) => ({ goal, words: GOAL_WORDS[goal] }));
  protected readonly stages = REHAB_STAGES.map((stage) => ({ stage, words: STAGE_WORDS[stage] }));
  protected readonly skills = SKILLS;
  protected readonly isNew = computed(() => this.store.draft()?.version === 0);
  /** Then a guardian has to agree. */
  protected readonly isMinor = computed(() => {
    const bornOn = this.store.draft()?.bornOn ?? null;
    if (bornOn === null) return false;
    return yearsBetween(bornOn, format(new Date(), 'yyyy-MM-dd')) < ADULT_ENOUGH_YEARS;
  });
  protected readonly levels = computed(() => {
    const skill = SKILLS.find(({ id }) => id === this.store.draft()?.skillAim?.skill);
    return skill?.levels.map(({ exercise }) => ({ exercise, words: this.title(exercise) })) ?? [];
  });

  /** A length as it is typed; empty where it is not said. */
  protected length(length_m: number | null): string {
    if (length_m === null) return '';
    return String(Number(fromMetres(length_m, this.store.units().length).toFixed(1)));
  }

  protected mass(mass_kg: number | null): string {
    return mass_kg === null ? '' : massFigure(mass_kg, this.store.units().mass);
  }

  protected setMass(given: number | null): void {
    const mass_kg = given === null ? given : toKilograms(given, this.store.units().mass);
    this.store.set({ mass_kg: mass_kg as number });
  }

  protected setStature(given: number | null): void {
    const stature_m = given === null ? given : toMetres(given, this.store.units().length);
    this.store.set({ stature_m: stature_m as number });
  }

  protected setConsent(part: { by?: string; on?: string }): void {
    const today = format(new Date(), 'yyyy-MM-dd');
    const consent = { by: '', on: today, ...this.store.draft()?.consent, ...part };
    this.store.set({ consent: consent.by === '' ? null : consent });
  }

  /** A skill is aimed at by its last level, until another is said. */
  protected aimAt(skill: string): void {
    const levels = SKILLS.find(({ id }) => id === skill)?.levels ?? [];
    const exercise = levels.at(-1)?.exercise;
    this.store.set({ skillAim: exercise === undefined ? null : { skill, exercise } });
  }

  protected aimAtLevel(exercise: string): void {
    const aim = this.store.draft()?.skillAim ?? null;
    if (aim !== null) this.store.set({ skillAim: { ...aim, exercise } });
  }

  private title(exercise: string): string {
    return this.store.exercises().get(exercise)?.title ?? exercise;
  }
}
