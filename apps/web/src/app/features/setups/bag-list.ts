import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { GLANCE_STRETCH, naturalPull } from '@wiry-otter/core';
import { GRADE_WORDS, type KnownBand } from '../bands/band-law';
import { forceQuantity, forceWord } from '../../ui/quantities/figures';
import { Ribbon } from '../../ui/ribbons/ribbon';
import { ribbonWidth } from '../../scene/ribbon-spans';
import { WorkbenchStore } from './workbench/workbench-store';

/** A ribbon wider than this would touch the edges of its button, px. */
const WIDEST_PX = 22;

/** The person's bag: each usable band, put on and off the workbench; beside the scene a column. */
@Component({
  selector: 'otter-bag-list',
  imports: [Ribbon, RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div [class]="upright() ? 'xl:absolute xl:inset-0 xl:flex xl:flex-col' : ''">
      <h2 class="mb-1 text-sm">
        In the bag
        <span class="text-xs font-normal text-faint" [class.block]="upright()"
          >{{ unitWord() }} at ×2, keys 1–9</span
        >
      </h2>
      <ul
        class="relative flex gap-1 overflow-x-auto pb-1"
        [class]="
          upright()
            ? 'xl:min-h-0 xl:flex-1 xl:flex-col xl:overflow-x-hidden xl:overflow-y-auto'
            : ''
        "
      >
        @for (item of workbench.bag(); track item.band.record.id) {
          <li class="flex-none">
            <button
              type="button"
              class="grid min-h-11 w-full min-w-32 grid-cols-[auto_1fr] items-center gap-x-2 rounded-sm border-[1.5px] px-1.5 py-0.5 text-left"
              [class.border-ink]="item.on"
              [class.bg-sheet]="item.on"
              [class.border-transparent]="!item.on"
              [attr.aria-pressed]="item.on"
              (click)="workbench.toggleBand(item.band.record.id)"
            >
              <svg width="40" height="24" aria-hidden="true">
                <svg:g
                  otterRibbon
                  transform="translate(1 12)"
                  [length]="38"
                  [width]="width(item.band)"
                  [rest_m]="0.25"
                  [colour]="item.band.record.colour"
                  [tag]="item.band.record.tag"
                />
              </svg>
              <span class="min-w-0 leading-tight">
                <span class="block text-sm" [class.font-bold]="item.on"
                  >{{ item.on ? '✓ ' : '' }}{{ item.band.record.tag }}
                  {{ item.band.record.name }}</span
                >
                <span class="block text-xs text-faint"
                  >{{ item.away === null ? '' : item.away + ', '
                  }}{{ item.band.record.state === 'watch' ? 'watch, ' : '' }}{{ pull(item.band)
                  }}<span class="sr-only"> at twice its length</span>{{ doubt(item.band) }}</span
                >
              </span>
            </button>
          </li>
        } @empty {
          <li><a class="action-quiet px-0!" routerLink="/bands">Add a band</a></li>
        }
      </ul>
    </div>
  `,
})
export class BagList {
  /** Whether it stands as a column where there is width; else it lies. */
  readonly upright = input(true);
  protected readonly workbench = inject(WorkbenchStore);

  protected readonly unitWord = computed(() => forceWord(this.workbench.unit()));

  protected width(band: KnownBand): number {
    return Math.min(WIDEST_PX, ribbonWidth(band));
  }

  /** What bands are compared by. */
  protected pull(band: KnownBand): string {
    const natural = naturalPull(band, GLANCE_STRETCH);
    if (natural === null) return '';
    const { figure, unit } = forceQuantity(natural.force_N, null, this.workbench.unit());
    return `${figure} ${unit}`;
  }

  /** How the band is known, where it was not measured in full. */
  protected doubt({ calibration }: KnownBand): string {
    return calibration === null || calibration.grade === 'measured'
      ? ''
      : `, ${GRADE_WORDS[calibration.grade]}`;
  }
}
