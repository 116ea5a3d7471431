import { ChangeDetectionStrategy, Component, effect, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import { noticeActions, noticesFeature } from '../state/notices';

/** A notice that offers a way back stays this long. */
const SHOWN_MS = 8000;

/** What was just done, with its undo; trouble stays until it is put away. */
@Component({
  selector: 'otter-notice-bar',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div aria-live="polite">
      @if (notice(); as shown) {
        <div
          class="fixed bottom-20 left-1/2 z-50 flex w-max max-w-[92vw] -translate-x-1/2 items-center gap-3 rounded-sm border-[1.5px] bg-sheet px-4 py-2 sm:bottom-6"
          [class.border-stop]="shown.tone === 'trouble'"
          [class.border-ink]="shown.tone === 'done'"
        >
          <span [class.text-stop]="shown.tone === 'trouble'">{{ shown.text }}</span>
          @if (shown.undo; as undo) {
            <button class="action-quiet font-semibold" type="button" (click)="takeBack()">
              Undo
            </button>
          }
          <button class="action-quiet" type="button" (click)="dismiss()">Close</button>
        </div>
      }
    </div>
  `,
})
export class NoticeBar {
  private readonly store = inject(Store);
  protected readonly notice = this.store.selectSignal(noticesFeature.selectNotice);

  constructor() {
    effect((onCleanup) => {
      if (this.notice()?.tone !== 'done') return;
      const timer = setTimeout(() => this.dismiss(), SHOWN_MS);
      onCleanup(() => clearTimeout(timer));
    });
  }

  protected takeBack(): void {
    const undo = this.notice()?.undo;
    this.dismiss();
    if (undo) this.store.dispatch(undo);
  }

  protected dismiss(): void {
    this.store.dispatch(noticeActions.dismiss());
  }
}
