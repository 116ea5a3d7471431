import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';

export interface Rung {
  readonly id: string;
  readonly title: string;
  readonly load: number;
}

/** Steps over this ratio are gaps, as the rule of the range sees them. */
const GAP_RATIO = 1.2;
const WIDTH = 560;
const MARGIN = 26;
/** Labels nearer than this would run into each other, px. */
const LABEL_ROOM = 36;

/** A ladder as a staff like a harbour's tide gauge: logarithmic, gaps hatched, today flagged. */
@Component({
  selector: 'otter-gauge-staff',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <svg
      [attr.viewBox]="'0 0 ' + width + ' 74'"
      class="block w-full"
      role="img"
      [attr.aria-label]="label()"
    >
      <svg:defs>
        <svg:pattern
          id="gap"
          width="6"
          height="6"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <svg:line x1="0" y1="0" x2="0" y2="6" stroke="var(--stop)" stroke-width="1.5" />
        </svg:pattern>
      </svg:defs>
      @for (gap of gaps(); track gap.x) {
        <svg:rect
          [attr.x]="gap.x + 3"
          y="34"
          [attr.width]="gap.width - 6"
          height="14"
          fill="url(#gap)"
          opacity="0.7"
        />
        <svg:text
          [attr.x]="gap.x + gap.width / 2"
          y="29"
          text-anchor="middle"
          font-size="11"
          fill="var(--stop)"
        >
          gap {{ gap.words }}
        </svg:text>
      }
      <svg:line
        x1="8"
        [attr.x2]="width - 8"
        y1="50"
        y2="50"
        stroke="var(--ink)"
        stroke-width="1.5"
      />
      @for (mark of marks(); track mark.id) {
        <svg:line
          [attr.x1]="mark.x"
          [attr.x2]="mark.x"
          y1="32"
          y2="50"
          stroke="var(--ink)"
          [attr.stroke-width]="mark.flagged ? 3.5 : 2"
        />
        @if (mark.showLabel) {
          <svg:text
            [attr.x]="mark.x"
            y="67"
            text-anchor="middle"
            font-size="12"
            class="figure"
            fill="var(--ink)"
          >
            {{ mark.figure }}
          </svg:text>
        }
        @if (mark.flagged) {
          <svg:line
            [attr.x1]="mark.x"
            [attr.x2]="mark.x"
            y1="6"
            y2="34"
            stroke="var(--help)"
            stroke-width="1.5"
          />
          <svg:path [attr.d]="'M' + mark.x + ' 6 h26 l-5 5 l5 5 h-26 z'" fill="var(--help)" />
          <svg:text
            [attr.x]="mark.x > width - 190 ? mark.x - 6 : mark.x + 31"
            y="16"
            font-size="12"
            fill="var(--help)"
            [attr.text-anchor]="mark.x > width - 190 ? 'end' : 'start'"
          >
            {{ flagWords() }}{{ mark.title }}
          </svg:text>
        }
      }
      <svg:text [attr.x]="width - 2" y="67" text-anchor="end" font-size="12" fill="var(--faint)">
        {{ unit() }}
      </svg:text>
    </svg>
  `,
})
export class GaugeStaff {
  /** Easiest first; loads in the unit on show. */
  readonly rungs = input.required<readonly Rung[]>();
  readonly unit = input.required<string>();
  readonly flaggedId = input<string | null>(null);
  readonly flagWords = input('');

  protected readonly width = WIDTH;

  protected readonly marks = computed(() => {
    const rungs = this.rungs();
    const lowest = Math.log(rungs[0]?.load ?? 1);
    const span = Math.log(rungs.at(-1)?.load ?? 1) - lowest;
    let lastLabel = -Infinity;
    return rungs.map((rung) => {
      const share = span > 0 ? (Math.log(rung.load) - lowest) / span : 0.5;
      const x = MARGIN + share * (WIDTH - 2 * MARGIN - 20);
      const showLabel = x - lastLabel > LABEL_ROOM;
      if (showLabel) lastLabel = x;
      return {
        ...rung,
        x,
        showLabel,
        flagged: rung.id === this.flaggedId(),
        figure: rung.load.toFixed(rung.load < 30 ? 1 : 0),
      };
    });
  });

  protected readonly gaps = computed(() => {
    const marks = this.marks();
    return marks.flatMap((mark, i) => {
      const next = marks[i + 1];
      if (next === undefined || next.load / mark.load <= GAP_RATIO) return [];
      return [
        { x: mark.x, width: next.x - mark.x, words: `×${(next.load / mark.load).toFixed(2)}` },
      ];
    });
  });

  protected readonly label = computed(
    () =>
      `Ladder: ${this.marks()
        .map(({ title, figure }) => `${title} ${figure} ${this.unit()}`)
        .join(', ')}`,
  );
}
