import type { LadderInput } from '@wiry-otter/contracts';
import { USUAL_PREFERENCES } from '@wiry-otter/core';
import { dayInZone, type LadderFacts, type RungFacts } from '@wiry-otter/derived';
import { refuse } from '../../platform/problems/refusal.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import { allBands } from '../bands/band-store.js';
import { findPerson, toPerson } from '../people/people-store.js';
import { placeRecords } from '../places/place-store.js';
import { TrainerEntity } from '../studio/entities.js';

type Where = Pick<LadderInput, 'personId' | 'placeId'>;

/** What the rungs of a ladder are assessed by, as it is on record now. */
export async function rungFacts(
  scoped: ScopedManager,
  { personId, placeId }: Where,
): Promise<RungFacts> {
  const { eyesRule, now, units, zone } = scoped.scope;
  const [place] = await placeRecords.read(scoped, [placeId]);
  return {
    bands: await allBands(scoped),
    person: toPerson(await findPerson(scoped, personId)),
    place: place?.record ?? refuse('not-found'),
    today: dayInZone(now, zone),
    eyesRule,
    units,
  };
}

/** What a ladder is made anew from. */
export async function ladderFacts(scoped: ScopedManager, where: Where): Promise<LadderFacts> {
  const trainer = await scoped.findOwn(TrainerEntity, { id: scoped.scope.trainerId });
  return {
    ...(await rungFacts(scoped, where)),
    preferences: trainer.finderPreferences ?? USUAL_PREFERENCES,
  };
}
