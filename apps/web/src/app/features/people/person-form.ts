import { ChangeDetectionStrategy, Component, computed, inject, output } from '@angular/core';
import { FormsModule } from '@angular/forms';
import type { PersonInput } from '@wiry-otter/contracts';
import {
  type ClearanceLimits,
  CONDITION_WORDS,
  type Condition,
  CONDITIONS,
  DEFERENCE,
  forceFigure,
  fromMetres,
  GOALS,
  groupWords,
  MUSCLE_GROUPS,
  type MuscleGroup,
  RANGED_JOINTS,
  massFigure,
  REHAB_STAGES,
  STAGE_WORDS,
  toKilograms,
  toMetres,
  toNewtons,
} from '@wiry-otter/core';
import { addMonths, format } from 'date-fns';
import { NumberInput } from '../../ui/fields/number-input';
import { forceWord } from '../../ui/quantities/figures';
import { PeopleStore } from './people-store';
import { GOAL_WORDS } from './person-words';

type Clearance = NonNullable<PersonInput['clearance']>;
type Range = PersonInput['ranges'][number];

/** A clearance is renewed after so long unless the clinician says otherwise, months. */
const USUAL_MONTHS = 3;

/** What is written down of a person: what a first session needs first, the rest below. */
@Component({
  selector: 'otter-person-form',
  imports: [FormsModule, NumberInput],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './person-form.html',
})
export class PersonForm {
  /** Asked to keep what is written. */
  readonly kept = output();

  protected readonly store = inject(PeopleStore);
  protected readonly goals = GOALS.map((goal) => ({ goal, words: GOAL_WORDS[goal] }));
  protected readonly conditions = CONDITIONS.map((condition) => ({
    condition,
    words: CONDITION_WORDS[condition].replace(/^an? /, ''),
  }));
  protected readonly stages = REHAB_STAGES.map((stage) => ({ stage, words: STAGE_WORDS[stage] }));
  protected readonly groups = MUSCLE_GROUPS.map((group) => ({ group, words: groupWords(group) }));
  protected readonly pains = Array.from({ length: 11 }, (_, pain) => pain);
  protected readonly deference = DEFERENCE;
  protected readonly unitWord = computed(() => forceWord(this.store.units().force));
  protected readonly isNew = computed(() => this.store.draft()?.version === 0);

  /** A length as it is typed; empty where it is not said. */
  protected length(length_m: number | null | undefined): string {
    if (length_m === null || length_m === undefined) return '';
    return String(Number(fromMetres(length_m, this.store.units().length).toFixed(1)));
  }

  protected degrees(angle_deg: number): string {
    return String(angle_deg);
  }

  protected mass(mass_kg: number | null): string {
    return mass_kg === null ? '' : massFigure(mass_kg, this.store.units().mass);
  }

  protected force(force_N: number | undefined): string {
    return force_N === undefined ? '' : forceFigure(force_N, this.store.units().force);
  }

  protected setMass(given: number | null): void {
    const mass_kg = given === null ? given : toKilograms(given, this.store.units().mass);
    this.store.set({ mass_kg: mass_kg as number });
  }

  protected setStature(given: number | null): void {
    const stature_m = given === null ? given : toMetres(given, this.store.units().length);
    this.store.set({ stature_m: stature_m as number });
  }

  protected setMountLimit(given: number | null): void {
    if (given !== null)
      this.store.set({ mountLimit_N: toNewtons(given, this.store.units().force) });
  }

  protected toggleCondition(condition: Condition, isOnFile: boolean): void {
    const others = (this.store.draft()?.conditions ?? []).filter((one) => one !== condition);
    this.store.set({ conditions: isOnFile ? [...others, condition] : others });
  }

  protected readonly freeJoints = computed(() => {
    const named = new Set(this.store.draft()?.ranges.map(({ joint }) => joint));
    return RANGED_JOINTS.filter((joint) => !named.has(joint));
  });

  protected addRange(joint: Range['joint']): void {
    const ranges = this.store.draft()?.ranges ?? [];
    this.store.set({ ranges: [...ranges, { joint, least_deg: 0, most_deg: 90 }] });
  }

  protected setRange(joint: Range['joint'], part: Partial<Range> | null): void {
    const ranges = this.store.draft()?.ranges ?? [];
    this.store.set({
      ranges: ranges.flatMap((one) =>
        one.joint !== joint ? [one] : part === null ? [] : [{ ...one, ...part }],
      ),
    });
  }

  protected addClearance(): void {
    const until = format(addMonths(new Date(), USUAL_MONTHS), 'yyyy-MM-dd');
    this.store.set({ clearance: { by: '', until, limits: '' } });
  }

  protected setClearance(part: Partial<Clearance>): void {
    const { clearance } = this.store.draft() ?? {};
    if (clearance !== undefined && clearance !== null) {
      this.store.set({ clearance: { ...clearance, ...part } });
    }
  }

  /** A limit that is not given is none. */
  protected limit(part: ClearanceLimits): void {
    const limits = { ...this.store.draft()?.clearance?.enforced, ...part };
    const given = Object.entries(limits).filter(([, value]) => value !== undefined);
    const { clearance } = this.store.draft() ?? {};
    if (clearance === undefined || clearance === null) return;
    const { enforced: _before, ...words } = clearance;
    this.store.set({
      clearance: given.length === 0 ? words : { ...words, enforced: Object.fromEntries(given) },
    });
  }

  protected limitPull(given: number | null): void {
    this.limit({ pull_N: given === null ? undefined : toNewtons(given, this.store.units().force) });
  }

  protected limitHands(given: number | null): void {
    const handHeight_m = given === null ? undefined : toMetres(given, this.store.units().length);
    this.limit({ handHeight_m });
  }

  protected toggleGroup(group: MuscleGroup, isForbidden: boolean): void {
    const { not = [], ...groups } = this.store.draft()?.clearance?.enforced?.groups ?? {};
    const others = not.filter((one) => one !== group);
    const left = isForbidden ? [...others, group] : others;
    const changed = left.length === 0 ? groups : { ...groups, not: left };
    this.limit({ groups: Object.keys(changed).length === 0 ? undefined : changed });
  }
}
