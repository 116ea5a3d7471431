import {
  ChangeDetectionStrategy,
  Component,
  computed,
  type ElementRef,
  input,
  viewChild,
} from '@angular/core';
import type { AnchorRecord, CompleteSetupDocument } from '@wiry-otter/contracts';
import { type Units, INCH_M, lengthFigure } from '@wiry-otter/core';
import { FigureShape } from '../ui/figure/figure-shape';
import type { Point } from '../ui/figure/limb-path';
import { PointerMoves } from '../ui/timing/pointer-moves';
import { Ribbon } from '../ui/ribbons/ribbon';
import { SlackRibbon } from '../ui/ribbons/slack-ribbon';
import { SceneDrawing } from './scene-drawing';
import { SCENE } from './scene-geometry';
import { SceneGround } from './scene-ground';
import { SceneWords } from './scene-words';
import type { SceneSetup } from './scene-setup';

/** Steps of the arrow keys, and with Shift, m. */
const STEPS_M = {
  cm: { small: 0.01, big: 0.05 },
  in: { small: INCH_M / 2, big: 2 * INCH_M },
} as const;

export type Dragged = 'figure' | 'anchor' | 'grip';

/** Where things stand, and what is told of where the hand wants them, m. */
export interface SceneMoves extends Readonly<Record<Dragged, (wanted_m: number) => void>> {
  readonly standing: () => Readonly<Record<Dragged, number>>;
  /** A key moves a thing on from where it stands by then: keys come faster than the screen. */
  readonly step: (what: Dragged, by_m: number) => void;
}

/** What is being dragged: from where, what it stood at, and what was last asked for, m. */
interface Held {
  readonly what: Dragged;
  readonly from: Point;
  readonly value: number;
  readonly wanted: number;
  /** Where the drawing lies on the screen: a drag does not move it. */
  readonly box: DOMRect;
}

/** The set-up to scale; figure, anchor and grip can be dragged or moved by keys. */
@Component({
  selector: 'otter-scene',
  imports: [FigureShape, PointerMoves, Ribbon, SceneGround, SlackRibbon],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './scene.html',
})
export class Scene {
  readonly setup = input.required<SceneSetup>();
  readonly units = input.required<Units>();
  /** Sample of the rep on show. */
  readonly sample = input.required<number>();
  /** Whether the figure of what is asked stands where it acts. */
  readonly sounding = input(true);
  /**
   * Who is told what the hand moves; without, it is a picture in which nothing moves. Functions, since an output has every component above checked on every move.
   */
  readonly moves = input<SceneMoves | null>(null);
  readonly anchorRecord = input<AnchorRecord | null>(null);
  /** Another set-up of the same exercise, drawn faintly behind: the saved one. */
  readonly ghost = input<CompleteSetupDocument | null>(null);

  private readonly drawing = viewChild.required<ElementRef<SVGSVGElement>>('drawing');
  private held: Held | null = null;

  protected readonly size = SCENE;
  protected readonly drawn = new SceneDrawing(this);
  protected readonly words = new SceneWords(this.drawn, this);
  protected readonly still = computed(() => this.moves() === null);
  protected readonly standing = computed(
    () => this.moves()?.standing() ?? { figure: 0, anchor: 0, grip: 0 },
  );
  /** Whether the person can be moved nearer and farther on the drawing. */
  protected readonly movable = computed(() => this.drawn.view().side !== 0 && !this.still());
  protected readonly atFeet = computed(() => {
    const { x, y } = this.drawn.feet();
    return `translate(${x} ${y})`;
  });
  /** Where the band leaves the hand, for the handle that slides the grip along it. */
  protected readonly gripHandle = computed(() => {
    const gripped = this.setup().document.runs.some(({ path }) => path.includes('gripR'));
    return gripped && !this.still() ? this.drawn.contactAt('gripR', this.sample()) : null;
  });

  private readonly steps = computed(() => STEPS_M[this.units().length]);

  private stepOf(event: KeyboardEvent): number {
    return event.shiftKey ? this.steps().big : this.steps().small;
  }

  /** A length as it is read out. */
  protected spoken(length_m: number): string {
    const { length } = this.units();
    return `${lengthFigure(length_m, length)} ${length === 'cm' ? 'centimetres' : 'inches'}`;
  }

  protected press(event: PointerEvent, what: Dragged): void {
    const moves = this.moves();
    if (moves === null || (what === 'figure' && !this.movable())) return;
    event.preventDefault();
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    (event.currentTarget as SVGElement).focus();
    const value = moves.standing()[what];
    const box = this.drawing().nativeElement.getBoundingClientRect();
    this.held = { what, from: toDrawing(event, box), value, wanted: value, box };
  }

  protected readonly move = (event: PointerEvent): void => {
    if (this.held === null) return;
    const now = toDrawing(event, this.held.box);
    const { pxPerMetre, side } = this.drawn.view();
    const { from, value, what } = this.held;
    const right_m = (now.x - from.x) / pxPerMetre;
    const up_m = (from.y - now.y) / pxPerMetre;
    const by_m = {
      figure: () => -side * right_m,
      anchor: () => up_m,
      grip: () => this.alongBand(right_m, up_m),
    }[what]();
    const wanted = Math.round((value + by_m) / this.steps().small) * this.steps().small;
    // Most moves of a slow drag stay within the same centimetre.
    if (wanted === this.held.wanted) return;
    this.held = { ...this.held, wanted };
    this.moves()?.[what](wanted);
  };

  protected release(): void {
    this.held = null;
  }

  protected figureKey(event: KeyboardEvent): void {
    const right = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (right === undefined || !this.movable()) return;
    event.preventDefault();
    // Away from the wall is farther.
    this.moves()?.step('figure', -this.drawn.view().side * right * this.stepOf(event));
  }

  protected anchorKey(event: KeyboardEvent): void {
    const up = { ArrowUp: 1, ArrowDown: -1 }[event.key];
    if (up === undefined) return;
    event.preventDefault();
    this.moves()?.step('anchor', up * this.stepOf(event));
  }

  protected gripKey(event: KeyboardEvent): void {
    const lower = { ArrowDown: 1, ArrowUp: -1, ArrowRight: 1, ArrowLeft: -1 }[event.key];
    if (lower === undefined) return;
    event.preventDefault();
    this.moves()?.step('grip', lower * this.stepOf(event));
  }

  /** How far a movement of the pointer goes from the hand along the band, m. */
  private alongBand(right_m: number, up_m: number): number {
    const hand = this.drawn.contactAt('gripR', this.sample());
    const span = this.drawn.spans().find(({ main }) => main);
    if (span === undefined) return 0;
    const { from, to } = span;
    const other =
      Math.hypot(to.x - hand.x, to.y - hand.y) < Math.hypot(from.x - hand.x, from.y - hand.y)
        ? from
        : to;
    const length = Math.hypot(other.x - hand.x, other.y - hand.y);
    return length === 0
      ? 0
      : (right_m * (other.x - hand.x) - up_m * (other.y - hand.y)) /
          length /
          Math.max(1, span.stretch);
  }
}

/** A place on the screen as one of the drawing. */
function toDrawing({ clientX, clientY }: PointerEvent, box: DOMRect): Point {
  const shrunk = SCENE.width / box.width;
  return { x: (clientX - box.left) * shrunk, y: (clientY - box.top) * shrunk };
}
