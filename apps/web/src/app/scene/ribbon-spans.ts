import { HIGH_STRETCH } from '@wiry-otter/core';
import type { Point } from '../ui/figure/limb-path';
import { type HangingCurve, hangingCurve } from '../ui/ribbons/hanging-curve';
import { type SceneView, toScene } from './scene-geometry';
import type { DrawnBand, SceneSetup } from './scene-setup';

/** Ribbons are drawn wider than true to be seen; true to each other all the same. */
const RIBBON_PX = { least: 5, perMillimetre: 0.26 } as const;
/** Along the body they are narrower, so that they do not hide it. */
const ALONG_BODY_SHARE = 0.6;
/**
 * Room between the ribbons of a stack. Along the body they open like a fan, from where they are
 * hung to where they hold it, and the body is seen between them.
 */
const RIBBON_GAP_PX = 1.5;
const FANNED_GAP_PX = 9;
/** Segments whose ends fall this close together in the view are drawn as one, px. */
const SAME_PX = 3;

/** A ribbon between two contacts as it is drawn. */
export interface RibbonSpan {
  readonly band: DrawnBand;
  readonly from: Point;
  readonly to: Point;
  readonly length: number;
  readonly angle_deg: number;
  readonly width: number;
  /** Unstretched length of the span, m. */
  readonly rest_m: number;
  readonly stretch: number;
  /** How it hangs while it is slack; null while it is taut, and from above. */
  readonly hanging: HangingCurve | null;
  readonly caution: boolean;
  /** The span that carries the figures: the band's longest. */
  readonly main: boolean;
}

/** The bands along their paths at sample k, side by side where several share a path. */
export function ribbonSpans(setup: SceneSetup, k: number, view: SceneView): RibbonSpan[] {
  const { rig, buffers } = setup.solved;
  const { samples } = rig.prepared;
  // With nothing to one side the bands run along the body, from above or from underfoot.
  const alongBody = view.side === 0 && view.floor !== null;
  const share = alongBody ? ALONG_BODY_SHARE : 1;
  const widths = setup.bands.map((band) => ribbonWidth(band) * share);
  // Bands that hang one through the other lie in one line.
  const inLine = rig.links.length > 0;
  const asides = (gap: number): number[] =>
    inLine ? widths.map(() => 0) : sideBySide(widths, gap);
  const fromAsides = asides(RIBBON_GAP_PX);
  const toAsides = asides(alongBody ? FANNED_GAP_PX : RIBBON_GAP_PX);
  return setup.document.runs.flatMap((_run, r) => {
    const band = setup.bands[r];
    const width = widths[r] ?? RIBBON_PX.least;
    if (band === undefined) return [];
    const stretch = buffers.stretch[r * samples + k] as number;
    const spans = pathSegments(setup, r, k, view);
    const longest = Math.max(...spans.map(({ length }) => length));
    return spans.map(({ from, to, length }) => {
      const line = Math.atan2(to.y - from.y, to.x - from.x);
      const beside = ({ x, y }: Point, aside = 0): Point => ({
        x: x - Math.sin(line) * aside,
        y: y + Math.cos(line) * aside,
      });
      const ends = { from: beside(from, fromAsides[r]), to: beside(to, toAsides[r]) };
      const angle = Math.atan2(ends.to.y - ends.from.y, ends.to.x - ends.from.x);
      return {
        band,
        ...ends,
        hanging:
          stretch < 1 && view.floor !== null
            ? hangingCurve(ends.from, ends.to, stretch, {
                floor: view.floor - width / 2,
                free: view.side === 1 ? -1 : 1,
              })
            : null,
        length,
        angle_deg: (angle * 180) / Math.PI,
        width,
        rest_m: length / view.pxPerMetre / Math.max(stretch, 1),
        stretch,
        caution: stretch > Math.min(HIGH_STRETCH, band.record.limit),
        main: length === longest,
      };
    });
  });
}

/** How far the middle of each ribbon lies from the middle of the stack, px. */
function sideBySide(widths: readonly number[], gap: number): number[] {
  const total = widths.reduce((sum, width) => sum + width + gap, -gap);
  let offset = -total / 2;
  return widths.map((width) => {
    const aside = offset + width / 2;
    offset += width + gap;
    return aside;
  });
}

export function ribbonWidth({ record }: DrawnBand): number {
  return RIBBON_PX.least + record.width_mm * RIBBON_PX.perMillimetre;
}

interface Segment {
  readonly from: Point;
  readonly to: Point;
  readonly length: number;
}

/** The segments of a run's path as seen in the view, each once, anchor's end first. */
function pathSegments(setup: SceneSetup, r: number, k: number, view: SceneView): Segment[] {
  const { rig } = setup.solved;
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
