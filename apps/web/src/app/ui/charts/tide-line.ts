import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';

/** Time left as a line that falls across the full width, with the seconds on it. */
@Component({
  selector: 'otter-tide-line',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div
      class="relative h-14 w-full overflow-hidden border-[1.5px] border-ink bg-sheet"
      role="timer"
      [attr.aria-label]="words() + ', ' + clock() + ' left'"
    >
      <div
        class="absolute inset-y-0 left-0 border-r-4 border-help"
        style="background: color-mix(in srgb, var(--help) 22%, var(--sheet))"
        [style.width.%]="share() * 100"
      ></div>
      <!-- Word and seconds stand together at the left, where the line arrives last. -->
      <span class="absolute inset-y-0 left-4 flex items-center gap-3">
        <span class="figure text-3xl font-bold">{{ clock() }}</span>
        <span>{{ words() }}</span>
      </span>
    </div>
  `,
})
export class TideLine {
  readonly left_s = input.required<number>();
  readonly whole_s = input.required<number>();
  readonly words = input.required<string>();

  protected readonly share = computed(() =>
    this.whole_s() > 0 ? Math.max(0, Math.min(1, this.left_s() / this.whole_s())) : 0,
  );
  protected readonly clock = computed(() => {
    const seconds = Math.max(0, Math.ceil(this.left_s()));
    return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
  });
}
