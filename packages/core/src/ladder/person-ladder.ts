import type { Body } from '../body/segments.js';
import { kitOf, type PersonSearch, spaceFor } from '../finder/person-search.js';
import type { LadderTarget } from '../finder/search.js';
import type { AnchoredExercise } from '../rig/anchor-points.js';
import type { RoutedExercise } from '../rig/compose.js';
import type { LadderBasis } from './ladder-changes.js';
import type { LadderRequest } from './propose-ladder.js';

/** Bands of a rung: more are a nuisance to change from set to set. */
const MOST_BANDS = 2;

/** What is looked through for a ladder: all its rungs are laid on the routes of the composition. */
export function ladderSpaceFor<Ex extends RoutedExercise>(
  search: PersonSearch<Ex>,
  target: LadderTarget,
  notchFirst: boolean,
): LadderRequest<Ex> {
  const { bands, preferences, present } = search;
  // A rung known by its label alone may lie two steps off: no ladder for who wants them measured.
  const known = bands.filter(
    ({ calibration }) => !preferences.measuredFirst || calibration?.grade !== 'label',
  );
  const space = spaceFor({ ...search, bands: known }, { maxBands: MOST_BANDS });
  return { ...space, routes: present.routes, target, notchFirst };
}

/** What a ladder for a person is made from today. */
export function ladderBasis<Ex extends AnchoredExercise>(
  search: PersonSearch<Ex>,
  body: Body,
  anchorId: string | null,
): LadderBasis {
  const { present } = search;
  return {
    body: { mass_kg: body.mass_kg, stature_m: body.stature_m },
    anchorId,
    height_m: present.anchor?.height_m ?? null,
    bands: kitOf(search).flatMap(({ calibration, record: { id, name } }) =>
      calibration === null ? [] : [{ id, name, law: calibration.law }],
    ),
  };
}
