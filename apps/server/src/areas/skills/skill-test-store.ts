import type { SkillTestInput, SkillTestRecord } from '@wiry-otter/contracts';
import { type EntityManager, In } from 'typeorm';
import { SkillTestEntity, type SkillTestRow } from './entities.js';
import { findPerson, idsOfOwnPeople } from '../people/people-store.js';
import { ownedBy, type Scope } from '../../platform/access/scope.js';
import { refuse } from '../../platform/problems/refusal.js';

/** What this trainer's people were tested at, the latest first. */
export async function listSkillTests(
  manager: EntityManager,
  scope: Scope,
): Promise<SkillTestRecord[]> {
  const people = await idsOfOwnPeople(manager, scope);
  const rows = await manager.find(SkillTestEntity, {
    where: ownedBy<SkillTestRow>(scope, { personId: In(people) }),
    order: { enteredAt: 'DESC', id: 'DESC' },
  });
  return rows.map(toSkillTest);
}

/** Enters a test; the same one sent twice is kept once. */
export async function addSkillTest(
  manager: EntityManager,
  scope: Scope,
  id: string,
  input: SkillTestInput,
): Promise<SkillTestRecord> {
  await findPerson(manager, scope, input.personId);
  const known = await manager.findOneBy(SkillTestEntity, { id });
  if (known !== null) {
    return known.studioId === scope.studioId && known.personId === input.personId
      ? toSkillTest(known)
      : refuse('not-found');
  }
  const row: SkillTestRow = {
    ...input,
    id,
    studioId: scope.studioId,
    enteredAt: scope.now,
    enteredBy: scope.trainerId,
  };
  await manager.insert(SkillTestEntity, row);
  return toSkillTest(row);
}

function toSkillTest({
  enteredAt,
  enteredBy: _by,
  studioId: _studio,
  ...test
}: SkillTestRow): SkillTestRecord {
  return { ...test, enteredAt: enteredAt.toISOString() };
}
