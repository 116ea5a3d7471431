import type { SkillTestInput } from '@wiry-otter/contracts';
import { refuse } from '../../platform/problems/refusal.js';
import { expectSame } from '../../platform/records/expect-same.js';
import { recordsOfTable } from '../../platform/records/record-source.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import { findPerson } from '../people/people-store.js';
import { SkillTestEntity } from './entities.js';

export const skillTestRecords = recordsOfTable('skillTest', SkillTestEntity, (_scoped, rows) =>
  rows.map(({ enteredAt, enteredBy: _by, studioId: _studio, ...test }) => ({
    id: test.id,
    version: 1,
    personId: test.personId,
    record: { ...test, enteredAt: enteredAt.toISOString() },
  })),
);

/** Enters a test; the same one sent twice is kept once. */
export async function addSkillTest(
  scoped: ScopedManager,
  id: string,
  input: SkillTestInput,
): Promise<void> {
  await findPerson(scoped, input.personId);
  const known = await scoped.lock(SkillTestEntity, id);
  if (known !== undefined) {
    if (known.personId !== input.personId) refuse('not-found');
    expectSame(known, input);
    return;
  }
  const { now, trainerId } = scoped.scope;
  await scoped.insert(SkillTestEntity, { ...input, id, enteredAt: now, enteredBy: trainerId });
  scoped.touch('skillTest', id);
}
