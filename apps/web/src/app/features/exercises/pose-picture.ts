import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { ExerciseDocument } from '@wiry-otter/contracts';
import { type Body, type PhaseRange, prepareExercise } from '@wiry-otter/core';
import { bodySpan, ROUND_JOINTS_M } from '../../ui/figure/body-span';
import { drawFigure } from '../../ui/figure/figure';
import { figurePlaces } from '../../ui/figure/figure-places';
import { FigureShape } from '../../ui/figure/figure-shape';
import { JOINTS } from '../../scene/drawn-joints';

/** The picture's own size, px, and what is kept free at its edges. */
const SIZE = 112;
const EDGE = 7;
/** Nobody is drawn larger than this, so that all standing people are of one size, px a metre. */
const MOST_PX_PER_METRE = 50;
const SAMPLES = 3;

/** How an exercise ends, drawn small, with its start as a ghost. */
@Component({
  selector: 'otter-pose-picture',
  imports: [FigureShape],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <svg
      class="block w-full bg-sheet"
      [attr.viewBox]="'0 0 ' + size + ' ' + size"
      aria-hidden="true"
    >
      @if (drawn(); as figures) {
        @if (figures.floor !== null) {
          <svg:line
            x1="0"
            [attr.x2]="size"
            [attr.y1]="figures.floor"
            [attr.y2]="figures.floor"
            stroke="var(--faint)"
            stroke-width="1.5"
          />
        }
        <svg:g [otterFigure]="figures.start" [ghost]="true" />
        <svg:g [otterFigure]="figures.end" />
      }
    </svg>
  `,
})
export class PosePicture {
  readonly exercise = input.required<ExerciseDocument>();
  readonly body = input.required<Body>();
  /** The part of the movement that is shown. */
  readonly phases = input<PhaseRange>();

  protected readonly size = SIZE;
  protected readonly drawn = computed(() => {
    const exercise = this.exercise();
    const body = this.body();
    const result = prepareExercise(exercise, body, { samples: SAMPLES, phases: this.phases() });
    if (!result.ok) return null;
    const prepared = result.value;
    const joints = [0, SAMPLES - 1].flatMap((k) => {
      const place = figurePlaces(exercise, body, prepared, k);
      return JOINTS.flatMap((joint) => {
        const at = place(joint);
        return at === undefined ? [] : [at];
      });
    });
    const across = bodySpan(joints.map(([x]) => x));
    const up = bodySpan(joints.map(([, y]) => y));
    const room = SIZE - 2 * EDGE;
    const pxPerMetre = Math.min(
      MOST_PX_PER_METRE,
      room / (across.most - across.least),
      room / (up.most - up.least),
    );
    const middle = (across.least + across.most) / 2;
    // Who stands or lies on the floor is drawn at the foot of the picture, all others in its middle.
    const onFloor = exercise.plane !== 'transverse' && up.least < ROUND_JOINTS_M;
    const foot = onFloor ? SIZE - EDGE : SIZE / 2 + ((up.most - up.least) / 2) * pxPerMetre;
    const toPicture = (x_m: number, y_m: number) => ({
      x: SIZE / 2 + (x_m - middle) * pxPerMetre,
      y: foot - (y_m - up.least) * pxPerMetre,
    });
    const figureAt = (k: number) => drawFigure(exercise, body, prepared, k, toPicture, pxPerMetre);
    return {
      start: figureAt(0),
      end: figureAt(SAMPLES - 1),
      floor: onFloor ? toPicture(0, 0).y : null,
    };
  });
}
