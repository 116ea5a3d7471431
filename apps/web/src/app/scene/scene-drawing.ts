import { computed, type Signal, untracked } from '@angular/core';
import type { AnchorRecord, CompleteSetupDocument } from '@wiry-otter/contracts';
import { anchorPlaceOf, nodeIndex } from '@wiry-otter/core';
import { drawFigure } from '../ui/figure/figure';
import { figurePlaces } from '../ui/figure/figure-places';
import type { Point } from '../ui/figure/limb-path';
import { drawProps } from '../ui/figure/props';
import { anchorShapes, anchorShapesFromAbove } from './anchor-shapes';
import type { Extent } from './extent';
import { JOINTS, type Joints } from './drawn-joints';
import { ribbonSpans } from './ribbon-spans';
import { SCENE, sceneView, toScene } from './scene-geometry';
import { takenByPerson } from './taken-extents';
import type { SceneSetup } from './scene-setup';

/** What a scene is drawn from. */
export interface Shown {
  readonly setup: Signal<SceneSetup>;
  /** Sample of the rep on show. */
  readonly sample: Signal<number>;
  readonly anchorRecord: Signal<AnchorRecord | null>;
  /** Another set-up of the same exercise, drawn faintly behind. */
  readonly ghost: Signal<CompleteSetupDocument | null>;
}

/** How far the recoil line goes on beyond the hands, px. */
const BEYOND_PX = 110;

/**
 * The scene to scale: where person, anchors and bands lie on the drawing. Each part is worked out
 * anew only where what it depends on has changed.
 */
export class SceneDrawing {
  constructor(private readonly shown: Shown) {}

  readonly points = computed(() => Object.values(this.shown.setup().document.points));
  readonly anchor = computed(() => this.points()[0]);
  readonly place = computed(() => {
    const { body, exercise, points } = this.shown.setup().document;
    return anchorPlaceOf(exercise, body.stature_m, points);
  });
  readonly view = computed(
    () => {
      const { document, solved } = this.shown.setup();
      return sceneView(document.exercise, this.anchor(), solved.rig.prepared, document.side);
    },
    { equal: alike },
  );
  /** The drawing with the exercise's origin in its corner: the person is posed there and moved as a whole. */
  private readonly unmoved = computed(() => ({ ...this.view(), originX: 0, originY: 0 }), {
    equal: alike,
  });
  /** What the poses depend on: a drag of the grip or a band moves nobody, the distance all of them. */
  private readonly posed = computed(
    () => {
      const { body, exercise, root_m, side } = this.shown.setup().document;
      const view = this.unmoved();
      return { exercise, stature_m: body.stature_m, root: root_m?.join(), side, view };
    },
    { equal: alike },
  );
  readonly anchorsAt = computed(() => this.points().map(([x, y]) => toScene(this.view(), x, y)), {
    equal: samePlaces,
  });
  readonly anchorAt = computed(() => this.anchorsAt()[0] ?? null);
  /** Those of the other side; from the side they lie behind the first. */
  readonly otherAnchorsAt = computed(() =>
    this.view().floor === null ? this.anchorsAt().slice(1) : [],
  );
  readonly anchorShapes = computed(() => {
    const record = this.shown.anchorRecord();
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
  readonly spans = computed(() =>
    ribbonSpans(this.shown.setup(), this.shown.sample(), this.view()),
  );
  /** Where bands hang one through the other. */
  readonly knots = computed(() => {
    const { rig } = this.shown.setup().solved;
    const { samples } = rig.prepared;
    return rig.links.map((name) => {
      const i = (nodeIndex(rig, name) ?? 0) * samples + this.shown.sample();
      return toScene(this.view(), rig.nodeX[i] as number, rig.nodeY[i] as number);
    });
  });
  /** The person, drawn from the exercise's origin, which lies at {@link feet}; the ghosts as well. */
  readonly figure = computed(() => {
    this.posed();
    const k = this.shown.sample();
    return untracked(() => this.figureAt(k));
  });
  private readonly unmovedOutlines = computed(() => {
    this.posed();
    const k = this.shown.sample();
    return untracked(() => [k, 0, this.lastSample()].map((at) => this.outlineAt(at)));
  });
  /** Where the joints of the drawn person are. */
  readonly outline = computed<Joints>(() => {
    const { x, y } = this.feet();
    const [joints = []] = this.unmovedOutlines();
    return new Map(Array.from(joints, ([name, at]) => [name, { x: at.x + x, y: at.y + y }]));
  });
  private readonly takenUnmoved = computed(() =>
    this.unmovedOutlines().map((outline) => takenByPerson(outline, this.unmoved())),
  );
  /** What the person takes up. */
  readonly takenByPerson = computed(() => moved(this.takenUnmoved()[0] ?? [], this.feet()));
  /** What the ghosts at the start and the end take up. */
  readonly takenByGhosts = computed(() => moved(this.takenUnmoved().slice(1).flat(), this.feet()));
  readonly startGhost = computed(() => {
    this.posed();
    return untracked(() => this.figureAt(0));
  });
  readonly endGhost = computed(() => {
    this.posed();
    return untracked(() => this.figureAt(this.lastSample()));
  });
  readonly props = computed(() => {
    const { document, solved } = this.shown.setup();
    return drawProps(document.exercise, document.body, solved.rig.prepared, (x, y) =>
      toScene(this.view(), x, y),
    );
  });
  readonly feet = computed(() => toScene(this.view(), 0, 0));

  /** The saved set-up's anchor and the line of its band, where they differ from what is set. */
  readonly ghostAnchor = computed(() => {
    const point = Object.values(this.shown.ghost()?.points ?? {})[0];
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
    if (same) return null;
    return {
      feetX: moved.x,
      y: this.view().floor === null ? at.y : height.y,
      // The word stands on the side away from the person.
      textAnchor: moved.x < feet.x ? 'end' : 'start',
    };
  });

  /** Where the band pulls on the person. */
  readonly hands = computed(() => this.pullPlace(this.shown.sample()));
  /** The straight line from the anchor through the hands and on beyond them. */
  readonly recoil = computed(() => {
    const anchor = this.anchorAt();
    if (anchor === null || this.shown.setup().document.runs.length === 0) return null;
    const { runs } = this.shown.setup().document;
    if (!runs.some(({ path }) => path.some((name) => /^grip/.test(name)))) return null;
    const hands = this.hands();
    const length = Math.hypot(hands.x - anchor.x, hands.y - anchor.y);
    if (length < 1) return null;
    return {
      from: hands,
      to: {
        x: hands.x + ((hands.x - anchor.x) / length) * BEYOND_PX,
        y: hands.y + ((hands.y - anchor.y) / length) * BEYOND_PX,
      },
    };
  });
  /** Height of the ruler along the floor; from above it lies where the floor would be, px. */
  readonly rulerY = computed(() => this.view().floor ?? SCENE.floor);

  private figureAt(k: number) {
    const { document, solved } = this.shown.setup();
    const view = this.unmoved();
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
    return this.shown.setup().solved.rig.prepared.samples - 1;
  }

  /** Joints from the exercise's origin. */
  private outlineAt(k: number): Joints {
    const { document, solved } = this.shown.setup();
    const placed = figurePlaces(document.exercise, document.body, solved.rig.prepared, k);
    const joints = new Map<string, Point>();
    for (const contact of JOINTS) {
      const at = placed(contact);
      if (at !== undefined) joints.set(contact, toScene(this.unmoved(), at[0], at[1]));
    }
    return joints;
  }

  /** Where the band pulls on the person: the hands, else the first body contact of a path. */
  private pullPlace(k: number): Point {
    const { contacts } = this.shown.setup().solved.rig.prepared;
    const names = this.shown.setup().document.runs.flatMap(({ path }) => path);
    const name =
      names.find((contact) => contact === 'gripR') ??
      names.find((contact) => contacts.index.has(contact)) ??
      'gripR';
    return this.contactAt(name, k);
  }

  /** Where a contact is on the drawing. */
  contactAt(name: string, k: number): Point {
    const { contacts, samples } = this.shown.setup().solved.rig.prepared;
    const c = contacts.index.get(name);
    if (c === undefined) return toScene(this.view(), 0, 0);
    const i = c * samples + k;
    return toScene(this.view(), contacts.x[i] as number, contacts.y[i] as number);
  }
}

function moved(extents: readonly Extent[], { x, y }: Point): Extent[] {
  return extents.map(({ left, right, top, bottom }) => ({
    left: left + x,
    right: right + x,
    top: top + y,
    bottom: bottom + y,
  }));
}

/** Whether two objects have the same in every field. */
function alike<T extends object>(a: T, b: T): boolean {
  return (Object.keys(a) as (keyof T)[]).every((key) => a[key] === b[key]);
}

function samePlaces(a: readonly Point[], b: readonly Point[]): boolean {
  return a.length === b.length && a.every((place, i) => alike(place, b[i] as Point));
}
