import {
  ChangeDetectionStrategy,
  Component,
  computed,
  type ElementRef,
  input,
  output,
  viewChild,
} from '@angular/core';
import type { ForceUnit } from '@wiry-otter/core';
import { demandSounding, stretchWord } from '../drawing/figures';
import type { Point } from '../drawing/limb-path';
import { Ribbon } from '../drawing/ribbon';
import { drawFigure } from '../drawing/figure';
import { ribbonSpans, SCENE, sceneScale, toScene } from './scene-geometry';
import type { SolvedWorkbench } from './workbench-model';

/** Steps of the arrow keys, m: one centimetre, five with Shift. */
const STEP_M = 0.01;
const BIG_STEP_M = 0.05;

/** Where the large figure stands beside the person, px. */
const SOUNDING_ROOM = { behind: 190, ahead: 150, margin: 16 } as const;

/** The set-up to scale from the side; figure and anchor can be dragged or moved by keys. */
@Component({
  selector: 'otter-scene',
  imports: [Ribbon],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './scene.html',
})
export class Scene {
  readonly bench = input.required<SolvedWorkbench>();
  readonly unit = input.required<ForceUnit>();
  /** Sample of the rep on show. */
  readonly sample = input.required<number>();
  readonly distance_m = input.required<number>();
  readonly height_m = input.required<number>();
  /** A picture to look at: nothing moves, and no figure stands on it. */
  readonly still = input(false);
  readonly anchorName = input<string | null>(null);
  readonly anchorKind = input<string | null>(null);
  readonly distanceChange = output<number>();
  readonly heightChange = output<number>();

  private readonly drawing = viewChild.required<ElementRef<SVGSVGElement>>('drawing');
  private grip: {
    readonly what: 'figure' | 'anchor';
    readonly from: Point;
    readonly value: number;
  } | null = null;

  protected readonly size = SCENE;
  protected readonly anchor = computed(() => Object.values(this.bench().document.points)[0]);
  protected readonly shownDistance_m = computed(() => this.anchor()?.[0] ?? 0);
  protected readonly scale = computed(() => sceneScale(this.anchor()));
  protected readonly anchorAt = computed(() => {
    const place = this.anchor();
    return place === undefined ? null : toScene(this.scale(), place[0], place[1]);
  });
  protected readonly spans = computed(() => ribbonSpans(this.bench(), this.sample(), this.scale()));
  protected readonly figure = computed(() => this.figureAt(this.sample()));
  protected readonly startGhost = computed(() => this.figureAt(0));
  protected readonly endGhost = computed(() =>
    this.figureAt(this.bench().solved.rig.prepared.samples - 1),
  );
  protected readonly feet = computed(() => toScene(this.scale(), 0, 0));

  protected readonly hands = computed(() => this.contactAt('gripR', this.sample()));
  protected readonly sounding = computed(() => {
    const { solved, spread } = this.bench();
    const k = this.sample();
    return demandSounding(
      Math.abs(solved.buffers.signed[k] as number),
      spread.demand[k] ?? null,
      solved.rig.prepared.unit,
      this.unit(),
    );
  });
  /** Behind the person where there is room, else over the band ahead. */
  protected readonly soundingPlace = computed(() => {
    const hands = this.hands();
    const head = this.contactAt('head', this.sample());
    const behind = Math.min(head.x, hands.x) - SOUNDING_ROOM.behind;
    return behind >= SOUNDING_ROOM.margin
      ? { x: behind, y: Math.max(120, hands.y - 100) }
      : { x: hands.x + SOUNDING_ROOM.ahead, y: Math.max(90, hands.y - 130) };
  });
  protected readonly soundingWords = computed(() => {
    const { demand } = this.bench().document.exercise;
    return demand.kind === 'moment' ? `at the ${demand.at}` : 'both hands';
  });

  /** The stretch of each band beside the middle of its ribbon. */
  protected readonly stretchMarks = computed(() =>
    this.spans()
      .filter(({ main }) => main)
      .map(({ from, length, angle_deg, width, stretch, caution }, i) => {
        const angle = (angle_deg * Math.PI) / 180;
        const x = from.x + Math.cos(angle) * length * 0.45;
        const y = from.y + Math.sin(angle) * length * 0.45;
        const upright = Math.abs(Math.sin(angle)) > Math.SQRT1_2;
        return {
          words: stretchWord(stretch),
          caution,
          x: upright ? x + width / 2 + 8 + 50 * i : x,
          y: upright ? y : y - width / 2 - 8 - 16 * i,
          anchor: upright ? 'start' : 'middle',
        };
      }),
  );

  /** The straight line from the anchor through the hands and on beyond them. */
  protected readonly recoil = computed(() => {
    const anchor = this.anchorAt();
    if (anchor === null || this.bench().document.runs.length === 0) return null;
    const hands = this.hands();
    const length = Math.hypot(hands.x - anchor.x, hands.y - anchor.y);
    const beyond = 110;
    return {
      from: hands,
      to: {
        x: hands.x + ((hands.x - anchor.x) / length) * beyond,
        y: hands.y + ((hands.y - anchor.y) / length) * beyond,
      },
    };
  });
  protected readonly clearance = computed(() => {
    const clear_m = this.bench().headClearance_m;
    return clear_m === undefined
      ? null
      : `recoil line: head clear by ${(clear_m * 100).toFixed(0)} cm`;
  });

  /** The floor's ruler, from the anchor's plumb line or from the feet. */
  protected readonly ruler = computed(() => {
    const { pxPerMetre, originX } = this.scale();
    const zero = this.anchorAt()?.x ?? originX;
    const ticks: { x: number; label: string | null; long: boolean }[] = [];
    for (let decimetre = -5; decimetre <= 32; decimetre++) {
      const x = zero - (decimetre / 10) * pxPerMetre;
      if (x < 8 || x > SCENE.width - 8) continue;
      const long = decimetre % 5 === 0;
      ticks.push({ x, long, label: long && decimetre >= 0 ? String(decimetre * 10) : null });
    }
    return ticks;
  });

  protected press(event: PointerEvent, what: 'figure' | 'anchor'): void {
    if (what === 'figure' && this.anchor() === undefined) return;
    event.preventDefault();
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    (event.currentTarget as SVGElement).focus();
    const value = what === 'figure' ? this.distance_m() : this.height_m();
    this.grip = { what, from: this.toDrawing(event), value };
  }

  protected move(event: PointerEvent): void {
    if (this.grip === null) return;
    const now = this.toDrawing(event);
    const { pxPerMetre } = this.scale();
    if (this.grip.what === 'figure') {
      this.distanceChange.emit(this.grip.value - (now.x - this.grip.from.x) / pxPerMetre);
    } else {
      this.heightChange.emit(this.grip.value - (now.y - this.grip.from.y) / pxPerMetre);
    }
  }

  protected release(): void {
    this.grip = null;
  }

  protected figureKey(event: KeyboardEvent): void {
    // The wall is on the right, so a step to the left goes away from it.
    const away = { ArrowLeft: 1, ArrowRight: -1 }[event.key];
    if (away === undefined) return;
    event.preventDefault();
    this.distanceChange.emit(this.distance_m() + away * stepOf(event));
  }

  protected anchorKey(event: KeyboardEvent): void {
    const up = { ArrowUp: 1, ArrowDown: -1 }[event.key];
    if (up === undefined) return;
    event.preventDefault();
    this.heightChange.emit(this.height_m() + up * stepOf(event));
  }

  private figureAt(k: number) {
    const { document, solved } = this.bench();
    const scale = this.scale();
    return drawFigure(
      document.exercise,
      document.body,
      solved.rig.prepared,
      k,
      (x, y) => toScene(scale, x, y),
      scale.pxPerMetre,
    );
  }

  private contactAt(name: string, k: number): Point {
    const { contacts, samples } = this.bench().solved.rig.prepared;
    const i = (contacts.index.get(name) ?? 0) * samples + k;
    return toScene(this.scale(), contacts.x[i] as number, contacts.y[i] as number);
  }

  private toDrawing(event: PointerEvent): Point {
    const box = this.drawing().nativeElement.getBoundingClientRect();
    const shrunk = SCENE.width / box.width;
    return { x: (event.clientX - box.left) * shrunk, y: (event.clientY - box.top) * shrunk };
  }
}

function stepOf(event: KeyboardEvent): number {
  return event.shiftKey ? BIG_STEP_M : STEP_M;
}
