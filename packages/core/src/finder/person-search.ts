import { type KitOwner, kitFor } from '../care/kit.js';
import { fittedBand, type KnownBand } from '../care/known-band.js';
import { rigSetup } from '../demand/solve-setup.js';
import { type AnchoredExercise, type AnchorKind, STANDING_RANGE } from '../rig/anchor-points.js';
import { type Composition, composeSetup, type Route, type RoutedExercise } from '../rig/compose.js';
import { greatestAnchorPull } from '../safety/anchor.js';
import { leastDistance } from '../safety/room.js';
import { bandCost, type FinderPreferences, routeHandling } from './preferences.js';
import type { SpaceRequest } from './proposal.js';

/** Bands at once that are looked for. */
export const MOST_BANDS_FOUND = 3;

/** Limits that the trainer has loosened for a search. */
export interface Loosened {
  readonly maxBands?: number;
  readonly slack?: true;
  readonly mount?: true;
}

/** For whom, where and with what set-ups are looked for. */
export interface PersonSearch<Ex extends AnchoredExercise> {
  /** What is set now, or stands on record. */
  readonly present: Composition<Ex>;
  /** Ids of the bands that are on. */
  readonly bandIds: readonly string[];
  /** All bands of the studio: those at hand are looked through. */
  readonly bands: readonly KnownBand[];
  readonly person: Omit<KitOwner, 'exercise' | 'placeId' | 'personId'> & {
    readonly id: string;
    readonly mountLimit_N: number;
  };
  readonly placeId: string | null;
  readonly anchor: {
    readonly kind: AnchorKind;
    readonly ratedLoad_N: number | null;
    readonly room_m: number | null;
    readonly lowest_m: number;
    readonly highest_m: number;
  } | null;
  readonly preferences: FinderPreferences;
}

/** The bands that a search for a person looks through. */
export function kitOf<Ex extends AnchoredExercise>({
  bands,
  person: { id, latexAllergy },
  placeId,
  present: { exercise },
}: Pick<PersonSearch<Ex>, 'bands' | 'person' | 'placeId' | 'present'>): KnownBand[] {
  return kitFor(bands, { exercise, latexAllergy, personId: id, placeId });
}

/**
 * What is looked through for a person: the bands at hand, the routes of the exercise that load both
 * sides alike, within what the anchor holds and the room there is, weighed as the trainer prefers.
 */
export function spaceFor<Ex extends RoutedExercise>(
  search: PersonSearch<Ex>,
  loosened: Loosened = {},
): SpaceRequest<Ex> {
  const { anchor, bandIds, person, preferences, present } = search;
  const { exercise } = present;
  const kit = kitOf(search);
  const routes = (exercise.routes ?? []).filter((route) => loadsBothAlike(exercise, route));
  const ratedLoad_N = anchor?.ratedLoad_N ?? null;
  const mounted =
    exercise.bodyweight && preferences.stacking === 'easyToMount' && loosened.mount !== true;
  return {
    present,
    kit: kit.map(fittedBand),
    routes,
    bandCost: Object.fromEntries(
      kit.map((band) => {
        const { id } = band.record;
        return [id, bandCost(band, preferences, bandIds.includes(id))];
      }),
    ),
    handling: Object.fromEntries(
      routes.map((route) => [route.id, routeHandling(route, preferences)]),
    ),
    limits: {
      maxBands: loosened.maxBands ?? MOST_BANDS_FOUND,
      ...(loosened.slack === true ? { slack: true } : {}),
      ...(ratedLoad_N === null ? {} : { anchor_N: greatestAnchorPull(ratedLoad_N) }),
      ...(mounted ? { mount_N: person.mountLimit_N } : {}),
    },
    distance: {
      least: leastStanding(search),
      most: anchor?.room_m ?? STANDING_RANGE.most,
    },
    height: anchor === null ? undefined : { least: anchor.lowest_m, most: anchor.highest_m },
  };
}

/** How near to the anchor a person can stand: nobody reaches through a wall. */
function leastStanding<Ex extends AnchoredExercise>({ anchor, present }: PersonSearch<Ex>): number {
  const setup = composeSetup({ ...present, bands: [] });
  const bare = rigSetup(setup);
  const least_m = bare.ok ? leastDistance({ anchor, setup, solved: bare.value }) : undefined;
  return Math.max(STANDING_RANGE.least, least_m ?? 0);
}

/** Whether both hands get the same of a route; where one limb works, any will do. */
function loadsBothAlike(
  { bandOnEachSide, limbs, unilateral }: AnchoredExercise,
  { path }: Pick<Route, 'path'>,
): boolean {
  if (unilateral === true || limbs === 1 || bandOnEachSide === true) return true;
  const count = (contact: string): number => path.filter((name) => name === contact).length;
  return count('gripL') === count('gripR');
}
