import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { FACE_CLEARANCE_M, writeLength } from '@wiry-otter/core';
import { Store } from '@ngrx/store';
import type { StudioRulesInput } from '@wiry-otter/contracts';
import { studioRulesInput } from '@wiry-otter/contracts';
import {
  FORCE_CHOICES,
  forceWord,
  LENGTH_CHOICES,
  MASS_CHOICES,
  WEEK_CHOICES,
} from '../../ui/quantities/figures';
import { accountActions, rulesOf } from '../../account/account';
import { selectIsOwner } from '../../account/own-role';
import { selectLengthUnit, selectStudio } from '../../records/selectors';
import { type RuleAnswer, RuleChoice } from './rule-choice';
import { noticeActions } from '../../ui/notices/notices';

const FORCES = FORCE_CHOICES.map(({ unit, words }): RuleAnswer => ({
  ...{ words, part: { forceUnit: unit } },
  said: `Pulls are written in ${forceWord(unit)}.`,
}));
const LENGTHS = LENGTH_CHOICES.map(({ unit, words }): RuleAnswer => ({
  ...{ words, part: { lengthUnit: unit } },
  said: `Lengths are written in ${words}.`,
}));
const MASSES = MASS_CHOICES.map(({ unit, words }): RuleAnswer => ({
  ...{ words, part: { massUnit: unit } },
  said: `Bodies are weighed in ${words}.`,
}));
const EYES: readonly RuleAnswer[] = [
  {
    words: '△ is warned of',
    part: { eyesRule: false },
    said: 'A pull past the head is warned of.',
  },
  { words: '✕ is refused', part: { eyesRule: true }, said: 'A pull past the head is refused.' },
];

/** What the studio decides for all its trainers; a change is kept at once and can be undone. */
@Component({
  selector: 'otter-studio-rules',
  imports: [RuleChoice],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './studio-rules.html',
})
export class StudioRules {
  private readonly store = inject(Store);

  protected readonly studio = this.store.selectSignal(selectStudio);
  protected readonly isOwner = this.store.selectSignal(selectIsOwner);
  protected readonly forces = FORCES;
  protected readonly lengths = LENGTHS;
  protected readonly masses = MASSES;
  protected readonly eyes = EYES;
  protected readonly weeks = WEEK_CHOICES;
  private readonly lengthUnit = this.store.selectSignal(selectLengthUnit);
  protected readonly nearWords = computed(() => writeLength(FACE_CLEARANCE_M, this.lengthUnit()));

  protected change(part: Partial<StudioRulesInput>, words: string): void {
    const studio = this.studio();
    if (studio === undefined) return;
    this.store.dispatch(
      accountActions.saveRules({ input: { ...rulesOf(studio), ...part }, words }),
    );
  }

  protected changeDays(field: HTMLInputElement): void {
    const inspectionDays = this.read(field, 'inspectionDays');
    if (inspectionDays === undefined) return;
    this.change({ inspectionDays }, `Inspections are due after ${inspectionDays} days.`);
  }

  protected changeCycles(field: HTMLInputElement): void {
    const inspectionCycles = this.read(field, 'inspectionCycles');
    if (inspectionCycles === undefined) return;
    this.change(
      { inspectionCycles },
      `Inspections are due after ${inspectionCycles} stretches over ×2.`,
    );
  }

  protected changePain(field: HTMLInputElement): void {
    const painLimit = this.read(field, 'painLimit');
    if (painLimit === undefined) return;
    this.change({ painLimit }, `New people begin with a pain limit of ${painLimit}.`);
  }

  protected changeBreak(field: HTMLInputElement): void {
    const breakDays = this.read(field, 'breakDays');
    if (breakDays === undefined) return;
    this.change({ breakDays }, `A break begins after ${breakDays} days without a session.`);
  }

  protected changeWeek(value: string): void {
    const choice = WEEK_CHOICES.find(({ day }) => day === value);
    if (choice !== undefined) {
      this.change({ weekStart: choice.day }, `Weeks begin with ${choice.words}.`);
    }
  }

  protected changeName(field: HTMLInputElement): void {
    const typed = studioRulesInput.shape.name.safeParse(field.value);
    if (!typed.success || typed.data === undefined) {
      return this.putBack(field, 'A studio has a name.', this.studio()?.name ?? '');
    }
    this.change({ name: typed.data }, `The studio is called ${typed.data}.`);
  }

  protected changeAddress(field: HTMLInputElement): void {
    const { value } = field;
    const typed = studioRulesInput.shape.address.safeParse(value === '' ? null : value);
    if (!typed.success) {
      const words = `${value} will not do: an address begins with http:// or https://.`;
      return this.putBack(field, words, this.studio()?.address ?? '');
    }
    const where = typed.data === null ? 'where the server runs' : typed.data;
    this.change({ address: typed.data ?? null }, `Links lead to ${where}.`);
  }

  private putBack(field: HTMLInputElement, text: string, value: string): void {
    this.store.dispatch(noticeActions.show({ text, tone: 'trouble', undo: null }));
    field.value = value;
  }

  /** What was typed, where the rules allow it; else the field goes back and says why. */
  private read(
    field: HTMLInputElement,
    key: 'inspectionDays' | 'inspectionCycles' | 'painLimit' | 'breakDays',
  ): number | undefined {
    const typed = studioRulesInput.shape[key].safeParse(field.valueAsNumber);
    if (typed.success) return typed.data;
    const found = field.value === '' ? 'Nothing' : field.value;
    const text = `${found} will not do: a whole number from ${field.min} to ${field.max}.`;
    this.putBack(field, text, String(this.studio()?.[key] ?? ''));
    return undefined;
  }
}
