import type { PersonFileCounts } from '@wiry-otter/contracts';
import { In, IsNull } from 'typeorm';
import { refuse } from '../../platform/problems/refusal.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import { forgetHolder, hasBands } from '../bands/lending.js';
import { LadderEntity, LadderVersionEntity } from '../ladders/entities.js';
import { NoteEntity, PersonEntity, PersonTrainerEntity } from '../people/entities.js';
import { findPerson } from '../people/people-store.js';
import { PrescriptionEntity } from '../prescriptions/entities.js';
import { DecisionEntity, SessionEntity, TrainingSetEntity } from '../sessions/entities.js';
import { SetupEntity, SetupVersionEntity } from '../setups/entities.js';
import { SkillTestEntity } from '../skills/entities.js';
import { StopEntity } from '../stops/entities.js';
import { PersonDeletedEntity } from './entities.js';

/**
 * Deletes a person for good: every row and every record that is theirs, and what devices were answered
 * of them. What stays has no name: how often their sets stretched the studio's bands, since a band is
 * inspected and retired by that; that it was lent; and that somebody was deleted, when, by whom and
 * how much there was.
 */
export async function deletePerson(scoped: ScopedManager, id: string): Promise<void> {
  await findPerson(scoped, id);
  await scoped.lock(PersonEntity, id);
  const given = await scoped.find(PersonTrainerEntity, { personId: id, withdrawnAt: IsNull() });
  if (given.length > 1) return refuse('given-to-others');
  if (await hasBands(scoped, id)) return refuse('has-bands');
  const { sessions, sets } = await deleteOwn(scoped, id);
  await forgetHolder(scoped, id);
  await scoped.query(
    'forget-answers-of-person',
    'DELETE FROM confirmed_write WHERE studio_id = $1 AND position($2 IN answer) > 0',
    [id],
  );
  await scoped.delete(PersonTrainerEntity, { personId: id });
  await scoped.delete(PersonEntity, { id });
  scoped.touch('person', id);
  const { now, trainerId } = scoped.scope;
  const row = { id, deletedAt: now, deletedBy: trainerId, sessions, sets };
  await scoped.put(PersonDeletedEntity, row);
}

/** What stands on other things goes before them. */
async function deleteOwn(
  scoped: ScopedManager,
  personId: string,
): Promise<Pick<PersonFileCounts, 'sessions' | 'sets'>> {
  const of = { personId };
  const sessions = idsOf(await scoped.find(SessionEntity, of));
  const setups = idsOf(await scoped.find(SetupEntity, of));
  const ladders = idsOf(await scoped.find(LadderEntity, of));
  const sets = await scoped.find(TrainingSetEntity, { sessionId: In(sessions) });
  scoped.touch('decision', ...idsOf(await scoped.find(DecisionEntity, of)));
  scoped.touch('session', ...sessions);
  scoped.touch('prescription', ...idsOf(await scoped.find(PrescriptionEntity, of)));
  scoped.touch('ladder', ...ladders);
  scoped.touch('setup', ...setups);
  scoped.touch('stop', ...idsOf(await scoped.find(StopEntity, of)));
  scoped.touch('skillTest', ...idsOf(await scoped.find(SkillTestEntity, of)));
  scoped.touch('note', ...idsOf(await scoped.find(NoteEntity, of)));
  await scoped.delete(DecisionEntity, of);
  await scoped.delete(StopEntity, of);
  await scoped.delete(TrainingSetEntity, { sessionId: In(sessions) });
  await scoped.delete(SessionEntity, of);
  await scoped.delete(PrescriptionEntity, of);
  await scoped.delete(LadderVersionEntity, { ladderId: In(ladders) });
  await scoped.delete(LadderEntity, of);
  await scoped.delete(SetupVersionEntity, { setupId: In(setups) });
  await scoped.delete(SetupEntity, of);
  await scoped.delete(SkillTestEntity, of);
  await scoped.delete(NoteEntity, of);
  return { sessions: sessions.length, sets: new Set(sets.map(({ setId }) => setId)).size };
}

function idsOf(rows: readonly { readonly id: string }[]): string[] {
  return rows.map(({ id }) => id);
}
