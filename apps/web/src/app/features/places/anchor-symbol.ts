import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { AnchorRecord } from '@wiry-otter/contracts';
import { anchorShapes } from '../../scene/anchor-shapes';

/** The symbol's own size, in the scene's px: half the scene's scale shows a room's height. */
const SIZE = { width: 150, floor: 208 } as const;
const PX_PER_METRE = 96;

/** A kind of anchor as a small line drawing, the same as in the scene; no photograph. */
@Component({
  selector: 'otter-anchor-symbol',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <svg viewBox="0 0 150 216" width="46" height="66" class="bg-sheet" aria-hidden="true">
      <svg:line x1="0" x2="150" y1="208" y2="208" stroke="var(--ink)" stroke-width="2" />
      @for (shape of shapes(); track $index) {
        <svg:path
          [attr.d]="shape.d"
          [attr.fill]="
            shape.fill === 'none'
              ? 'none'
              : shape.fill === 'wood'
                ? 'color-mix(in srgb, var(--caution) 24%, var(--sheet))'
                : 'color-mix(in srgb, var(--ink) 26%, var(--sheet))'
          "
          stroke="var(--ink)"
          stroke-width="2.5"
        />
      }
      <svg:circle
        [attr.cx]="at().x"
        [attr.cy]="at().y"
        r="8"
        fill="var(--sheet)"
        stroke="var(--pull)"
        stroke-width="5"
      />
    </svg>
  `,
})
export class AnchorSymbol {
  readonly anchor = input.required<Pick<AnchorRecord, 'kind' | 'door' | 'highest_m'>>();

  protected readonly at = computed(() => {
    const height_m = Math.min(2, this.anchor().highest_m);
    return { x: SIZE.width / 2 - 14, y: SIZE.floor - height_m * PX_PER_METRE };
  });
  protected readonly shapes = computed(() =>
    anchorShapes(this.anchor(), {
      at: this.at(),
      floor: SIZE.floor,
      side: 1,
      pxPerMetre: PX_PER_METRE,
    }),
  );
}
