import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import {
  type ForceUnit,
  JOINTS,
  type PreparedExercise,
  prepareExercise,
  type LengthUnit,
  writeLength,
} from '@wiry-otter/core';
import { bodySpan, ROUND_JOINTS_M } from '../../ui/figure/body-span';
import { drawFigure } from '../../ui/figure/figure';
import { FigureShape } from '../../ui/figure/figure-shape';
import { demandQuantity } from '../../ui/quantities/figures';
import { WorkbenchStore } from '../setups/workbench/workbench-store';
import { FramePacer } from '../../ui/timing/frame-pacer';
import { whenLetGo } from '../../ui/timing/when-let-go';
import { type BalancePoint, balanceOf, phasesTo, shiftsOf, targetHeight } from './balance';
import { LevelStore } from './level-store';
import { shareWords } from './skill-words';

/** The drawing's own size, px. */
const WIDTH = 360;
const HEIGHT = 220;
/** What is kept free: at the sides and on top, and below for the measure. */
const EDGE = 14;
const FOOT = 40;
/** Nobody is drawn larger than this, px a metre. */
const MOST_PX_PER_METRE = 130;

/** Where the weight of the body lies against what holds it, and what small departures do. */
@Component({
  selector: 'otter-balance-panel',
  imports: [FigureShape],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2>Balance</h2>
    <div
      class="mt-1 grid items-center gap-x-5 gap-y-2 md:grid-cols-[minmax(0,19rem)_minmax(0,1fr)]"
    >
      @if (drawn(); as picture) {
        <svg
          class="block w-full bg-sheet"
          [attr.viewBox]="'0 0 ' + width + ' ' + height"
          role="img"
          [attr.aria-label]="picture.words"
        >
          @if (picture.floor !== null) {
            <svg:line
              x1="0"
              [attr.x2]="width"
              [attr.y1]="picture.floor"
              [attr.y2]="picture.floor"
              stroke="var(--faint)"
              stroke-width="1.5"
            />
          }
          <svg:g [otterFigure]="picture.figure" />
          <svg:path
            [attr.d]="'M' + picture.support.x + ' 8V' + measure"
            stroke="var(--ink)"
            stroke-dasharray="2 4"
          />
          <svg:path
            [attr.d]="'M' + picture.centre.x + ' ' + picture.centre.y + 'V' + measure"
            stroke="var(--pull)"
            stroke-width="1.5"
          />
          <svg:path
            [attr.d]="'M' + picture.support.x + ' ' + measure + 'H' + picture.centre.x"
            stroke="var(--pull)"
            stroke-width="1.5"
          />
          <svg:circle
            [attr.cx]="picture.centre.x"
            [attr.cy]="picture.centre.y"
            r="6"
            fill="var(--sheet)"
            stroke="var(--pull)"
            stroke-width="2"
          />
          <svg:path
            [attr.d]="
              'M' +
              (picture.centre.x - 6) +
              ' ' +
              picture.centre.y +
              'h12M' +
              picture.centre.x +
              ' ' +
              (picture.centre.y - 6) +
              'v12'
            "
            stroke="var(--pull)"
            stroke-width="1.5"
          />
          <svg:text
            class="figure"
            [attr.x]="(picture.support.x + picture.centre.x) / 2"
            [attr.y]="measure + 17"
            text-anchor="middle"
            font-size="14"
            fill="var(--pull)"
          >
            {{ picture.distance }}
          </svg:text>
        </svg>
        <div class="min-w-0 text-sm">
          <p>{{ picture.words }}</p>
          @if (target(); as height) {
            <label class="field mt-2"
              >Target under the chest, {{ lengthWords(height.present_m) }} high
              <input
                #slide
                type="range"
                [min]="centimetres(height.lowest_m)"
                [max]="centimetres(height.highest_m - 0.05)"
                [value]="centimetres(height.present_m)"
                (input)="pacer.keepUp(this, lowering(slide))"
                (change)="pacer.letGo()"
            /></label>
            <p class="text-faint">
              Lower it over the weeks: the farther down, the more is asked. Mark the height on a
              stack of cushions or a box.
            </p>
          }
        </div>
      }
    </div>
    @if (shifts().length > 0) {
      <table class="mt-2 w-full text-sm" aria-label="What small departures do">
        <thead>
          <tr>
            <th></th>
            <th>left, {{ workbench.demandWord() }}</th>
            <th>help</th>
          </tr>
        </thead>
        <tbody>
          @for (shift of shifts(); track shift.words) {
            <tr class="border-t-[1.5px] border-hairline">
              <td>{{ shift.words }}</td>
              <td class="figure whitespace-nowrap text-pull">{{ shift.left }}</td>
              <td class="figure whitespace-nowrap text-help">{{ shift.help }}</td>
            </tr>
          }
        </tbody>
      </table>
    }
  `,
})
export class BalancePanel {
  protected readonly workbench = inject(WorkbenchStore);
  private readonly levels = inject(LevelStore);
  protected readonly pacer = inject(FramePacer);
  protected readonly width = WIDTH;
  protected readonly height = HEIGHT;
  /** Height of the measure between the weight and its support, px from the top. */
  protected readonly measure = HEIGHT - FOOT / 2 - 4;

  private readonly prepared = computed(() => {
    const exercise = this.workbench.exercise();
    if (exercise === undefined) return undefined;
    const phases = this.workbench.set.phases() ?? undefined;
    const result = prepareExercise(exercise, this.workbench.body(), { phases });
    return result.ok ? { exercise, laid: result.value } : undefined;
  });
  protected readonly drawn = computed(() => {
    const prepared = this.prepared();
    const point = prepared && balanceOf(prepared.exercise, prepared.laid);
    if (prepared === undefined || point === undefined) return null;
    const { exercise, laid } = prepared;
    const isOnFloor = exercise.posture !== 'hanging';
    const body = this.workbench.body();
    const joints = jointsOf(laid, laid.samples - 1);
    const across = bodySpan([...joints.map(([x]) => x), point.support[0]]);
    const up = bodySpan([...joints.map(([, y]) => y), ...(isOnFloor ? [ROUND_JOINTS_M] : [])]);
    const pxPerMetre = Math.min(
      MOST_PX_PER_METRE,
      (WIDTH - 2 * EDGE) / (across.most - across.least),
      (HEIGHT - EDGE - FOOT) / (up.most - up.least),
    );
    const middle_m = (across.least + across.most) / 2;
    const toPicture = (x_m: number, y_m: number) => ({
      x: WIDTH / 2 + (x_m - middle_m) * pxPerMetre,
      y: HEIGHT - FOOT - (y_m - up.least) * pxPerMetre,
    });
    const k = laid.samples - 1;
    const away_m = Math.abs(point.centre[0] - point.support[0]);
    const distance = this.lengthWords(away_m);
    return {
      figure: drawFigure(exercise, body, laid, k, toPicture, pxPerMetre),
      centre: toPicture(...point.centre),
      support: toPicture(...point.support),
      floor: isOnFloor ? toPicture(0, 0).y : null,
      distance,
      words: `The weight of the body lies ${distance} from the ${point.supportWords}.${carriedWords(point.carried, this.workbench.units().length)}`,
    };
  });
  protected readonly shifts = whenLetGo(this.workbench.held, this.workbench.settled, () => {
    const input = this.workbench.input();
    if (input === null || input.bands.length === 0) return [];
    const unit = this.workbench.demandUnit();
    return shiftsOf(input, this.workbench.body()).map(({ left, share, words }) => ({
      words,
      left: left.map((value) => figureOf(value, unit, this.workbench.unit())).join(' → '),
      help: share.map(shareWords).join(' → '),
    }));
  });
  protected readonly target = computed(() => {
    const contact = this.levels.skill().target;
    const exercise = this.workbench.exercise();
    if (contact === undefined || exercise === undefined) return undefined;
    const to = this.workbench.set.phases()?.to ?? 1;
    return targetHeight(exercise, this.workbench.body(), contact, to);
  });

  protected lowering(slider: HTMLInputElement): () => void {
    return () => this.lowerTo(slider.valueAsNumber / 100);
  }

  private lowerTo(height_m: number): void {
    const contact = this.levels.skill().target;
    const exercise = this.workbench.exercise();
    if (contact === undefined || exercise === undefined) return;
    this.workbench.setPhases(phasesTo(exercise, this.workbench.body(), contact, height_m));
  }

  protected lengthWords(length_m: number): string {
    return writeLength(length_m, this.workbench.units().length);
  }

  /** Where a slider stands. */
  protected centimetres(length_m: number): string {
    return (100 * length_m).toFixed(0);
  }
}

/** Nearer than this it is over what carries it, m. */
const OVER_M = 0.005;

/** " It has to come over the hands: it lies 4 cm behind them." */
function carriedWords(carried: BalancePoint['carried'], unit: LengthUnit): string {
  if (carried === null) return '';
  const away_m = Math.abs(carried.away_m);
  const where = carried.away_m < 0 ? 'behind' : 'ahead of';
  return away_m < OVER_M
    ? ` It is over the ${carried.words}.`
    : ` It has to come over the ${carried.words}: it lies ${writeLength(away_m, unit)} ${where} them.`;
}

function figureOf(value: number, demandUnit: 'N' | 'N·m', unit: ForceUnit): string {
  return demandQuantity(value, null, demandUnit, unit).figure;
}

/** The places of the joints at a sample, m. */
function jointsOf({ contacts, samples }: PreparedExercise, k: number): [number, number][] {
  return JOINTS.flatMap((joint): [number, number][] => {
    const c = contacts.index.get(`${joint}R`);
    return c === undefined
      ? []
      : [[contacts.x[c * samples + k] as number, contacts.y[c * samples + k] as number]];
  });
}
