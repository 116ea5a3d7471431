import type { PrescriptionInput, PrescriptionRecord } from '@wiry-otter/contracts';
import { derived, type Deriver } from '@wiry-otter/derived';
import {
  type RecordView,
  shown,
  type ShownRecord,
  type WriteFacts,
  type WriteKindOf,
} from '../write-kind';
import { setupsOfRungs } from './setups';

interface One {
  readonly id: string;
}

export const prescribe: WriteKindOf<One, PrescriptionInput> = {
  method: 'PUT',
  path: ({ id }) => `/prescriptions/${id}`,
  answers: 'prescription',
  about: ({ id }, { setupIds }) => [id, ...setupIds],
  derive: (view, write, deriver) => rungsAsSetups(view, write.body, write, deriver),
  show(view, { at, body, derived: made = [], params: { id } }) {
    const exerciseId = exerciseOf(view, body.setupIds, made);
    if (exerciseId === undefined) return [];
    const record = { ...body, id, exerciseId, fromDecisionId: null, createdAt: at };
    return [...made, ...prescribed(view, record)];
  },
};

/** A rung that nobody has used yet becomes a set-up once it is prescribed. */
export async function rungsAsSetups(
  view: RecordView,
  { personId, setupIds }: Pick<PrescriptionInput, 'personId' | 'setupIds'>,
  written: Pick<WriteFacts<unknown, unknown>, 'at' | 'by'>,
  deriver: Deriver,
) {
  const made: ShownRecord<'setup'>[] = [];
  for (const ladder of view.all('ladder')) {
    if (ladder.removed || ladder.personId !== personId) continue;
    const rungs = ladder.rungs.filter(({ setupId }) => setupIds.includes(setupId));
    const setups = await setupsOfRungs(view, ladder, rungs, written, deriver);
    if (!setups.ok) return setups;
    made.push(...setups.value);
  }
  return derived(made);
}

/** The exercise of the first of these set-ups, where it is known or was just made. */
export function exerciseOf(
  view: RecordView,
  setupIds: readonly string[],
  made: readonly ShownRecord[],
): string | undefined {
  const [id = ''] = setupIds;
  const known = view.get('setup', id) ?? made.find((one) => one.id === id)?.record;
  return known !== null && known !== undefined && 'exerciseId' in known
    ? (known.exerciseId ?? undefined)
    : undefined;
}

/** A prescription in force, and the one that it takes the place of. */
export function prescribed(view: RecordView, record: PrescriptionRecord): ShownRecord[] {
  const replaced = view
    .all('prescription')
    .filter(
      (one) =>
        one.id !== record.id &&
        one.personId === record.personId &&
        one.exerciseId === record.exerciseId &&
        one.track === record.track,
    );
  return [
    ...replaced.map((one) => ({ kind: 'prescription' as const, id: one.id, record: null })),
    shown('prescription', record),
  ];
}
