import { ChangeDetectionStrategy, Component, effect, inject } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { NavigationStart, Router } from '@angular/router';
import { Store } from '@ngrx/store';
import { filter } from 'rxjs';
import { noticeActions, noticesFeature } from './notices';

/** A notice that offers a way back stays this long. */
const SHOWN_MS = 8000;

/**
 * What was just done, with its undo, over the screen's head where nothing is to be done; trouble
 * stays until it is put away, and whatever is said goes with the screen it was about.
 */
@Component({
  selector: 'otter-notice-bar',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div aria-live="polite">
      @if (notice(); as shown) {
        <div
          class="fixed top-1 left-1/2 z-50 flex w-max max-w-[92vw] -translate-x-1/2 flex-wrap items-center gap-x-3 rounded-sm border-[1.5px] bg-sheet px-4"
          [class.border-stop]="shown.tone === 'trouble'"
          [class.border-ink]="shown.tone === 'done'"
        >
          <span class="min-w-0 flex-1" [class.text-stop]="shown.tone === 'trouble'">{{
            shown.text
          }}</span>
          @if (shown.undo; as undo) {
            <button class="action-quiet font-semibold" type="button" (click)="takeBack()">
              Undo
            </button>
          }
          <button class="action-quiet" type="button" (click)="dismiss()">Close</button>
          @if (shown.details; as details) {
            <details class="basis-full pb-2 text-sm text-faint">
              <summary>Details</summary>
              <p class="whitespace-pre-line">{{ details }}</p>
            </details>
          }
        </div>
      }
    </div>
  `,
})
export class NoticeBar {
  private readonly store = inject(Store);
  protected readonly notice = this.store.selectSignal(noticesFeature.selectNotice);

  constructor() {
    inject(Router)
      .events.pipe(
        filter((event) => event instanceof NavigationStart),
        takeUntilDestroyed(),
      )
      .subscribe(() => this.dismiss());
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
