import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import type { StudioRecord, StudioRulesInput } from '@wiry-otter/contracts';

/** One way a studio may have it: on its button, what it changes, and what is said once it is so. */
export interface RuleAnswer {
  readonly words: string;
  readonly part: Partial<StudioRulesInput>;
  readonly said: string;
}

/** A rule with its few answers, of which one holds. */
@Component({
  selector: 'otter-rule-choice',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h3 class="font-bold">{{ words() }}</h3>
    <div class="mt-2 flex flex-wrap gap-2" role="group" [attr.aria-label]="words()">
      @for (answer of told(); track answer.words) {
        <button
          class="choice px-4"
          type="button"
          [disabled]="!changeable()"
          [attr.aria-pressed]="answer.holds"
          (click)="taken.emit(answer)"
        >
          {{ answer.words }}
        </button>
      }
    </div>
  `,
})
export class RuleChoice {
  readonly words = input.required<string>();
  readonly answers = input.required<readonly RuleAnswer[]>();
  readonly studio = input.required<StudioRecord>();
  readonly changeable = input.required<boolean>();
  readonly taken = output<RuleAnswer>();

  protected readonly told = computed(() => {
    const present = new Map<string, unknown>(Object.entries(this.studio()));
    return this.answers().map((answer) => ({
      ...answer,
      holds: Object.entries(answer.part).every(([rule, value]) => present.get(rule) === value),
    }));
  });
}
