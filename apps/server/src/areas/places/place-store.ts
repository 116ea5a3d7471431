import type { PlaceInput, PlaceRecord } from '@wiry-otter/contracts';
import { In, Not } from 'typeorm';
import { refuse } from '../../platform/problems/refusal.js';
import { expectVersion } from '../../platform/records/expect-version.js';
import { recordsOfTable } from '../../platform/records/record-source.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import { AnchorEntity, type AnchorRow, PlaceEntity, type PlaceRow } from './entities.js';

/** Places with the anchors that are there now. */
export const placeRecords = recordsOfTable('place', PlaceEntity, async (scoped, places) => {
  const anchors = await scoped.find(
    AnchorEntity,
    { removed: false, placeId: In(places.map(({ id }) => id)) },
    { order: { name: 'ASC', id: 'ASC' } },
  );
  return places.map((place) => ({
    id: place.id,
    version: place.version,
    record: toPlace(place, anchors),
  }));
});

/**
 * Writes a place with all its anchors. Anchors left out are put away, not
 * erased: saved set-ups still name them.
 */
export async function putPlace(
  scoped: ScopedManager,
  id: string,
  { version, name, about, anchors }: PlaceInput,
): Promise<void> {
  const known = await scoped.lock(PlaceEntity, id);
  expectVersion(known?.version ?? 0, version);
  await scoped.put(PlaceEntity, { id, version: version + 1, name, about });
  for (const anchor of anchors) {
    const before = await scoped.lock(AnchorEntity, anchor.id);
    if (before !== undefined && before.placeId !== id) refuse('not-found');
    await scoped.put(AnchorEntity, { ...anchor, placeId: id, removed: false });
  }
  const kept = anchors.map((anchor) => anchor.id);
  await scoped.update(AnchorEntity, { placeId: id, id: Not(In(kept)) }, { removed: true });
  scoped.touch('place', id);
}

function toPlace(
  { studioId: _studio, ...place }: PlaceRow,
  anchors: readonly AnchorRow[],
): PlaceRecord {
  return {
    ...place,
    anchors: anchors
      .filter(({ placeId }) => placeId === place.id)
      .map(({ studioId: _of, placeId: _at, removed: _gone, ...anchor }) => anchor),
  };
}
