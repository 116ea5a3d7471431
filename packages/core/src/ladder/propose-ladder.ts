import { type Result, succeed } from '../faults.js';
import type { SpaceRequest, Varied } from '../finder/proposal.js';
import { coarseValues, searchOn } from '../finder/proposal-search.js';
import { usualWayOf, type Way } from '../finder/ways.js';
import type { Gap, LadderTarget } from '../finder/search.js';
import type { AnchoredExercise } from '../rig/anchor-points.js';
import { withCopies } from '../rig/band-copies.js';
import { type FittedBand, routeFor } from '../rig/compose.js';
import { findLadder } from './find-ladder.js';
import { gapsBetween } from './gaps.js';

/** A ladder that is asked for on the workbench. */
export interface LadderRequest<Ex extends AnchoredExercise> extends SpaceRequest<Ex> {
  readonly target: LadderTarget;
  /** A notch of distance or grip comes before another band, as in rehab: one band at a time. */
  readonly notchFirst?: boolean | undefined;
}

/** A rung as the workbench would lay it. */
export interface ProposedRung {
  readonly key: string;
  /** Twice the same where each side has a copy of it. */
  readonly bandIds: readonly string[];
  /** One route for each form of the bands; none for the bare exercise. */
  readonly routeIds: readonly string[];
  readonly varied: Partial<Readonly<Record<Varied, number>>>;
  readonly value: number;
}

export interface ProposedLadder {
  readonly rungs: readonly ProposedRung[];
  readonly gaps: readonly Gap[];
}

/**
 * A whole rack of loads from the bands of a kit, in steps of at most so much, what is varied in
 * steps of 5 cm. All rungs are laid one way: on one route for each form of the bands.
 *
 * @returns the first fault where the exercise cannot be searched
 */
export function proposeLadder<Ex extends AnchoredExercise>(
  request: LadderRequest<Ex>,
): Result<ProposedLadder> {
  const { kit, notchFirst = false, target } = request;
  const way = usualWayOf(request);
  if (way === undefined) return succeed({ rungs: [], gaps: gapsBetween(target, []) });
  const rungs = notchFirst ? byNotches(request, way) : rungsOf(request, way, kit, target);
  return rungs.ok ? succeed({ rungs: rungs.value, gaps: gapsBetween(target, rungs.value) }) : rungs;
}

/** One band after the other, the slimmest first, each from where the one before ends. */
function byNotches<Ex extends AnchoredExercise>(
  request: LadderRequest<Ex>,
  way: Way,
): Result<ProposedRung[]> {
  const { target } = request;
  const single = { ...request, limits: { ...request.limits, maxBands: 1 } };
  const isHelp = target.metric === 'assistMean';
  // Help goes down: from the stoutest to the slimmest.
  const kit = request.kit.toSorted((a, b) => (isHelp ? -1 : 1) * (a.law.c1_N - b.law.c1_N));
  const rungs: ProposedRung[] = [];
  for (const band of kit) {
    const last = rungs.at(-1)?.value;
    const from =
      last === undefined
        ? target.from
        : isHelp
          ? last - target.step / 2
          : last * (1 + target.step / 2);
    if (isHelp ? from <= target.to : from >= target.to) break;
    const found = rungsOf(single, way, [band], { ...target, from });
    if (!found.ok) return found;
    rungs.push(...found.value.filter(({ bandIds }) => bandIds.length > 0));
  }
  if (isHelp && target.to === 0) rungs.push(BARE);
  return succeed(rungs);
}

/** The bare exercise, at the end of a ladder that takes all help away. */
const BARE: ProposedRung = { key: 'bare', bandIds: [], routeIds: [], varied: {}, value: 0 };

function rungsOf<Ex extends AnchoredExercise>(
  request: LadderRequest<Ex>,
  way: Way,
  kit: readonly FittedBand[],
  target: LadderTarget,
): Result<ProposedRung[]> {
  const suited = way.routes.filter((route) =>
    kit.some((band) => routeFor([route], band) !== undefined),
  );
  const [first, ...others] = suited;
  if (first === undefined) return succeed([]);
  const laid = kit.filter((band) => routeFor(suited, band) !== undefined);
  const { count: _count, ...space } = searchOn(
    request,
    { ...way, routes: [first, ...others] },
    laid,
  );
  const found = findLadder({ ...space, target });
  if (!found.ok) return found;
  const values_m = coarseValues(request, way);
  return succeed(
    found.value.rungs.map(({ key, value }): ProposedRung => {
      const [at = '', laid = ''] = key.split('|');
      if (laid === '') return BARE;
      const pairs = laid.split(',').map((one) => one.split(':') as [string, string]);
      return {
        key,
        bandIds: withCopies(
          request.present.exercise,
          pairs.map(([id]) => id),
        ),
        routeIds: [...new Set(pairs.map(([, route]) => route))],
        varied: { [way.varied]: values_m[Number(at)] as number },
        value,
      };
    }),
  );
}
