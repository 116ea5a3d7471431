import type { PrescriptionRecord, SessionRecord, SetupRecord } from '@wiry-otter/contracts';

/** The set-up that a set of a prescription is done with, counted from 0; the last goes on. */
export function setupIdOfSet(
  { setupIds }: Pick<PrescriptionRecord, 'setupIds'>,
  set: number,
): string {
  return setupIds[Math.min(set, setupIds.length - 1)] ?? '';
}

/** The same as the session began with it. */
export function setupOfSet(
  { prescription, setups }: Pick<SessionRecord, 'prescription' | 'setups'>,
  set: number,
): SetupRecord {
  const wanted = setupIdOfSet(prescription, set);
  // A session has at least one.
  return setups.find(({ id }) => id === wanted) ?? (setups[0] as SetupRecord);
}

/** What a session is done with, in words: its set-ups in their order. */
export function setupWords({
  setups,
}: {
  readonly setups: readonly Pick<SetupRecord, 'title'>[];
}): string {
  return setups.map(({ title }) => title).join(', then ');
}
