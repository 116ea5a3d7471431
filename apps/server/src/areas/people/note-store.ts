import type { NoteInput } from '@wiry-otter/contracts';
import { expectVersion } from '../../platform/records/expect-version.js';
import { recordsOfTable } from '../../platform/records/record-source.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import { refuse } from '../../platform/problems/refusal.js';
import { TrainerEntity } from '../studio/entities.js';
import { NoteEntity } from './entities.js';
import { findPerson } from './people-store.js';

/** Notes; those taken away too, since they can be taken back. */
export const noteRecords = recordsOfTable('note', NoteEntity, async (scoped, rows) => {
  const trainers = await scoped.find(TrainerEntity, {});
  const names = new Map(trainers.map(({ id, name }) => [id, name]));
  return rows.map(({ studioId: _studio, writtenAt, writtenBy, ...note }) => ({
    id: note.id,
    version: note.version,
    personId: note.personId,
    record: {
      ...note,
      writtenBy: names.get(writtenBy) ?? '',
      writtenAt: writtenAt.toISOString(),
    },
  }));
});

/** Writes a note down, or anew: it stays the note of whoever wrote it first. */
export async function putNote(
  scoped: ScopedManager,
  id: string,
  { version, ...fields }: NoteInput,
): Promise<void> {
  await findPerson(scoped, fields.personId);
  const known = await scoped.lock(NoteEntity, id);
  if (known !== undefined && known.personId !== fields.personId) return refuse('not-found');
  expectVersion(known?.version ?? 0, version);
  const { now, trainerId } = scoped.scope;
  const { writtenAt = now, writtenBy = trainerId } = known ?? {};
  await scoped.put(NoteEntity, { ...fields, id, version: version + 1, writtenAt, writtenBy });
  scoped.touch('note', id);
}
