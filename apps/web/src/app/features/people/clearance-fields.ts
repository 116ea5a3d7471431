import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { FormsModule } from '@angular/forms';
import type { PersonInput } from '@wiry-otter/contracts';
import {
  type Allowed,
  type ClearanceLimits,
  DEFERENCE,
  forceFigure,
  fromMetres,
  groupWords,
  MUSCLE_GROUPS,
  type MuscleGroup,
  RANGED_JOINTS,
  REHAB_STAGES,
  STAGE_WORDS,
  toMetres,
  toNewtons,
} from '@wiry-otter/core';
import { addMonths, format } from 'date-fns';
import { NumberInput } from '../../ui/fields/number-input';
import { PickSeveral } from '../../ui/fields/pick-several';
import { forceWord } from '../../ui/quantities/figures';
import { PeopleStore } from './people-store';
import { RangesField } from './ranges-field';

type Clearance = NonNullable<PersonInput['clearance']>;
type Joint = (typeof RANGED_JOINTS)[number];

/** A clearance is renewed after so long unless the clinician says otherwise, months. */
const USUAL_MONTHS = 3;

/** A clinician's clearance: who, when, what is allowed in words and as data. */
@Component({
  selector: 'otter-clearance-fields',
  imports: [FormsModule, NumberInput, PickSeveral, RangesField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'block' },
  templateUrl: './clearance-fields.html',
})
export class ClearanceFields {
  protected readonly store = inject(PeopleStore);
  protected readonly deference = DEFERENCE;
  protected readonly stages = REHAB_STAGES.map((stage) => ({ stage, words: STAGE_WORDS[stage] }));
  protected readonly groups = MUSCLE_GROUPS.map((id) => ({ id, words: groupWords(id) }));
  protected readonly joints = RANGED_JOINTS;
  protected readonly unitWord = computed(() => forceWord(this.store.units().force));
  private readonly clearance = computed(() => this.store.draft()?.clearance ?? null);
  protected readonly limits = computed((): ClearanceLimits => this.clearance()?.enforced ?? {});

  /** A length as it is typed; empty where it is not limited. */
  protected length(length_m: number | undefined): string {
    if (length_m === undefined) return '';
    return String(Number(fromMetres(length_m, this.store.units().length).toFixed(1)));
  }

  protected force(force_N: number | undefined): string {
    return force_N === undefined ? '' : forceFigure(force_N, this.store.units().force);
  }

  protected moment(joint: Joint): string {
    const limit = this.limits().moments?.find((one) => one.joint === joint);
    return limit === undefined ? '' : String(limit.most_Nm);
  }

  protected add(): void {
    const today = new Date();
    this.store.set({
      clearance: {
        ...{ by: '', profession: '', on: format(today, 'yyyy-MM-dd'), limits: '' },
        until: format(addMonths(today, USUAL_MONTHS), 'yyyy-MM-dd'),
      },
    });
  }

  protected set(part: Partial<Clearance>): void {
    const clearance = this.clearance();
    if (clearance !== null) this.store.set({ clearance: { ...clearance, ...part } });
  }

  /** The day it was given; an emptied field is none. */
  protected setOn(on: string): void {
    const clearance = this.clearance();
    if (clearance === null) return;
    const { on: _before, ...others } = clearance;
    this.store.set({ clearance: on === '' ? others : { ...others, on } });
  }

  /** A limit that is not given is none. */
  protected limit(part: ClearanceLimits): void {
    const clearance = this.clearance();
    if (clearance === null) return;
    const limits = { ...clearance.enforced, ...part };
    const given = Object.entries(limits).filter(([, value]) => value !== undefined);
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

  protected limitMoment(joint: Joint, most_Nm: number | null): void {
    const others = (this.limits().moments ?? []).filter((one) => one.joint !== joint);
    const moments = most_Nm === null ? others : [...others, { joint, most_Nm }];
    this.limit({ moments: moments.length === 0 ? undefined : moments });
  }

  protected limitGroups(part: { only?: string[]; not?: string[] }): void {
    const groups = { ...this.limits().groups, ...part } as Allowed<MuscleGroup>;
    this.limit({ groups: named(groups) });
  }

  protected limitMovements(part: Allowed<string>): void {
    this.limit({ movements: named({ ...this.limits().movements, ...part }) });
  }

  protected limitRanges(ranges: NonNullable<ClearanceLimits['ranges']>): void {
    this.limit({ ranges: ranges.length === 0 ? undefined : ranges });
  }
}

/** An empty list is no limit. */
function named<Name extends string>({
  not = [],
  only = [],
}: Allowed<Name>): Allowed<Name> | undefined {
  if (not.length === 0 && only.length === 0) return undefined;
  return { ...(only.length > 0 && { only }), ...(not.length > 0 && { not }) };
}
