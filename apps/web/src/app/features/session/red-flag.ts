import { ChangeDetectionStrategy, Component, output, signal } from '@angular/core';
import { RED_FLAGS, type RedFlag, STOP_CAUSE_WORDS } from '@wiry-otter/core';

export interface RaisedFlag {
  readonly cause: RedFlag;
  readonly said: string;
}

/** The red flag: two taps away in every moment of a session, its kinds apart. */
@Component({
  selector: 'otter-red-flag',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'block' },
  template: `
    <button
      class="action min-h-11 border-stop text-stop"
      type="button"
      [attr.aria-expanded]="open()"
      (click)="open.set(!open())"
    >
      ✕ Red flag: stop now
    </button>
    @if (open()) {
      <div class="mt-2 border-l-4 border-stop pl-3" role="group" aria-label="What came up">
        <p class="text-sm">
          This ends the session, and stops the work until a clinician or you lift it.
        </p>
        <div class="mt-2 grid grid-cols-2 gap-2 sm:grid-cols-3">
          @for (kind of kinds; track kind) {
            <button class="action min-h-11" type="button" (click)="raise(kind)">
              {{ words[kind] }}
            </button>
          }
        </div>
        <form class="mt-2 flex flex-wrap items-end gap-2" (submit)="raiseOther($event)">
          <label class="field min-w-0 flex-1 basis-48">
            <span>Something else</span>
            <input
              class="min-h-11"
              type="text"
              maxlength="500"
              [value]="said()"
              (input)="said.set($any($event.target).value)"
            />
          </label>
          <button class="action min-h-11" type="submit" [disabled]="said().trim() === ''">
            Stop for this
          </button>
        </form>
      </div>
    }
  `,
})
export class RedFlagButton {
  readonly raised = output<RaisedFlag>();

  protected readonly open = signal(false);
  protected readonly said = signal('');
  protected readonly kinds = RED_FLAGS.filter((kind) => kind !== 'other');
  protected readonly words = STOP_CAUSE_WORDS;

  protected raise(cause: RedFlag): void {
    this.raised.emit({ cause, said: '' });
  }

  protected raiseOther(event: Event): void {
    event.preventDefault();
    const said = this.said().trim();
    if (said !== '') this.raised.emit({ cause: 'other', said });
  }
}
