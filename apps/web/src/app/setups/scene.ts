import {
  ChangeDetectionStrategy,
  Component,
  computed,
  type ElementRef,
  input,
  linkedSignal,
  output,
  untracked,
  viewChild,
} from '@angular/core';
import type { AnchorRecord, CompleteSetupDocument } from '@wiry-otter/contracts';
import { anchorPlaceOf, type ForceUnit, nodeIndex } from '@wiry-otter/core';
import { drawFigure } from '../drawing/figure';
import { figurePlaces } from '../drawing/figure-places';
import { FigureShape } from '../drawing/figure-shape';
import { demandSounding } from '../drawing/figures';
import type { Point } from '../drawing/limb-path';
import { PointerMoves } from '../drawing/pointer-moves';
import { drawProps } from '../drawing/props';
import { Ribbon } from '../drawing/ribbon';
import { anchorShapes, anchorShapesFromAbove } from './anchor-shapes';
import { JOINTS, type Joints } from './drawn-joints';
import { SceneGround } from './scene-ground';
import { ribbonSpans, SCENE, sceneView, toScene } from './scene-geometry';
import { type FigureNeeds, type FigureStand, soundingPlace } from './sounding-place';
import { stretchMarks } from './stretch-marks';
import {
  takenByAnchor,
  takenByLine,
  takenByMark,
  takenByPerson,
  takenByRibbon,
} from './taken-extents';
import type { SolvedWorkbench } from './workbench-model';

/** Steps of the arrow keys, m: one centimetre, five with Shift. */
const STEP_M = 0.01;
const BIG_STEP_M = 0.05;

type Dragged = 'figure' | 'anchor' | 'grip';

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
  imports: [FigureShape, PointerMoves, Ribbon, SceneGround],
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
  readonly slip_m = input(0);
  /** A picture to look at: nothing moves, and no figure stands on it. */
  readonly still = input(false);
  readonly anchorRecord = input<AnchorRecord | null>(null);
  /** Another set-up of the same exercise, drawn faintly behind: the saved one. */
  readonly ghost = input<CompleteSetupDocument | null>(null);
  readonly distanceChange = output<number>();
  readonly heightChange = output<number>();
  readonly slipChange = output<number>();

  private readonly drawing = viewChild.required<ElementRef<SVGSVGElement>>('drawing');
  private held: Held | null = null;

  protected readonly size = SCENE;
  protected readonly points = computed(() => Object.values(this.bench().document.points));
  protected readonly anchor = computed(() => this.points()[0]);
  protected readonly place = computed(() => {
    const { body, exercise, points } = this.bench().document;
    return anchorPlaceOf(exercise, body.stature_m, points);
  });
  protected readonly view = computed(
    () => {
      const { document, solved } = this.bench();
      return sceneView(document.exercise, this.anchor(), solved.rig.prepared, document.side);
    },
    { equal: alike },
  );
  /** What the poses on the drawing depend on: a drag of the grip or a band moves nobody. */
  private readonly posed = computed(
    () => {
      const { body, exercise, root_m, side } = this.bench().document;
      return { exercise, stature_m: body.stature_m, root: root_m?.join(), side, view: this.view() };
    },
    { equal: alike },
  );
  protected readonly anchorsAt = computed(
    () => this.points().map(([x, y]) => toScene(this.view(), x, y)),
    { equal: samePlaces },
  );
  protected readonly anchorAt = computed(() => this.anchorsAt()[0] ?? null);
  /** Whether the person can be moved nearer and farther on the drawing. */
  protected readonly movable = computed(() => this.view().side !== 0 && !this.still());
  protected readonly anchorShapes = computed(() => {
    const record = this.anchorRecord();
    const { floor, pxPerMetre, side } = this.view();
    return record === null
      ? []
      : this.anchorsAt()
          .slice(0, floor === null ? undefined : 1)
          .flatMap((at) => {
            const placing = {
              at,
              floor: floor ?? SCENE.height - 58,
              side: side === 0 ? 1 : side,
              pxPerMetre,
            } as const;
            return floor === null
              ? anchorShapesFromAbove(record, placing)
              : anchorShapes(record, placing);
          });
  });
  protected readonly spans = computed(() => ribbonSpans(this.bench(), this.sample(), this.view()));
  /** Where bands hang one through the other. */
  protected readonly knots = computed(() => {
    const { rig } = this.bench().solved;
    const { samples } = rig.prepared;
    return rig.links.map((name) => {
      const i = (nodeIndex(rig, name) ?? 0) * samples + this.sample();
      return toScene(this.view(), rig.nodeX[i] as number, rig.nodeY[i] as number);
    });
  });
  protected readonly figure = computed(() => {
    this.posed();
    const k = this.sample();
    return untracked(() => this.figureAt(k));
  });
  /** Where the joints of the drawn person are. */
  private readonly outline = computed(() => {
    this.posed();
    const k = this.sample();
    return untracked(() => this.outlineAt(k));
  });
  /** What the person and both ghosts take up. */
  private readonly takenByFigures = computed(() => {
    this.posed();
    const k = this.sample();
    return untracked(() =>
      [k, 0, this.lastSample()].flatMap((at) =>
        takenByPerson(this.outlineAt(at), this.view(), this.feet()),
      ),
    );
  });
  protected readonly startGhost = computed(() => {
    this.posed();
    return untracked(() => this.figureAt(0));
  });
  protected readonly endGhost = computed(() => {
    this.posed();
    return untracked(() => this.figureAt(this.lastSample()));
  });
  protected readonly props = computed(() => {
    const { document, solved } = this.bench();
    return drawProps(document.exercise, document.body, solved.rig.prepared, (x, y) =>
      toScene(this.view(), x, y),
    );
  });
  protected readonly heightWords = computed(
    () => `${((this.place()?.height_m ?? 0) * 100).toFixed(0)} cm`,
  );
  protected readonly feet = computed(() => toScene(this.view(), 0, 0));

  /** The saved set-up's anchor and the line of its band, where they differ from what is set. */
  protected readonly ghostAnchor = computed(() => {
    const point = Object.values(this.ghost()?.points ?? {})[0];
    const here = this.anchor();
    const at = this.anchorAt();
    if (point === undefined || here === undefined || at === null || this.view().side === 0) {
      return null;
    }
    // The wall stands still: a saved distance is a person elsewhere, drawn as their feet's mark.
    const moved = toScene(this.view(), here[0] - point[0], here[1] - point[1]);
    const feet = this.feet();
    const height = toScene(this.view(), point[0], point[1]);
    const same = Math.hypot(moved.x - feet.x, height.y - at.y) < 3;
    return same ? null : { feetX: moved.x, y: this.view().floor === null ? at.y : height.y };
  });

  protected readonly hands = computed(() => this.pullPlace(this.sample()));
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
  /** Where the demand acts: a moment at its joint, a pull where the band pulls. */
  private readonly judgedAt = computed(() => {
    const { demand } = this.bench().document.exercise;
    const joint = demand.kind === 'moment' ? this.outline().get(`${demand.at}R`) : undefined;
    return joint ?? this.hands();
  });
  protected readonly soundingStand = linkedSignal<FigureNeeds, FigureStand>({
    source: () => ({
      pull: this.judgedAt(),
      digits: this.sounding().figure.length,
      taken: [
        ...this.takenByFigures(),
        ...takenByAnchor(this.view(), this.anchorAt()),
        ...this.spans().flatMap(takenByRibbon),
        ...this.stretchMarks().map(takenByMark),
        ...takenByLine(this.recoil()),
      ],
    }),
    computation: (needs, before) => soundingPlace(needs, before?.value),
  });
  protected readonly soundingWords = computed(() => {
    const { demand } = this.bench().document.exercise;
    switch (demand.kind) {
      case 'moment':
        return `at the ${demand.at}`;
      case 'support':
        return 'left to the person';
      case 'prop':
        return 'through the hands';
      case 'contact':
        return CONTACT_WORDS[demand.at.join(' ')] ?? 'on the body';
    }
  });

  protected readonly stretchMarks = computed(() =>
    stretchMarks(this.spans(), this.outline(), this.knots().length === 0),
  );

  /** The straight line from the anchor through the hands and on beyond them. */
  protected readonly recoil = computed(() => {
    const anchor = this.anchorAt();
    if (anchor === null || this.bench().document.runs.length === 0) return null;
    if (!this.bench().document.runs.some(({ path }) => path.some((name) => /^grip/.test(name)))) {
      return null;
    }
    const hands = this.hands();
    const length = Math.hypot(hands.x - anchor.x, hands.y - anchor.y);
    if (length < 1) return null;
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

  /** Where the band leaves the hand, for the handle that slides the grip along it. */
  protected readonly gripHandle = computed(() => {
    const gripped = this.bench().document.runs.some(({ path }) => path.includes('gripR'));
    return gripped && !this.still() ? this.contactAt('gripR', this.sample()) : null;
  });

  protected readonly rulerY = computed(() => this.view().floor ?? SCENE.floor);

  protected press(event: PointerEvent, what: Dragged): void {
    if (this.still() || (what === 'figure' && !this.movable())) return;
    event.preventDefault();
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    (event.currentTarget as SVGElement).focus();
    const value = { figure: this.distance_m(), anchor: this.height_m(), grip: this.slip_m() }[what];
    const box = this.drawing().nativeElement.getBoundingClientRect();
    this.held = { what, from: toDrawing(event, box), value, wanted: value, box };
  }

  protected readonly move = (event: PointerEvent): void => {
    if (this.held === null) return;
    const now = toDrawing(event, this.held.box);
    const { pxPerMetre, side } = this.view();
    const { from, value, what } = this.held;
    const right_m = (now.x - from.x) / pxPerMetre;
    const up_m = (from.y - now.y) / pxPerMetre;
    const by_m = {
      figure: () => -side * right_m,
      anchor: () => up_m,
      grip: () => this.alongBand(right_m, up_m),
    }[what]();
    const wanted = Math.round((value + by_m) / STEP_M) * STEP_M;
    // Most moves of a slow drag stay within the same centimetre.
    if (wanted === this.held.wanted) return;
    this.held = { ...this.held, wanted };
    const told = { figure: this.distanceChange, anchor: this.heightChange, grip: this.slipChange };
    told[what].emit(wanted);
  };

  protected release(): void {
    this.held = null;
  }

  protected figureKey(event: KeyboardEvent): void {
    const right = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (right === undefined || !this.movable()) return;
    event.preventDefault();
    // Away from the wall is farther.
    this.distanceChange.emit(this.distance_m() - this.view().side * right * stepOf(event));
  }

  protected anchorKey(event: KeyboardEvent): void {
    const up = { ArrowUp: 1, ArrowDown: -1 }[event.key];
    if (up === undefined) return;
    event.preventDefault();
    this.heightChange.emit(this.height_m() + up * stepOf(event));
  }

  protected gripKey(event: KeyboardEvent): void {
    const lower = { ArrowDown: 1, ArrowUp: -1, ArrowRight: 1, ArrowLeft: -1 }[event.key];
    if (lower === undefined) return;
    event.preventDefault();
    this.slipChange.emit(this.slip_m() + lower * stepOf(event));
  }

  /** How far a movement of the pointer goes from the hand along the band, m. */
  private alongBand(right_m: number, up_m: number): number {
    const hand = this.contactAt('gripR', this.sample());
    const span = this.spans().find(({ main }) => main);
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

  private figureAt(k: number) {
    const { document, solved } = this.bench();
    const view = this.view();
    return drawFigure(
      document.exercise,
      document.body,
      solved.rig.prepared,
      k,
      (x, y) => toScene(view, x, y),
      view.pxPerMetre,
      document.side,
    );
  }

  private lastSample(): number {
    return this.bench().solved.rig.prepared.samples - 1;
  }

  private outlineAt(k: number): Joints {
    const { document, solved } = this.bench();
    const placed = figurePlaces(document.exercise, document.body, solved.rig.prepared, k);
    const joints = new Map<string, Point>();
    for (const contact of JOINTS) {
      const at = placed(contact);
      if (at !== undefined) joints.set(contact, toScene(this.view(), at[0], at[1]));
    }
    return joints;
  }

  /** Where the band pulls on the person: the hands, else the first body contact of a path. */
  private pullPlace(k: number): Point {
    const { contacts } = this.bench().solved.rig.prepared;
    const names = this.bench().document.runs.flatMap(({ path }) => path);
    const name =
      names.find((contact) => contact === 'gripR') ??
      names.find((contact) => contacts.index.has(contact)) ??
      'gripR';
    return this.contactAt(name, k);
  }

  private contactAt(name: string, k: number): Point {
    const { contacts, samples } = this.bench().solved.rig.prepared;
    const c = contacts.index.get(name);
    if (c === undefined) return toScene(this.view(), 0, 0);
    const i = c * samples + k;
    return toScene(this.view(), contacts.x[i] as number, contacts.y[i] as number);
  }
}

/** A place on the screen as one of the drawing. */
function toDrawing({ clientX, clientY }: PointerEvent, box: DOMRect): Point {
  const shrunk = SCENE.width / box.width;
  return { x: (clientX - box.left) * shrunk, y: (clientY - box.top) * shrunk };
}

/** Whether two objects have the same in every field. */
function alike<T extends object>(a: T, b: T): boolean {
  return (Object.keys(a) as (keyof T)[]).every((key) => a[key] === b[key]);
}

function samePlaces(a: readonly Point[], b: readonly Point[]): boolean {
  return a.length === b.length && a.every((place, i) => alike(place, b[i] as Point));
}

const CONTACT_WORDS: Readonly<Record<string, string>> = {
  'gripL gripR': 'both hands',
  gripR: 'one hand',
  'shoulderL shoulderR': 'both shoulders',
  head: 'at the head',
};

function stepOf(event: KeyboardEvent): number {
  return event.shiftKey ? BIG_STEP_M : STEP_M;
}
