import type { Rigger } from '../demand/solve-setup.js';
import { DEFAULT_STRETCH_LIMIT } from '../elastic/band.js';
import type { AnchoredExercise } from '../rig/anchor-points.js';
import { type Composition, composeSetup, type FittedBand, type Route } from '../rig/compose.js';
import { errorOf } from './find-best.js';
import type { Proposal, ProposalRequest, Varied } from './proposal.js';
import { COARSE_M, inCentimetres, rangeOfVaried, variedOn } from './proposal-search.js';

const CENTIMETRE_M = 0.01;

/** The centimetre round a coarse value at which the figure comes nearest to the target. */
export function refined<Ex extends AnchoredExercise>(
  request: ProposalRequest<Ex>,
  way: readonly [Route, ...Route[]],
  bands: readonly FittedBand[],
  coarse_m: number | undefined,
  rig: Rigger,
): Pick<Proposal, 'value' | 'varied'> | undefined {
  const { limits, present, target } = request;
  const varied = variedOn(present.exercise, way[0]);
  const maySlacken = limits.slack ?? present.exercise.bodyweight;
  const range = varied === undefined ? undefined : rangeOfVaried(request, varied);
  const steps = varied === undefined ? 0 : Math.round(COARSE_M / CENTIMETRE_M) - 1;
  let best: Pick<Proposal, 'value' | 'varied'> | undefined;
  for (let step = -steps; step <= steps; step++) {
    const value_m = inCentimetres((coarse_m ?? 0) + step * CENTIMETRE_M);
    if (range !== undefined && (value_m < range.least || value_m > range.most)) continue;
    const solved = rig(composeSetup(laidAt(present, way, bands, varied, value_m)));
    if (!solved.ok) continue;
    const { buffers, summary } = solved.value;
    const over = bands.some(
      ({ limit = DEFAULT_STRETCH_LIMIT }, r) => (buffers.peakStretch[r] as number) > limit,
    );
    const value = summary[target.metric] ?? 0;
    const slackens = summary.slackShare > 0 && !maySlacken;
    if (over || slackens || value <= 0) continue;
    if (best !== undefined && errorOf(target, value) >= errorOf(target, best.value)) continue;
    best = { value, varied: varied === undefined ? {} : { [varied]: value_m } };
  }
  return best;
}

/** What is set now, with other bands on a route, at another value of what is varied. */
function laidAt<Ex extends AnchoredExercise>(
  present: Composition<Ex>,
  way: readonly Route[],
  bands: readonly FittedBand[],
  varied: Varied | undefined,
  value_m: number,
): Composition<Ex> {
  const laid = { ...present, routes: way, bands, linked: false };
  switch (varied) {
    case 'distance_m':
      return { ...laid, anchor: { height_m: 0, ...present.anchor, distance_m: value_m } };
    case 'stance_m':
      return { ...laid, widths: { ...present.widths, stance_m: value_m } };
    case 'slip_m':
      return { ...laid, slip_m: value_m };
    case undefined:
      return laid;
  }
}
