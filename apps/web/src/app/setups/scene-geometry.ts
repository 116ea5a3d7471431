import type { ExerciseDocument } from '@wiry-otter/contracts';
import type { PreparedExercise, Triple } from '@wiry-otter/core';
import type { KnownBand } from '../bands/band-law';
import type { Point } from '../drawing/limb-path';
import type { SolvedWorkbench } from './workbench-model';

/** The drawing's size, px; one scale for both directions. */
export const SCENE = { width: 690, height: 470, floor: 412, right: 590, left: 100 } as const;
/** Room the drawing has to show, m: from behind the person to beyond the wall. */
const SHOWN_M = { width: 3.05, height: 2.12 };
/** Room over the highest hand and the anchor, m. */
const HEADROOM_M = 0.26;

/** Ribbons are drawn wider than true to be seen; true to each other all the same. */
const RIBBON_PX = { least: 5, perMillimetre: 0.26 } as const;
const RIBBON_GAP_PX = 1.5;
/** Segments whose ends fall this close together in the view are drawn as one, px. */
const SAME_PX = 3;
/** An anchor nearer to the middle than this is overhead or underneath, not to one side, m. */
const ASIDE_M = 0.05;

/** How the exercise's plane lies on the drawing. */
export interface SceneView {
  readonly seen: 'from the side' | 'from behind' | 'from above';
  readonly pxPerMetre: number;
  /** Where the exercise's origin lies on the drawing, px. */
  readonly originX: number;
  readonly originY: number;
  /** From above the person faces up where the anchor is at their side. */
  readonly turned: boolean;
  /** Height of the floor's line, px; null from above. */
  readonly floor: number | null;
  /** Where the anchor is seen from the person: right, left, or neither. */
  readonly side: 1 | -1 | 0;
  /** −1 where the left limb works and the picture is the mirror image across the body: from behind. */
  readonly mirrorX: 1 | -1;
  /** The same from above, where y lies across the body. */
  readonly mirrorY: 1 | -1;
}

const SEEN = {
  sagittal: 'from the side',
  frontal: 'from behind',
  transverse: 'from above',
} as const;

/**
 * The wall stands still and the person moves: with an anchor to one side the
 * drawing hangs on the wall, else on the person.
 */
export function sceneView(
  { plane }: Pick<ExerciseDocument, 'plane'>,
  anchor: Triple | undefined,
  prepared?: PreparedExercise,
  worksWith: 'left' | 'right' = 'right',
): SceneView {
  const extent = extentOf(prepared);
  const across = worksWith === 'left' ? -1 : 1;
  if (plane === 'transverse') return viewFromAbove(anchor, extent, across);
  // From the side both limbs fall on the same picture; only near and far change places.
  const mirrorX = plane === 'frontal' ? across : 1;
  const top_m = Math.max(
    SHOWN_M.height,
    extent.most.y + HEADROOM_M,
    (anchor?.[1] ?? 0) + HEADROOM_M,
  );
  const pxPerMetre = Math.min(SCENE.width / SHOWN_M.width, SCENE.floor / top_m);
  const along = mirrorX * (anchor?.[0] ?? 0);
  const side = sideOf(along);
  return {
    seen: SEEN[plane],
    pxPerMetre,
    originX: originOf(along, side, (mirrorX * (extent.least.x + extent.most.x)) / 2, pxPerMetre),
    originY: SCENE.floor,
    turned: false,
    floor: SCENE.floor,
    side,
    mirrorX,
    mirrorY: 1,
  };
}

function viewFromAbove(
  anchor: Triple | undefined,
  extent: { readonly least: Point; readonly most: Point },
  across: 1 | -1,
): SceneView {
  const turned = anchor !== undefined && Math.abs(anchor[1]) > Math.abs(anchor[0]);
  const pxPerMetre = SCENE.width / SHOWN_M.width;
  // Turned, the left of the person is the left of the drawing.
  const along = anchor === undefined ? 0 : turned ? -across * anchor[1] : anchor[0];
  const side = sideOf(along);
  const middle = turned ? 0 : (extent.least.x + extent.most.x) / 2;
  return {
    seen: SEEN.transverse,
    pxPerMetre,
    originX: originOf(along, side, middle, pxPerMetre),
    originY: SCENE.floor / 2 + (turned ? 30 : 0),
    turned,
    floor: null,
    side,
    mirrorX: 1,
    mirrorY: across,
  };
}

function sideOf(along_m: number): SceneView['side'] {
  if (Math.abs(along_m) < ASIDE_M) return 0;
  return along_m > 0 ? 1 : -1;
}

function originOf(
  along_m: number,
  side: SceneView['side'],
  middle_m: number,
  pxPerMetre: number,
): number {
  if (side === 0) return SCENE.width / 2 - middle_m * pxPerMetre;
  return (side === 1 ? SCENE.right : SCENE.left) - along_m * pxPerMetre;
}

/** How far the body reaches over the whole rep, m. */
function extentOf(prepared: PreparedExercise | undefined): { least: Point; most: Point } {
  const least = { x: 0, y: 0 };
  const most = { x: 0, y: 0 };
  if (prepared === undefined || prepared.contacts.x.length === 0) return { least, most };
  const { x, y } = prepared.contacts;
  least.x = most.x = x[0] as number;
  least.y = most.y = y[0] as number;
  // A plain loop: on every frame of a drag.
  for (let i = 1; i < x.length; i++) {
    least.x = Math.min(least.x, x[i] as number);
    least.y = Math.min(least.y, y[i] as number);
    most.x = Math.max(most.x, x[i] as number);
    most.y = Math.max(most.y, y[i] as number);
  }
  return { least, most };
}

/** A place of the exercise's plane, m, on the drawing. */
export function toScene(view: SceneView, x_m: number, y_m: number): Point {
  const { mirrorX, mirrorY, originX, originY, pxPerMetre, turned } = view;
  const right = mirrorX * x_m * pxPerMetre;
  const up = mirrorY * y_m * pxPerMetre;
  return turned ? { x: originX - up, y: originY - right } : { x: originX + right, y: originY - up };
}

/** A ribbon between two contacts as it is drawn. */
export interface RibbonSpan {
  readonly band: KnownBand;
  readonly from: Point;
  readonly to: Point;
  readonly length: number;
  readonly angle_deg: number;
  readonly width: number;
  /** Unstretched length of the span, m. */
  readonly rest_m: number;
  readonly stretch: number;
  readonly caution: boolean;
  /** The span that carries the figures: the band's longest. */
  readonly main: boolean;
}

/** Stretch from which the ribbon shows caution, unless the band's limit is nearer. */
const CAUTION_STRETCH = 2.5;

/** The bands along their paths at sample k, side by side where several share a path. */
export function ribbonSpans(bench: SolvedWorkbench, k: number, view: SceneView): RibbonSpan[] {
  const { rig, buffers } = bench.solved;
  const { samples } = rig.prepared;
  const widths = bench.bands.map(ribbonWidth);
  const total = widths.reduce((sum, width) => sum + width + RIBBON_GAP_PX, -RIBBON_GAP_PX);
  // Bands that hang one through the other lie in one line.
  const inLine = rig.links.length > 0;
  let offset = -total / 2;
  return bench.document.runs.flatMap((_run, r) => {
    const band = bench.bands[r];
    const width = widths[r] ?? RIBBON_PX.least;
    if (band === undefined) return [];
    const aside = inLine ? 0 : offset + width / 2;
    offset += width + RIBBON_GAP_PX;
    const stretch = buffers.stretch[r * samples + k] as number;
    const spans = pathSegments(bench, r, k, view);
    const longest = Math.max(...spans.map(({ length }) => length));
    return spans.map(({ from, to, length }) => {
      const angle = Math.atan2(to.y - from.y, to.x - from.x);
      const beside = ({ x, y }: Point): Point => ({
        x: x - Math.sin(angle) * aside,
        y: y + Math.cos(angle) * aside,
      });
      return {
        band,
        from: beside(from),
        to: beside(to),
        length,
        angle_deg: (angle * 180) / Math.PI,
        width,
        rest_m: length / view.pxPerMetre / Math.max(stretch, 1),
        stretch,
        caution: stretch > Math.min(CAUTION_STRETCH, band.record.limit),
        main: length === longest,
      };
    });
  });
}

export function ribbonWidth({ record }: KnownBand): number {
  return RIBBON_PX.least + record.width_mm * RIBBON_PX.perMillimetre;
}

interface Segment {
  readonly from: Point;
  readonly to: Point;
  readonly length: number;
}

/** The segments of a run's path as seen in the view, each once, anchor's end first. */
function pathSegments(bench: SolvedWorkbench, r: number, k: number, view: SceneView): Segment[] {
  const { rig } = bench.solved;
  const { samples } = rig.prepared;
  const start = r * rig.capacity.pathNodes;
  const count = rig.pathLength[r] as number;
  const point = (i: number): Point => {
    const node = rig.path[start + (i % count)] as number;
    return toScene(
      view,
      rig.nodeX[node * samples + k] as number,
      rig.nodeY[node * samples + k] as number,
    );
  };
  const seen: Segment[] = [];
  const last = rig.closed[r] === 1 ? count : count - 1;
  for (let i = 0; i < last; i++) {
    const segment = { from: point(i), to: point(i + 1), length: distance(point(i), point(i + 1)) };
    if (segment.length > SAME_PX && !seen.some((other) => isSame(other, segment))) {
      seen.push(segment);
    }
  }
  return seen;
}

function isSame(a: Segment, b: Segment): boolean {
  const near = (p: Point, q: Point): boolean => distance(p, q) <= SAME_PX;
  return (near(a.from, b.from) && near(a.to, b.to)) || (near(a.from, b.to) && near(a.to, b.from));
}

function distance(a: Point, b: Point): number {
  return Math.hypot(a.x - b.x, a.y - b.y);
}
