import type { BodyMass, PersonInput, PersonRecord, TrainedPerson } from '@wiry-otter/contracts';
import { clearancesBefore } from '@wiry-otter/core';

type AddedLater = Pick<
  TrainedPerson,
  | 'figuresShown'
  | 'bodyMasses'
  | 'freeSlots'
  | 'rehabStage'
  | 'skillAim'
  | 'noGo'
  | 'consent'
  | 'archivedOn'
  | 'placeIds'
>;

/** How it is with somebody of whom nothing was said yet. */
export const NOTHING_SAID_YET: AddedLater = {
  figuresShown: true,
  bodyMasses: [],
  freeSlots: [],
  rehabStage: null,
  skillAim: null,
  noGo: [],
  consent: null,
  archivedOn: null,
  placeIds: [],
};

/** What of a person is written; the rest is known from the log and from what was written before. */
export type PersonFields = Omit<
  PersonRecord,
  'id' | 'trainedSince' | 'trainerIds' | 'clearancesBefore'
>;

export function personFields({
  id: _id,
  trainedSince: _since,
  trainerIds: _trainers,
  clearancesBefore: _before,
  ...fields
}: PersonRecord): PersonFields {
  return fields;
}

/**
 * What is on file of a person once they are written down. What a write of an older device leaves out
 * stays as it is; what it says of their mass is of today.
 *
 * @param before undefined for somebody new
 * @param today ISO 8601
 */
export function writePerson(
  before: TrainedPerson | undefined,
  { version, ...given }: PersonInput,
  today: string,
): Omit<TrainedPerson, 'id'> {
  const bodyMasses = given.bodyMasses ?? massesWith(before, given.mass_kg, today);
  return {
    ...NOTHING_SAID_YET,
    trainedSince: {},
    ...before,
    ...withoutUnsaid(given),
    bodyMasses,
    // Of two versions the masses may be one side's and the mass the other's.
    mass_kg: bodyMasses.at(-1)?.mass_kg ?? given.mass_kg,
    version: version + 1,
    clearancesBefore: [
      ...clearancesBefore(
        before?.clearancesBefore ?? [],
        before?.clearance ?? null,
        given.clearance,
      ),
    ],
  };
}

/** What they weighed, with a mass that was said without its day. */
function massesWith(
  before: TrainedPerson | undefined,
  mass_kg: number,
  on: string,
): TrainedPerson['bodyMasses'] {
  const { bodyMasses } = before ?? NOTHING_SAID_YET;
  return mass_kg === before?.mass_kg
    ? bodyMasses
    : weighed({ bodyMasses }, { on, mass_kg }).bodyMasses;
}

/** Their mass once it was taken on a day: the one of the latest day is what they have. */
export function weighed(
  { bodyMasses }: Pick<TrainedPerson, 'bodyMasses'>,
  taken: BodyMass,
): Pick<TrainedPerson, 'bodyMasses' | 'mass_kg'> {
  const others = bodyMasses.filter(({ on }) => on !== taken.on);
  const all = [...others, taken].toSorted((a, b) => (a.on < b.on ? -1 : 1));
  return { bodyMasses: all, mass_kg: all.at(-1)?.mass_kg ?? taken.mass_kg };
}

type Said<Given> = { [Key in keyof Given]: Exclude<Given[Key], undefined> };

function withoutUnsaid(given: Omit<PersonInput, 'version'>): Said<Omit<PersonInput, 'version'>> {
  const said = Object.entries(given).filter(([, value]) => value !== undefined);
  return Object.fromEntries(said) as Said<Omit<PersonInput, 'version'>>;
}
