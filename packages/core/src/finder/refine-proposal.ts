import { DEFAULT_WIDTHS } from '../body/contacts.js';
import type { Rigger, SolvedRig } from '../demand/solve-setup.js';
import { DEFAULT_STRETCH_LIMIT } from '../elastic/band.js';
import type { AnchoredExercise } from '../rig/anchor-points.js';
import { type Composition, composeSetup, type FittedBand } from '../rig/compose.js';
import type { Setup } from '../rig/setup.js';
import { mountingPulls } from '../safety/help.js';
import { errorOf } from './find-best.js';
import { layProposal } from './lay-proposal.js';
import type { Proposal, ProposalRequest, Varied } from './proposal.js';
import { COARSE_M, inCentimetres, rangeOfVaried } from './proposal-search.js';
import type { Way } from './ways.js';

const CENTIMETRE_M = 0.01;

/** A band that need not be gripped lower or taken up, or feet that stand as they do, are worth this much of an error. */
const PLAIN = 0.5;
/** Farthest that is looked at round a coarse value, in centimetres. */
const STEPS = Math.round(COARSE_M / CENTIMETRE_M) - 1;

/**
 * The centimetre round a coarse value at which the figure comes nearest to the target; where the
 * grip or the stance is what is varied, the plain end of the band, or the feet as they stand, if that
 * comes nearly as near.
 */
export function refined<Ex extends AnchoredExercise>(
  request: ProposalRequest<Ex>,
  { routes, varied }: Way,
  bands: readonly FittedBand[],
  coarse_m: number | undefined,
  rig: Rigger,
): Pick<Proposal, 'value' | 'varied'> | undefined {
  const { present, target } = request;
  const { least, most } = rangeOfVaried(request, varied);
  const routeIds = routes.map(({ id }) => id);
  const offered = Array.from({ length: 2 * STEPS + 1 }, (_, i) =>
    inCentimetres((coarse_m ?? 0) + (i - STEPS) * CENTIMETRE_M),
  );
  let best: Pick<Proposal, 'value' | 'varied'> | undefined;
  let least_error = Infinity;
  const plain_m = plainValue(present, varied);
  for (const value_m of plain_m === undefined ? offered : [plain_m, ...offered]) {
    if (value_m < least || value_m > most) continue;
    const found = { routes, routeIds, varied: { [varied]: value_m } };
    const value = valueAt(request, layProposal(present, found, bands), rig);
    if (value === undefined) continue;
    const error = errorOf(target, value) - (value_m === plain_m ? PLAIN : 0);
    if (error >= least_error) continue;
    least_error = error;
    best = { value, varied: { [varied]: value_m } };
  }
  return best;
}

/** The plain end of the band, or the feet as they stand; undefined where nothing is plainer than the rest. */
function plainValue<Ex extends AnchoredExercise>(
  { body, exercise, widths }: Composition<Ex>,
  varied: Varied,
): number | undefined {
  if (varied === 'slip_m') return 0;
  if (varied !== 'stance_m') return undefined;
  const own_m = (exercise.widths?.stance ?? DEFAULT_WIDTHS.stance) * body.stature_m;
  return inCentimetres(widths?.stance_m ?? own_m);
}

/** The figure asked for; undefined where it is none, or a limit is passed. */
function valueAt<Ex extends AnchoredExercise>(
  request: ProposalRequest<Ex>,
  composition: Composition<Ex>,
  rig: Rigger,
): number | undefined {
  const setup = composeSetup(composition);
  const solved = rig(setup);
  if (!solved.ok) return undefined;
  const value = solved.value.summary[request.target.metric] ?? 0;
  const isOver = composition.bands.some(
    ({ limit = DEFAULT_STRETCH_LIMIT }, r) =>
      (solved.value.buffers.peakStretch[r] as number) > limit,
  );
  return isOver || value <= 0 || isPastLimit(request, setup, solved.value) ? undefined : value;
}

/** The limits of the search, which held at the coarse value, to be held here too. */
function isPastLimit<Ex extends AnchoredExercise>(
  { limits, present }: ProposalRequest<Ex>,
  setup: Setup,
  solved: SolvedRig,
): boolean {
  const { anchor_N = Infinity, mount_N = Infinity, slack, start = -Infinity } = limits;
  const { buffers, summary } = solved;
  const maySlacken = slack ?? present.exercise.bodyweight;
  return (
    (summary.slackShare > 0 && !maySlacken) ||
    summary.overAssistedShare > 0 ||
    summary.start < start ||
    buffers.anchorPeak_N.some((peak_N) => peak_N > anchor_N) ||
    mountingPulls({ setup, solved }).some((pull_N) => pull_N > mount_N)
  );
}
