import { isHold } from '../body/holds.js';
import { rigSetup, type SolvedRig } from '../demand/solve-setup.js';
import { isContinuous, naturalStrands } from '../elastic/band.js';
import { SLACK_STRETCH } from '../elastic/strand-law.js';
import type { AnchoredExercise } from '../rig/anchor-points.js';
import { type Composition, composeSetup, type Route, routeFor } from '../rig/compose.js';

/** Turns round an anchor, at most: more are not laid in practice. */
export const MOST_TURNS = 5;

/** A way to make a slack band taut: a route, and turns round the anchor. */
export interface TautWay {
  readonly routeId: string;
  /** Turns beyond what the route lays. */
  readonly turns: number;
}

/** How far a band hangs slack where it should help, and what makes it work. */
export interface Slackness {
  /** How much shorter it must hang, m: of a loop both strands. */
  readonly shorter_m: number;
  /** The fewest turns on the same route; null where none are enough. */
  readonly turned: TautWay | null;
  /** The first fold, with the fewest turns beside; null where none does. */
  readonly folded: TautWay | null;
}

/**
 * How much shorter a band must hang so as to be taut all through a hold, or at the start of a
 * movement, and the smallest number of turns, or the smallest fold, that does it within the
 * band's limit. Of several bands the slackest counts.
 *
 * @returns undefined where it is taut, or nothing is laid
 */
export function slacknessOf<Ex extends AnchoredExercise>(
  composition: Composition<Ex>,
  folds: readonly Route[],
): Slackness | undefined {
  const shorter_m = shortfall(composition);
  if (shorter_m === undefined || shorter_m <= 0) return undefined;
  const [band] = composition.bands;
  const route = band && routeFor(composition.routes, band);
  if (band === undefined || route === undefined) return undefined;
  const form = isContinuous(band.kind) ? 'continuous' : 'open';
  const suited = folds.filter((fold) => fold.for === form && fold.id !== route.id);
  return {
    shorter_m,
    turned: fewestTurns(composition, route, (composition.wraps ?? 0) + 1),
    folded: suited.reduce<TautWay | null>(
      (found, fold) => found ?? fewestTurns(composition, fold, 0),
      null,
    ),
  };
}

/** The fewest turns on a route with which everything is taut and nothing over its limit. */
function fewestTurns<Ex extends AnchoredExercise>(
  composition: Composition<Ex>,
  route: Route,
  from: number,
): TautWay | null {
  const most = (composition.anchor?.girth_m ?? 0) > 0 ? MOST_TURNS : 0;
  const others = composition.routes.filter((other) => other.for !== route.for);
  for (let turns = from; turns <= most; turns++) {
    const laid = { ...composition, routes: [route, ...others], wraps: turns };
    const short_m = shortfall(laid);
    if (short_m === undefined) return null;
    if (short_m <= 0) return { routeId: route.id, turns };
  }
  return null;
}

/**
 * How much shorter the slackest band must hang, m; 0 where all are taut; undefined where the set-up
 * cannot be solved, or a band is over its limit.
 */
function shortfall<Ex extends AnchoredExercise>(composition: Composition<Ex>): number | undefined {
  const setup = composeSetup(composition);
  const solved = rigSetup(setup);
  if (!solved.ok) return undefined;
  const { rig, buffers } = solved.value;
  let shorter_m = 0;
  for (const [r, { band: id }] of setup.runs.entries()) {
    const band = setup.bands.find((one) => one.id === id);
    if (band === undefined || (buffers.peakStretch[r] as number) > band.limit) return undefined;
    const rest_m = rig.rest_m[r] as number;
    for (const k of samplesThatCount(composition.exercise, solved.value)) {
      const at = r * rig.prepared.samples + k;
      if ((buffers.stretch[at] as number) > SLACK_STRETCH) continue;
      const missing_m = (rest_m - (buffers.length_m[at] as number)) / naturalStrands(band.kind);
      // On the brink it is slack and hangs no shorter.
      shorter_m = Math.max(shorter_m, missing_m, Number.MIN_VALUE);
    }
  }
  return shorter_m;
}

/** A hold is to be helped all through; a movement at its start. */
function samplesThatCount(exercise: AnchoredExercise, { rig }: SolvedRig): number[] {
  const { samples } = rig.prepared;
  return isHold(exercise) ? Array.from({ length: samples }, (_, k) => k) : [0];
}
