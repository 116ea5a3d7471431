import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { GRADE_WORDS, type KnownBand } from '../bands/band-law';
import { Ribbon } from '../drawing/ribbon';
import { ribbonWidth } from '../scene/ribbon-spans';
import { WorkbenchStore } from './workbench/workbench-store';

/** A ribbon wider than this would touch the edges of its button, px. */
const WIDEST_PX = 22;

/** The person's bag: each usable band, put on and off the workbench. */
@Component({
  selector: 'otter-bag-list',
  imports: [Ribbon],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 class="mb-1">
      In the bag
      <span class="text-sm font-normal text-faint">put bands on and off, keys 1 to 9</span>
    </h2>
    <ul class="flex flex-wrap gap-2">
      @for (item of workbench.bag(); track item.band.record.id) {
        <li>
          <button
            type="button"
            class="flex min-h-11 items-center gap-2 rounded-sm border-[1.5px] px-2 py-1 text-left"
            [class.border-ink]="item.on"
            [class.bg-sheet]="item.on"
            [class.border-transparent]="!item.on"
            [attr.aria-pressed]="item.on"
            (click)="workbench.toggleBand(item.band.record.id)"
          >
            <svg width="64" height="24" aria-hidden="true">
              <svg:g
                otterRibbon
                transform="translate(1 12)"
                [length]="62"
                [width]="width(item.band)"
                [rest_m]="0.4"
                [colour]="item.band.record.colour"
                [tag]="item.band.record.tag"
              />
            </svg>
            <span class="leading-tight">
              <span class="block text-sm" [class.font-bold]="item.on"
                >{{ item.on ? '✓ ' : '' }}{{ item.band.record.tag }}
                {{ item.band.record.name }}</span
              >
              <span class="block text-xs text-faint"
                >{{ item.band.record.state === 'watch' ? 'watch, ' : ''
                }}{{ gradeWords[item.band.calibration!.grade] }}</span
              >
            </span>
          </button>
        </li>
      }
    </ul>
  `,
})
export class BagList {
  protected readonly workbench = inject(WorkbenchStore);
  protected readonly gradeWords = GRADE_WORDS;

  protected width(band: KnownBand): number {
    return Math.min(WIDEST_PX, ribbonWidth(band));
  }
}
