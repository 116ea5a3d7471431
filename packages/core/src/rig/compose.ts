import type { Exercise } from '../body/exercise.js';
import type { Body } from '../body/segments.js';
import { type Band, DEFAULT_LOSS, DEFAULT_STRETCH_LIMIT, isContinuous } from '../elastic/band.js';

/** A way to run bands, for those that close on themselves or for those with two ends. */
export interface Route {
  readonly id: string;
  readonly for: 'continuous' | 'open';
  readonly path: readonly string[];
  readonly takeUp_m?: number | undefined;
  readonly extra_m?: number | undefined;
}

/** Where an anchor stands: height over the floor and distance ahead of the person's root, m. */
export interface AnchorPlace {
  readonly point: string;
  readonly height_m: number;
  readonly distance_m: number;
}

/** A band with the weight of its handles and clips at both ends together. */
export interface FittedBand extends Band {
  readonly fittingsMass_kg?: number | undefined;
}

export interface Composition<Ex extends Exercise> {
  readonly exercise: Ex;
  readonly body: Body;
  readonly anchor?: AnchorPlace | undefined;
  readonly routes: readonly Route[];
  /** Bands in the order they are put on; each takes the route of its form. */
  readonly bands: readonly FittedBand[];
}

/** The route of the list that suits a band's form; undefined when the exercise has none for it. */
export function routeFor(routes: readonly Route[], band: Band): Route | undefined {
  const form = isContinuous(band.kind) ? 'continuous' : 'open';
  return routes.find((route) => route.for === form);
}

/** The parts of a set-up that the composition decides; a caller may go on changing them. */
export interface ComposedSetup<Ex extends Exercise> {
  body: { stature_m: number; mass_kg: number };
  exercise: Ex;
  points: Record<string, [number, number, number]>;
  bands: {
    id: string;
    kind: Band['kind'];
    flatLength_m: number;
    law: { c1_N: number; c2_N: number; c3_N: number };
    loss: number;
    limit: number;
    deadLength_m: number;
  }[];
  runs: { band: string; path: string[]; takeUp_m: number; extra_m: number }[];
  loads: { at: string; mass_kg: number }[];
}

/**
 * Lays bands on an exercise, each along its route, with the anchor ahead of the
 * person. A band that none of the routes suits is left out. Half of the weight
 * of a band's fittings hangs at each end of its path that is on the body.
 */
export function composeSetup<Ex extends Exercise>(composition: Composition<Ex>): ComposedSetup<Ex> {
  const { anchor, bands, body, exercise, routes } = composition;
  const laid = bands.flatMap((band) => {
    const route = routeFor(routes, band);
    return route === undefined ? [] : [{ band, route }];
  });
  const points = anchor === undefined ? [] : [anchor.point];
  return {
    body: { stature_m: body.stature_m, mass_kg: body.mass_kg },
    exercise,
    points: anchor === undefined ? {} : { [anchor.point]: [anchor.distance_m, anchor.height_m, 0] },
    bands: laid.map(({ band }) => ({
      id: band.id,
      kind: band.kind,
      flatLength_m: band.flatLength_m,
      law: { ...band.law },
      loss: band.loss ?? DEFAULT_LOSS,
      limit: band.limit ?? DEFAULT_STRETCH_LIMIT,
      deadLength_m: band.deadLength_m ?? 0,
    })),
    runs: laid.map(({ band, route }) => ({
      band: band.id,
      path: [...route.path],
      takeUp_m: route.takeUp_m ?? 0,
      extra_m: route.extra_m ?? 0,
    })),
    loads: laid.flatMap(({ band, route }) => {
      const mass_kg = (band.fittingsMass_kg ?? 0) / 2;
      const ends = [route.path[0], route.path.at(-1)];
      return ends.flatMap((at) =>
        at === undefined || mass_kg === 0 || points.includes(at) ? [] : [{ at, mass_kg }],
      );
    }),
  };
}
