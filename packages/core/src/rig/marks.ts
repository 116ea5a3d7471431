import { type Joint, SEGMENTS } from '../body/segments.js';
import { DEFAULT_WIDTHS } from '../body/contacts.js';
import { bandsOverLimit, rigSetup } from '../demand/solve-setup.js';
import { isContinuous, naturalStrands } from '../elastic/band.js';
import { anchorPlaceOf, anchorPoints } from './anchor-points.js';
import { otherSide, type Route, ROUTE_FORMS, type RoutedExercise } from './compose.js';
import { chainedPath } from './link-bands.js';
import type { Setup } from './setup.js';

/** A set-up whose exercise knows its anchor, its routes and how the body is held. */
export interface MarkedSetup extends Setup {
  readonly exercise: RoutedExercise;
}

/** What lets a set-up be found again, metres; undefined where the set-up has no such mark. */
export interface SetupMarks {
  readonly height_m: number | undefined;
  /** Of the exercise's origin from the anchor's plumb line, along the floor. */
  readonly distance_m: number | undefined;
  /** What of the person is over the exercise's origin, in words. */
  readonly over: string;
  /** Of the grip from the band's end. */
  readonly grip_m: number | undefined;
  /** Between the feet, middle to middle. */
  readonly stance_m: number | undefined;
  /** Length of the person's foot, the measure of the stance. */
  readonly foot_m: number;
}

/** Marks on the floor, on the band and between the feet, read off a set-up. */
export function setupMarks(setup: MarkedSetup): SetupMarks {
  const { body, exercise, points, runs, widths } = setup;
  const place = anchorPlaceOf(exercise, body.stature_m, points);
  const standing =
    exercise.plane !== 'transverse' &&
    (exercise.posture === undefined || exercise.posture === 'standing');
  const gripped = runs.some(({ path }) => path.some((name) => name.startsWith('grip')));
  const usualStance = exercise.widths?.stance ?? DEFAULT_WIDTHS.stance;
  return {
    height_m: place?.height_m,
    distance_m: place === undefined || place.distance_m === 0 ? undefined : place.distance_m,
    over: overOrigin(exercise),
    grip_m: gripped ? slippedLength(setup) : undefined,
    stance_m: standing ? (widths?.stance_m ?? usualStance * body.stature_m) : undefined,
    foot_m: SEGMENTS.foot.length * body.stature_m,
  };
}

const JOINT_WORDS: Readonly<Record<Joint, string>> = {
  ankle: 'ankles',
  toe: 'toes',
  knee: 'knees',
  hip: 'hips',
  elbow: 'elbow',
  shoulder: 'shoulders',
  grip: 'hands',
};

/** The root, unless it lies aside of the origin along the line to the anchor. */
function overOrigin({ anchor, plane, root }: MarkedSetup['exercise']): string {
  const across = anchor?.side === 'left' || anchor?.side === 'right';
  const [x, y] = root.at;
  // Which axis runs along the line to the anchor; the third bears no offset.
  const along = (plane === 'frontal') === across ? x : plane === 'transverse' ? y : 0;
  return along === 0 ? JOINT_WORDS[root.point] : 'middle of the body';
}

/**
 * How far below its end the gripped band is held, m: what the run takes up
 * beyond its route and what lies round the anchor, half of it for a loop, whose
 * two strands are both gripped.
 */
export function slippedLength(setup: MarkedSetup): number {
  const routes = routesOfRuns(setup);
  // Of loops that hang one through the other the last is in the hands.
  const r = Object.keys(setup.links ?? {}).length > 0 ? setup.runs.length - 1 : 0;
  const run = setup.runs[r];
  const band = setup.bands.find(({ id }) => id === run?.band);
  if (run === undefined || band === undefined) return 0;
  const taken_m = (run.takeUp_m ?? 0) - (run.hitch_m ?? 0) - (routes[r]?.takeUp_m ?? 0);
  return Math.max(0, taken_m / (isContinuous(band.kind) ? 2 : 1));
}

/**
 * Turns round an anchor of this girth, beyond a choke: what the band nearest to
 * it holds there.
 *
 * @param girth_m length once round the anchor, m; 0 where there is none to lie round
 */
export function turnsRound(setup: MarkedSetup, girth_m: number): number {
  const r = setup.runs.findIndex(({ hitch_m = 0 }) => hitch_m > 0);
  const run = setup.runs[r];
  const band = setup.bands.find(({ id }) => id === run?.band);
  if (run === undefined || band === undefined || girth_m <= 0) return 0;
  const route = routesOfRuns(setup)[r];
  const rounds = Math.round((run.hitch_m ?? 0) / (naturalStrands(band.kind) * girth_m));
  return Math.max(0, rounds - (route?.choked === true ? 1 : 0));
}

/**
 * The exercise's route that each run lies on: loops that hang one through the other lie on one
 * together, and a band may lie on a route's other side where the exercise has one on each.
 * Undefined for a run that lies on none.
 */
export function routesOfRuns(setup: MarkedSetup): (Route | undefined)[] {
  const { exercise, links = {}, runs } = setup;
  const lying = (path: readonly string[] = []): Route | undefined => {
    const isOn = (route: Route): boolean => route.path.join() === path.join();
    return exercise.routes?.find(
      (route) => isOn(route) || (exercise.bandOnEachSide === true && isOn(otherSide(route))),
    );
  };
  const whole = chainedPath(setup);
  const chained = lying(whole);
  return runs.map(({ path }) => {
    if (!path.some((name) => name in links)) return lying(path);
    return path.every((name) => name in links || whole?.includes(name)) ? chained : undefined;
  });
}

/**
 * The route on which each form of band lies in a set-up: one with the id on record where it suits,
 * since routes can differ in more than their paths, else the one that the runs lie on.
 */
export function routesLaid(setup: MarkedSetup, routeId: string): Route[] {
  const onRecord = setup.exercise.routes?.find(({ id }) => id === routeId);
  const lying = routesOfRuns(setup);
  return ROUTE_FORMS.flatMap((form) =>
    onRecord?.for === form ? onRecord : (lying.find((route) => route?.for === form) ?? []),
  );
}

/** What a set-up asks at another distance from its anchor. */
export interface DistanceMark {
  readonly distance_m: number;
  /** Mean demand, in the demand's unit. */
  readonly mean: number;
  /** A band is stretched past its limit there. */
  readonly overLimit: boolean;
}

/**
 * Mean demand of a set-up at other distances from its anchor; distances that
 * cannot be solved are left out, and so is everything where there is no anchor
 * to stand off from.
 */
export function distanceMarks(setup: MarkedSetup, distances_m: readonly number[]): DistanceMark[] {
  const { body, exercise, points } = setup;
  const place = anchorPlaceOf(exercise, body.stature_m, points);
  if (place === undefined || place.distance_m === 0) return [];
  return distances_m.flatMap((distance_m) => {
    const moved = {
      ...setup,
      points: anchorPoints(exercise, body.stature_m, { ...place, distance_m }),
    };
    const solved = rigSetup(moved);
    if (!solved.ok) return [];
    const { buffers, summary } = solved.value;
    return [
      { distance_m, mean: summary.mean, overLimit: bandsOverLimit(moved, buffers).length > 0 },
    ];
  });
}
