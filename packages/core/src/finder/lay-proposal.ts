import type { AnchoredExercise } from '../rig/anchor-points.js';
import type { Composition, FittedBand } from '../rig/compose.js';
import type { Proposal } from './proposal.js';

/** What is set now, with what was found in its place: other bands, on their routes, at another value. */
export function layProposal<Ex extends AnchoredExercise>(
  present: Composition<Ex>,
  { routes, ...found }: Pick<Composition<Ex>, 'routes'> & Pick<Proposal, 'routeIds' | 'varied'>,
  bands: readonly FittedBand[],
): Composition<Ex> {
  const { distance_m, height_m, slip_m, stance_m } = found.varied;
  return {
    ...present,
    routes: routes.filter(({ id }) => found.routeIds.includes(id)),
    bands,
    linked: false,
    ...(distance_m === undefined && height_m === undefined
      ? {}
      : {
          anchor: {
            height_m: 0,
            distance_m: 0,
            ...present.anchor,
            ...(distance_m === undefined ? {} : { distance_m }),
            ...(height_m === undefined ? {} : { height_m }),
          },
        }),
    ...(stance_m === undefined ? {} : { widths: { ...present.widths, stance_m } }),
    ...(slip_m === undefined ? {} : { slip_m }),
  };
}
