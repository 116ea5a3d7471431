import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { fromMetres, INCH_M, type LengthUnit } from '@wiry-otter/core';
import { SCENE, type SceneView } from './scene-geometry';

/** How far the ruler reaches from its zero: as far as the drawing can, m. */
const RULER = { behind_m: -0.5, ahead_m: 3.2, around_m: -3 } as const;
/** Its marks lie so far apart, and every so many of them is long and bears its figure. */
const MARKS = {
  cm: { apart_m: 0.1, longEvery: 5 },
  in: { apart_m: 4 * INCH_M, longEvery: 5 },
} as const;
/** Nothing is drawn so near to the edges, px. */
const MARGIN_PX = 8;
/** A figure under a mark reaches so far to both sides, px. */
const HALF_FIGURE_PX = 14;
/**
 * Room that the ruler's unit takes up from an edge, and the words of the distance from the feet, px:
 * on a narrow screen, where words are drawn larger beside the rest.
 */
const UNIT_PX = 190;
const FEET_PX = { left: 20, right: 100 } as const;
/** Lengths of the marks, px. */
const MARK_PX = { long: 16, short: 9 } as const;

/** The floor with its ruler, from the anchor's plumb line or from the feet. */
@Component({
  selector: 'svg:g[otterGround]',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (otterGround().floor !== null) {
      <svg:rect x="0" [attr.y]="y()" [attr.width]="size.width" height="10" fill="url(#ground)" />
    }
    <svg:line
      x1="0"
      [attr.x2]="size.width"
      [attr.y1]="y()"
      [attr.y2]="y()"
      stroke="var(--ink)"
      [attr.stroke-width]="otterGround().floor === null ? 0.75 : 1.5"
    />
    <svg:path [attr.d]="marks()" stroke="var(--ink)" stroke-width="1" />
    @for (figure of figures(); track figure.words) {
      <svg:text
        [attr.x]="figure.x"
        [attr.y]="y() + 32"
        text-anchor="middle"
        font-size="12"
        class="figure"
        fill="var(--ink)"
      >
        {{ figure.words }}
      </svg:text>
    }
    <svg:text
      [attr.x]="unitOnLeft() ? 8 : size.width - 8"
      [attr.y]="y() + 48"
      [attr.text-anchor]="unitOnLeft() ? 'start' : 'end'"
      font-size="12"
      fill="var(--faint)"
    >
      {{ otterGround().side === 0 ? unit() : unit() + ' from the anchor' }}
    </svg:text>
  `,
})
export class SceneGround {
  readonly otterGround = input.required<SceneView>();
  /** What the ruler is divided in. */
  readonly unit = input.required<LengthUnit>();
  /** Where the anchor hangs over it, px; null without one. */
  readonly anchorX = input.required<number | null>();

  protected readonly size = SCENE;
  protected readonly y = computed(() => this.otterGround().floor ?? SCENE.floor);
  /** The unit stands at the anchor's end of the ruler; at the other while the feet are there. */
  protected readonly unitOnLeft = computed(() => {
    const { originX, side } = this.otterGround();
    if (side === -1) return originX > UNIT_PX + FEET_PX.left;
    return side === 1 && originX > SCENE.width - UNIT_PX - FEET_PX.right;
  });
  private readonly ruler = computed(() => {
    const { pxPerMetre, originX, side } = this.otterGround();
    const zero = side === 0 ? originX : (this.anchorX() ?? originX);
    const away = side === -1 ? 1 : -1;
    const { apart_m, longEvery } = MARKS[this.unit()];
    const first = Math.ceil((side === 0 ? RULER.around_m : RULER.behind_m) / apart_m);
    const marks: { readonly x: number; readonly length_m: number; readonly long: boolean }[] = [];
    for (let mark = first; mark * apart_m <= RULER.ahead_m; mark++) {
      const x = zero + away * mark * apart_m * pxPerMetre;
      if (x < MARGIN_PX || x > SCENE.width - MARGIN_PX) continue;
      marks.push({ x, length_m: mark * apart_m, long: mark % longEvery === 0 });
    }
    return marks;
  });
  /** All marks as one path: one element, however many there are. */
  protected readonly marks = computed(() =>
    this.ruler()
      .map(({ x, long }) => `M${x} ${this.y()}v${long ? MARK_PX.long : MARK_PX.short}`)
      .join(''),
  );
  protected readonly figures = computed(() =>
    this.ruler()
      .filter(({ length_m, long }) => long && (this.otterGround().side === 0 || length_m >= 0))
      .filter(({ x }) => x >= HALF_FIGURE_PX && x <= SCENE.width - HALF_FIGURE_PX)
      .map(({ x, length_m }) => ({
        x,
        words: fromMetres(Math.abs(length_m), this.unit()).toFixed(0),
      })),
  );
}
