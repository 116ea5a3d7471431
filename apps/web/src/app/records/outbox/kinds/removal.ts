import type { RecordOf } from '@wiry-otter/contracts';
import { type RecordView, shown, type ShownRecord, type WriteKindOf } from '../write-kind';

interface One {
  readonly id: string;
}

/** Kinds whose records are put away, not deleted. */
type Removable = 'exercise' | 'ladder' | 'setup';

/** Puts a record away. @param path of its kind */
export function removalOf(kind: Removable, path: string): WriteKindOf<One, null> {
  return {
    method: 'DELETE',
    path: ({ id }) => `${path}/${id}`,
    answers: kind,
    about: ({ id }) => [id],
    show: (view, { params }) => withRemoved(view, kind, params, true),
  };
}

/** Takes it back. */
export function returnOf(kind: Removable, path: string): WriteKindOf<One, null> {
  return {
    method: 'POST',
    path: ({ id }) => `${path}/${id}/restore`,
    answers: kind,
    about: ({ id }) => [id],
    show: (view, { params }) => withRemoved(view, kind, params, false),
  };
}

function withRemoved<Kind extends Removable>(
  view: RecordView,
  kind: Kind,
  { id }: One,
  removed: boolean,
): ShownRecord[] {
  const record: RecordOf<Removable> | undefined = view.get(kind, id);
  if (record === undefined) return [];
  const changed = { ...record, removed, version: record.version + 1 } as RecordOf<Kind>;
  return [shown(kind, changed)];
}
