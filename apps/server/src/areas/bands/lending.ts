import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import { BandCopyEntity, BandEventEntity } from './entities.js';

/** Whether somebody has a band of the studio's at home that is still in use. */
export async function hasBands(scoped: ScopedManager, personId: string): Promise<boolean> {
  const copies = await scoped.find(BandCopyEntity, {});
  return copies.some(
    ({ holder, state }) =>
      state !== 'retired' && holder.at === 'person' && holder.personId === personId,
  );
}

/** Keeps that bands were lent, and no longer to whom. */
export async function forgetHolder(scoped: ScopedManager, personId: string): Promise<void> {
  const nobody = { at: 'person', personId: null } as const;
  const lent = await scoped.query<{ id: string }>(
    'moves-to-person',
    "SELECT id FROM band_event WHERE studio_id = $1 AND what #>> '{holder,personId}' = $2",
    [personId],
  );
  for (const { id } of lent) {
    await scoped.update(BandEventEntity, { id }, { what: { kind: 'moved', holder: nobody } });
  }
  scoped.touch('bandMove', ...lent.map(({ id }) => id));
  const copies = await scoped.find(BandCopyEntity, {});
  for (const { holder, id } of copies) {
    if (holder.at !== 'person' || holder.personId !== personId) continue;
    await scoped.update(BandCopyEntity, { id }, { holder: nobody });
  }
}
