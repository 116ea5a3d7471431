import type { PlaceInput, PlaceRecord } from '@wiry-otter/contracts';
import { type EntityManager, In, Not } from 'typeorm';
import { expectVersion, lockOwn, ownedBy, type Scope } from '../../platform/access/scope.js';
import { refuse } from '../../platform/problems/refusal.js';
import { AnchorEntity, type AnchorRow, PlaceEntity, type PlaceRow } from './entities.js';

export async function listPlaces(manager: EntityManager, scope: Scope): Promise<PlaceRecord[]> {
  const places = await manager.find(PlaceEntity, {
    where: ownedBy<PlaceRow>(scope, {}),
    order: { name: 'ASC' },
  });
  const anchors = await manager.find(AnchorEntity, {
    where: ownedBy<AnchorRow>(scope, { removed: false }),
    order: { name: 'ASC' },
  });
  return places.map((place) => toPlace(place, anchors));
}

/**
 * Writes a place with all its anchors. Anchors left out are put away, not
 * erased: saved set-ups still name them.
 */
export async function putPlace(
  manager: EntityManager,
  scope: Scope,
  id: string,
  { version, name, about, anchors }: PlaceInput,
): Promise<PlaceRecord> {
  const { studioId } = scope;
  const known = await lockOwn(manager, PlaceEntity, scope, id);
  expectVersion(known?.version ?? 0, version);
  const place = { id, studioId, version: version + 1, name, about };
  await manager.save(PlaceEntity, place);
  for (const anchor of anchors) {
    const before = await lockOwn(manager, AnchorEntity, scope, anchor.id);
    if (before !== undefined && before.placeId !== id) refuse('not-found');
    await manager.save(AnchorEntity, { ...anchor, studioId, placeId: id, removed: false });
  }
  const kept = anchors.map((anchor) => anchor.id);
  await manager.update(
    AnchorEntity,
    ownedBy<AnchorRow>(scope, { placeId: id, id: Not(In(kept)) }),
    { removed: true },
  );
  return toPlace(
    place,
    anchors.map((anchor) => ({ ...anchor, studioId, placeId: id, removed: false })),
  );
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
