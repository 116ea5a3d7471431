import type { PersonInput } from '@wiry-otter/contracts';
import { dayInZone, liftedByClearance } from '@wiry-otter/derived';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import type { Solver } from '../../platform/solving/solver.js';
import { PersonEntity } from '../people/entities.js';
import { putPerson } from '../people/people-store.js';
import { changeStop, stopsOfPerson } from '../stops/stop-store.js';
import { decideAfter } from './stopping.js';

/** Writes a person down; a clearance that is new lifts the stops it was made after. */
export async function putPersonAndLift(
  scoped: ScopedManager,
  solver: Solver,
  id: string,
  input: PersonInput,
): Promise<void> {
  const before = await scoped.findFirst(PersonEntity, { id });
  await putPerson(scoped, id, input);
  if (before === undefined) return;
  const { now, zone } = scoped.scope;
  const today = dayInZone(now, zone);
  const lifted = liftedByClearance(await stopsOfPerson(scoped, id), before, input, today);
  for (const stop of lifted) await changeStop(scoped, stop);
  for (const stop of lifted) await decideAfter(scoped, solver, stop);
}
