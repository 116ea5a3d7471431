import { createSelector } from '@ngrx/store';
import type { BandToday, SessionRecord, Weekday } from '@wiry-otter/contracts';
import { type FinderPreferences, knowBands, USUAL_PREFERENCES } from '@wiry-otter/core';
import { isStanding } from '@wiry-otter/derived';
import { format } from 'date-fns';
import { bandsToday } from './bands-today';
import { unitsOf } from './units-of';
import { SHOWN } from './shown';

/** By what is written alike everywhere, such as an id or a moment. */
const byText =
  <Row>(text: (row: Row) => string) =>
  (a: Row, b: Row): number => {
    const [one, other] = [text(a), text(b)];
    return one < other ? -1 : one > other ? 1 : 0;
  };

/** One for all: each call of `localeCompare` would look its rules up again. */
const names = new Intl.Collator();
const byName = (a: { readonly name: string }, b: { readonly name: string }): number =>
  names.compare(a.name, b.name);

/** The signed-in trainer's studio; undefined until it is known. */
export const selectStudio = createSelector(SHOWN.studio.selectAll, ([studio]) => studio);

/** What the studio writes figures in. */
export const selectUnits = createSelector(selectStudio, unitsOf);

/** The day that a week begins with here. */
export const selectWeekStart = createSelector(
  selectStudio,
  (studio): Weekday => studio?.weekStart ?? 'monday',
);

export const selectForceUnit = createSelector(selectUnits, ({ force }) => force);
export const selectLengthUnit = createSelector(selectUnits, ({ length }) => length);
export const selectMassUnit = createSelector(selectUnits, ({ mass }) => mass);

/** What the trainer would rather have of what is found. */
export const selectFinderPreferences = createSelector(
  SHOWN.preferences.selectAll,
  ([preferences]): FinderPreferences => preferences?.finder ?? USUAL_PREFERENCES,
);

/** Everybody on record, those too whom nobody trains any more. */
export const selectEverybody = createSelector(SHOWN.person.selectAll, (all) =>
  all.toSorted(byName),
);

/** Whom the trainer works with. */
export const selectPeople = createSelector(selectEverybody, (all) =>
  all.filter(({ archivedOn }) => archivedOn === null),
);

/** Notes that stand, the latest first. */
export const selectNotes = createSelector(SHOWN.note.selectAll, (all) =>
  all
    .filter(({ removed }) => !removed)
    .toSorted(byText(({ day, writtenAt }) => `${day} ${writtenAt}`))
    .reverse(),
);
export const selectPlaces = createSelector(SHOWN.place.selectAll, (all) => all.toSorted(byName));

/** Set-ups that were not put away. */
export const selectSetups = createSelector(SHOWN.setup.selectAll, (all) =>
  all.filter(({ removed }) => !removed).toSorted(byText(({ id }) => id)),
);

/** Exercises of the studio's own; the catalogue's come with the app. */
export const selectExercises = createSelector(SHOWN.exercise.selectAll, (all) =>
  all.filter(({ removed }) => !removed),
);

/** The ladders that stand. */
export const selectLadders = createSelector(SHOWN.ladder.selectAll, (all) =>
  all.filter(({ removed }) => !removed),
);

/** The prescriptions in force. */
export const selectPrescriptions = SHOWN.prescription.selectAll;

/** Decisions that wait for the trainer; of whoever is archived none does. */
export const selectDecisions = createSelector(
  SHOWN.decision.selectAll,
  selectPeople,
  (all, people) => {
    const present = new Set(people.map(({ id }) => id));
    return all.filter(({ personId, status }) => status === 'waiting' && present.has(personId));
  },
);

/** Stops in force, the latest first. */
export const selectStandingStops = createSelector(SHOWN.stop.selectAll, (all) =>
  all
    .filter(isStanding)
    .toSorted(byText(({ at }) => at))
    .reverse(),
);

/** Stops that were lifted without anybody's doing, and that nobody has looked at yet. */
export const selectStopsToLookAt = createSelector(SHOWN.stop.selectAll, (all) =>
  all.filter(({ takenBack, wantsLook }) => wantsLook && takenBack === null),
);

/** Sessions that were not given up, the latest first. */
export const selectSessions = createSelector(SHOWN.session.selectAll, (all) =>
  all
    .filter(({ discardedAt }) => discardedAt === null)
    .toSorted(byText(({ startedAt }) => startedAt))
    .reverse(),
);

/** The day of each person's last session. */
export const selectLastDays = createSelector(
  selectSessions,
  (sessions): ReadonlyMap<string, string> =>
    new Map(
      sessions
        .map(({ day, personId }) => [personId, day] as const)
        .toSorted(byText(([, day]) => day)),
    ),
);

/** Those of one person, exercise and track. */
export function workKey(personId: string, exerciseId: string, track: string): string {
  return `${personId} ${exerciseId} ${track}`;
}

/** Sessions by their work, the latest first. */
export const selectSessionsOfWork = createSelector(
  selectSessions,
  (sessions): ReadonlyMap<string, readonly SessionRecord[]> => {
    const known = new Map<string, SessionRecord[]>();
    for (const session of sessions) {
      const { exerciseId, track } = session.prescription;
      const key = workKey(session.personId, exerciseId, track);
      const own = known.get(key);
      if (own === undefined) known.set(key, [session]);
      else own.push(session);
    }
    return known;
  },
);

/** What people were tested at, the latest first. */
export const selectSkillTests = createSelector(SHOWN.skillTest.selectAll, (all) =>
  all.toSorted(byText(({ enteredAt }) => enteredAt)).reverse(),
);

/** All bands as they stand today, those off the rail too. */
export const selectBands = createSelector(
  SHOWN.band.selectAll,
  SHOWN.bandWear.selectAll,
  SHOWN.bandMove.selectAll,
  selectStudio,
  (bands, wear, moves, studio): BandToday[] =>
    bandsToday(
      { bands: bands.toSorted(byName), wear, moves, studio },
      format(new Date(), 'yyyy-MM-dd'),
    ),
);

/** Bands on the rail. */
export const selectRail = createSelector(selectBands, (bands) =>
  bands.filter((band) => !band.removed),
);

/** The same with their laws. */
export const selectKnownBands = createSelector(selectRail, (bands) => knowBands(bands));
