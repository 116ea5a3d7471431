import { copiesTaken } from '../rig/band-copies.js';
import { hasLatex } from '../safety/band.js';
import { canBeUsed, type KnownBand, type RecordedBand } from './known-band.js';

/** Whom a band is put on for, where, and in what exercise. */
export interface KitOwner {
  readonly personId: string;
  readonly latexAllergy: boolean;
  readonly placeId: string | null;
  readonly exercise: { readonly bandOnEachSide?: boolean | undefined };
}

/**
 * How many equal ones of a band can be put on for a person at a place: those in the trainer's bag,
 * at the place and with the person, without the retired.
 */
export function copiesAtHand(
  band: KnownBand,
  { personId, placeId }: Pick<KitOwner, 'personId' | 'placeId'>,
): number {
  if (!canBeUsed(band)) return 0;
  return band.record.copies.filter(({ holder, state }) => {
    if (state === 'retired') return false;
    if (holder.at === 'place') return holder.placeId === placeId;
    return holder.at === 'bag' || holder.personId === personId;
  }).length;
}

/**
 * The bands that are looked through for a person: known by a law, at hand in as many copies as the
 * exercise takes of each, and without latex for who may not touch it.
 */
export function kitFor<Recorded extends RecordedBand>(
  bands: readonly KnownBand<Recorded>[],
  owner: KitOwner,
): KnownBand<Recorded>[] {
  return bands.filter(
    (band) =>
      band.calibration !== null &&
      copiesAtHand(band, owner) >= copiesTaken(owner.exercise) &&
      !(owner.latexAllergy && hasLatex(band.record.material)),
  );
}
