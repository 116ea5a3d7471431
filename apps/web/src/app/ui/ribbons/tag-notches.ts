import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { tagNotches } from './ribbon-geometry';

/** The notches of a tag at the end of a ribbon, which lies at the origin, the ribbon along -x. */
@Component({
  selector: 'svg:g[otterNotches]',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @for (notch of notches(); track $index) {
      @if (notch.long) {
        <svg:rect
          [attr.x]="-notch.from - notch.width"
          [attr.y]="-width() / 2 - 0.5"
          [attr.width]="notch.width"
          [attr.height]="depth() * 1.5"
          fill="var(--sheet)"
        />
      } @else {
        <svg:path
          [attr.d]="
            'M' +
            (-notch.from - notch.width) +
            ' ' +
            (-width() / 2 - 0.5) +
            ' h' +
            notch.width +
            ' l' +
            -notch.width / 2 +
            ' ' +
            depth() +
            ' z'
          "
          fill="var(--sheet)"
        />
      }
    }
  `,
})
export class TagNotches {
  /** The tag; null has no notch. */
  readonly otterNotches = input.required<number | null>();
  /** Of the ribbon, px. */
  readonly width = input.required<number>();

  protected readonly notches = computed(() => tagNotches(this.otterNotches()));
  protected readonly depth = computed(() => Math.min(6, this.width() * 0.55));
}
