import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import type { StudioRulesInput } from '@wiry-otter/contracts';
import { studioRulesInput } from '@wiry-otter/contracts';
import { FORCE_CHOICES, forceWord } from '../../ui/quantities/figures';
import { accountActions, accountFeature, rulesOf } from '../../account/account';
import { selectStudio } from '../../records/selectors';
import { noticeActions } from '../../ui/notices/notices';

/** What the studio decides for all its trainers; a change is kept at once and can be undone. */
@Component({
  selector: 'otter-studio',
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './studio.html',
})
export class Studio {
  private readonly store = inject(Store);
  private readonly account = this.store.selectSignal(accountFeature.selectAccount);

  protected readonly studio = this.store.selectSignal(selectStudio);
  protected readonly me = computed(() => this.account()?.trainer.id);
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

  /** What was typed, where the rules allow it; else the field goes back and says why. */
  private read(
    field: HTMLInputElement,
    key: 'inspectionDays' | 'inspectionCycles',
  ): number | undefined {
    const typed = studioRulesInput.shape[key].safeParse(field.valueAsNumber);
    if (typed.success) return typed.data;
    const found = field.value === '' ? 'Nothing' : field.value;
    const text = `${found} will not do: a whole number from ${field.min} to ${field.max}.`;
    this.store.dispatch(noticeActions.show({ text, tone: 'trouble', undo: null }));
    field.value = String(this.studio()?.[key] ?? '');
    return undefined;
  }
}
