import type { BandToday, LadderInput } from '@wiry-otter/contracts';
import { type Units, USUAL_PREFERENCES } from '@wiry-otter/core';
import {
  dayInZone,
  type Derivation,
  derived,
  type LadderFacts,
  refused,
  type RungFacts,
} from '@wiry-otter/derived';
import { bandsToday } from '../bands-today';
import { unitsOf } from '../units-of';
import type { RecordView } from './write-kind';

/** What a studio's records are computed by. */
export interface StudioFacts {
  /** The studio's day, ISO 8601. */
  readonly today: string;
  readonly eyesRule: boolean;
  readonly units: Units;
}

export function studioFacts(view: RecordView, at: string): StudioFacts {
  const [studio] = view.all('studio');
  return {
    today: dayInZone(new Date(at), studio?.zone ?? 'UTC'),
    eyesRule: studio?.eyesRule ?? false,
    units: unitsOf(studio),
  };
}

/** All bands on record, removed ones too, as they stand on a day. */
export function bandFacts(view: RecordView, today: string): BandToday[] {
  const [studio] = view.all('studio');
  const [bands, wear, moves] = [view.all('band'), view.all('bandWear'), view.all('bandMove')];
  return bandsToday({ bands, wear, moves, studio }, today);
}

/** What the rungs of a ladder are assessed by. */
export function rungFacts(
  view: RecordView,
  { personId, placeId }: Pick<LadderInput, 'personId' | 'placeId'>,
  at: string,
): Derivation<RungFacts> {
  const studio = studioFacts(view, at);
  const person = view.get('person', personId);
  const place = view.get('place', placeId);
  if (person === undefined || place === undefined) return refused('not-found');
  return derived({ ...studio, person, place, bands: bandFacts(view, studio.today) });
}

/** What a ladder is made anew from. */
export function ladderFacts(
  view: RecordView,
  where: Pick<LadderInput, 'personId' | 'placeId'>,
  at: string,
): Derivation<LadderFacts> {
  const facts = rungFacts(view, where, at);
  if (!facts.ok) return facts;
  const [preferences] = view.all('preferences');
  return derived({ ...facts.value, preferences: preferences?.finder ?? USUAL_PREFERENCES });
}
