import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import type { StudioRulesInput } from '@wiry-otter/contracts';
import { studioRulesInput } from '@wiry-otter/contracts';
import { FORCE_CHOICES, forceWord } from '../../ui/quantities/figures';
import { accountActions, rulesOf } from '../../account/account';
import { selectIsOwner } from '../../account/own-role';
import { selectStudio } from '../../records/selectors';
import { noticeActions } from '../../ui/notices/notices';

/** What the studio decides for all its trainers; a change is kept at once and can be undone. */
@Component({
  selector: 'otter-studio-rules',
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './studio-rules.html',
})
export class StudioRules {
  private readonly store = inject(Store);

  protected readonly studio = this.store.selectSignal(selectStudio);
  protected readonly isOwner = this.store.selectSignal(selectIsOwner);
  protected readonly units = FORCE_CHOICES;
  protected readonly forceWord = forceWord;

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
    key: 'inspectionDays' | 'inspectionCycles',
  ): number | undefined {
    const typed = studioRulesInput.shape[key].safeParse(field.valueAsNumber);
    if (typed.success) return typed.data;
    const found = field.value === '' ? 'Nothing' : field.value;
    const text = `${found} will not do: a whole number from ${field.min} to ${field.max}.`;
    this.putBack(field, text, String(this.studio()?.[key] ?? ''));
    return undefined;
  }
}
