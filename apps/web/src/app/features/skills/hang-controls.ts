import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { STANDING_RANGE, writeLength } from '@wiry-otter/core';
import { ChooseAnchor } from '../setups/choose-anchor';
import { WorkbenchStore } from '../setups/workbench/workbench-store';
import { FramePacer } from '../../ui/timing/frame-pacer';

/** Where the bands hang and how: place, anchor, its height and distance, taken up, turns. */
@Component({
  selector: 'otter-hang-controls',
  imports: [ChooseAnchor],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'flex flex-wrap items-end gap-x-4 gap-y-1 [&_select]:field-sizing-content' },
  template: `
    <otter-choose-anchor />
    @if (isAside()) {
      <label class="field min-w-36 flex-1"
        >From the anchor, {{ lengthWords(workbench.set.distance_m()) }}
        <input
          #distance
          type="range"
          [min]="centimetres(nearest_m)"
          [max]="centimetres(farthest_m())"
          [value]="centimetres(workbench.set.distance_m())"
          (input)="keepUp('distance_m', distance)"
          (change)="pacer.letGo()"
      /></label>
    }
    <label class="field min-w-36 flex-1"
      >Taken up, {{ lengthWords(workbench.set.slip_m()) }}
      <input
        #slip
        type="range"
        min="0"
        max="60"
        [value]="centimetres(workbench.set.slip_m())"
        (input)="keepUp('slip_m', slip)"
        (change)="pacer.letGo()"
    /></label>
    @if ((workbench.anchor()?.girth_m ?? 0) > 0) {
      <label class="field min-w-32"
        >Turns round the anchor, {{ workbench.set.wraps() }}
        <input
          #turns
          type="range"
          min="0"
          max="5"
          [value]="workbench.set.wraps()"
          (input)="workbench.setFigure('wraps', turns.valueAsNumber)"
      /></label>
    }
  `,
})
export class HangControls {
  protected readonly workbench = inject(WorkbenchStore);
  protected readonly pacer = inject(FramePacer);
  protected readonly nearest_m = STANDING_RANGE.least;
  protected readonly farthest_m = computed(
    () => this.workbench.anchor()?.room_m ?? STANDING_RANGE.most,
  );
  protected readonly isAside = computed(() => {
    const anchor = this.workbench.exercise()?.anchor;
    return anchor !== undefined && anchor.side !== 'over';
  });
  /** A slider that is dragged gives more moves than there are frames: the last of each is done. */
  protected keepUp(what: 'distance_m' | 'slip_m', slider: HTMLInputElement): void {
    this.pacer.keepUp(this, () => {
      const length_m = slider.valueAsNumber / 100;
      if (what === 'distance_m') this.workbench.setDistance(length_m);
      else this.workbench.setFigure(what, length_m);
    });
  }

  protected lengthWords(length_m: number): string {
    return writeLength(length_m, this.workbench.units().length);
  }

  /** Where a slider stands. */
  protected centimetres(length_m: number): string {
    return (100 * length_m).toFixed(0);
  }
}
