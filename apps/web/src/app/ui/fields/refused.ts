import { ChangeDetectionStrategy, Component, input } from '@angular/core';

/** Why something was refused: in words, and place by place. */
export interface Refusal {
  readonly words: string;
  readonly details: readonly string[];
}

/** What was refused, in a trainer's words; the places in the document behind "details". */
@Component({
  selector: 'otter-refused',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="mt-1" role="alert">
      <p class="font-semibold text-stop">✕ {{ words() }}</p>
      @if (details().length > 0) {
        <details class="text-sm">
          <summary>Details</summary>
          <ul>
            @for (line of details(); track line) {
              <li class="break-words">{{ line }}</li>
            }
          </ul>
        </details>
      }
    </div>
  `,
})
export class Refused {
  readonly words = input.required<string>();
  readonly details = input<readonly string[]>([]);
}
