import type { PrescriptionRecord, SetupRecord } from '@wiry-otter/contracts';

/** The set-up that a set of a prescription is done with, counted from 0; the last goes on. */
export function setupIdOfSet(
  { setupIds }: Pick<PrescriptionRecord, 'setupIds'>,
  set: number,
): string {
  return setupIds[Math.min(set, setupIds.length - 1)] ?? '';
}

/** What a session is done with, in words: its set-ups in their order. */
export function setupWords({
  setups,
}: {
  readonly setups: readonly Pick<SetupRecord, 'title'>[];
}): string {
  return setups.map(({ title }) => title).join(', then ');
}
