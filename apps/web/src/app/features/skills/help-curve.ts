import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { Help } from '@wiry-otter/core';

/** The drawing's own size, px; it is as wide as its place. */
const WIDTH = 200;
const HEIGHT = 92;
/** Where 100 % lies, px from the top: what lifts goes on above. */
const FULL = 14;

/** Help over the movement as share of what is needed, from none to all of it. */
@Component({
  selector: 'otter-help-curve',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <svg
      class="block w-full"
      [attr.viewBox]="'0 0 ' + width + ' ' + height"
      preserveAspectRatio="none"
      aria-hidden="true"
    >
      <svg:path
        [attr.d]="grid"
        fill="none"
        stroke="var(--hairline)"
        vector-effect="non-scaling-stroke"
      />
      <svg:path
        [attr.d]="area()"
        [attr.fill]="'color-mix(in srgb, var(--' + ink() + ') 14%, transparent)'"
      />
      <svg:path
        [attr.d]="curve()"
        fill="none"
        [attr.stroke]="'var(--' + ink() + ')'"
        stroke-width="2"
        vector-effect="non-scaling-stroke"
      />
      <svg:path
        [attr.d]="'M0 ' + full + 'H' + width"
        fill="none"
        [attr.stroke]="isOver() ? 'var(--stop)' : 'var(--faint)'"
        [attr.stroke-dasharray]="isOver() ? '5 4' : null"
        vector-effect="non-scaling-stroke"
      />
      <svg:path
        [attr.d]="'M0 ' + (height - 1) + 'H' + width"
        fill="none"
        stroke="var(--ink)"
        vector-effect="non-scaling-stroke"
      />
    </svg>
  `,
})
export class HelpCurve {
  readonly help = input.required<Help>();

  protected readonly width = WIDTH;
  protected readonly height = HEIGHT;
  protected readonly full = FULL;
  protected readonly grid = [0.25, 0.5, 0.75]
    .map((share) => `M0 ${heightOf(share)}H${WIDTH}`)
    .join('');
  protected readonly isOver = computed(() => this.help().lifts !== null);

  /** Drawn of what is added where the bands add to the need. */
  protected readonly ink = computed(() => (this.help().middle.help < 0 ? 'pull' : 'help'));

  private readonly points = computed(() => {
    const { curve } = this.help();
    const sign = this.ink() === 'pull' ? -1 : 1;
    const last = curve.length - 1;
    return curve.flatMap(({ share }, k) =>
      share === null
        ? []
        : [`${((k / last) * WIDTH).toFixed(1)} ${heightOf(sign * share).toFixed(1)}`],
    );
  });
  protected readonly curve = computed(() => `M${this.points().join('L')}`);
  protected readonly area = computed(() => {
    const points = this.points();
    const [first = '0 0', last = '0 0'] = [points[0], points.at(-1)];
    const at = (point: string): string => point.split(' ')[0] ?? '0';
    return `M${at(first)} ${HEIGHT - 1}L${points.join('L')}L${at(last)} ${HEIGHT - 1}Z`;
  });
}

/** Height of a share of the need, px from the top; a load that is added lies on the ground. */
function heightOf(share: number): number {
  const y = HEIGHT - 1 - share * (HEIGHT - 1 - FULL);
  return Math.min(HEIGHT - 1, Math.max(1, y));
}
