import { ChangeDetectionStrategy, Component, inject, model } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { DEFAULT_SAMPLES } from '@wiry-otter/core';
import { Scene, type SceneMoves } from '../../scene/scene';
import { WorkbenchStore } from './workbench/workbench-store';

/** The scene on the workbench, which keeps up with the hand, and the slider through the rep. */
@Component({
  selector: 'otter-scene-panel',
  imports: [FormsModule, Scene],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (workbench.inScene(); as setup) {
      <otter-scene
        class="isolate block"
        [setup]="setup"
        [units]="workbench.units()"
        [sample]="sample()"
        [anchorRecord]="workbench.anchor()"
        [ghost]="workbench.inForce()?.document ?? null"
        [moves]="workbench.preview() === null ? moves : null"
      />
    }
    <div class="mt-1 flex items-center gap-4">
      <label class="flex min-w-0 flex-1 items-center gap-3 text-sm text-faint">
        start
        <input
          class="min-h-8 min-w-0 flex-1"
          type="range"
          min="0"
          [max]="lastSample"
          [ngModel]="sample()"
          (ngModelChange)="sample.set($event)"
          aria-label="Through the rep"
        />
        end
      </label>
      <ng-content />
    </div>
  `,
})
export class ScenePanel {
  /** Sample of the rep on show. */
  readonly sample = model.required<number>();

  protected readonly workbench = inject(WorkbenchStore);
  protected readonly lastSample = DEFAULT_SAMPLES - 1;
  protected readonly moves: SceneMoves = {
    standing: () => {
      const { distance_m, height_m, slip_m } = this.workbench.set();
      return { figure: distance_m, anchor: height_m, grip: slip_m };
    },
    figure: (wanted_m) => this.workbench.setDistance(wanted_m),
    anchor: (wanted_m) => this.workbench.setHeight(wanted_m),
    grip: (wanted_m) => this.workbench.setFigure('slip_m', wanted_m),
    step: (what, by_m) => this.moves[what](this.moves.standing()[what] + by_m),
  };
}
