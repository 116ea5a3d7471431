import type { RecordKind, RecordOf } from '@wiry-otter/contracts';
import type { KeptWrite } from './write';
import type { RecordView, ShownRecord, WriteKindOf } from './write-kind';
import { WRITE_KINDS } from './write-kinds';

/** The records of a kind by their id. */
export type Entities<Kind extends RecordKind> = Readonly<
  Record<string, RecordOf<Kind> | undefined>
>;
export type AllEntities = { readonly [Kind in RecordKind]: Entities<Kind> };

/** What writes that wait make of records, by kind and id; null where a record is gone then. */
export type Overlay = ReadonlyMap<RecordKind, ReadonlyMap<string, object | null>>;

/**
 * What the writes that wait make of the server's records, one after the other: shown at once, and
 * shown again on top of whatever the server says meanwhile.
 */
export function overlayOf(entities: AllEntities, writes: readonly KeptWrite[]): Overlay {
  return layOver(entities, writes).overlay;
}

/** The records as they are once these writes are carried out. */
export function viewOf(entities: AllEntities, writes: readonly KeptWrite[]): RecordView {
  return layOver(entities, writes).view;
}

function layOver(
  entities: AllEntities,
  writes: readonly KeptWrite[],
): { readonly overlay: Overlay; readonly view: RecordView } {
  const overlay = new Map<RecordKind, Map<string, object | null>>();
  const view: RecordView = {
    get<Kind extends RecordKind>(kind: Kind, id: string): RecordOf<Kind> | undefined {
      const over = overlay.get(kind)?.get(id);
      if (over === null) return undefined;
      return (over as RecordOf<Kind> | undefined) ?? entities[kind][id];
    },
    all: (kind) =>
      Object.values(merged(entities[kind], overlay.get(kind))).flatMap((one) => one ?? []),
  };
  for (const { kind, ...facts } of writes) {
    const writeKind = WRITE_KINDS[kind] as WriteKindOf<unknown, unknown>;
    for (const change of shownBy(writeKind, view, facts)) {
      const known = overlay.get(change.kind) ?? new Map<string, object | null>();
      overlay.set(change.kind, known.set(change.id, change.record));
    }
  }
  return { overlay, view };
}

/** A write of an older build that can no longer be shown is still sent. */
function shownBy(
  kind: WriteKindOf<unknown, unknown>,
  view: RecordView,
  facts: Parameters<typeof kind.show>[1],
): readonly ShownRecord[] {
  try {
    return kind.show(view, facts);
  } catch {
    return [];
  }
}

/** Records with what waits laid over them; the same object where nothing waits for this kind. */
export function merged<Kind extends RecordKind>(
  entities: Entities<Kind>,
  over: ReadonlyMap<string, object | null> | undefined,
): Entities<Kind> {
  if (over === undefined || over.size === 0) return entities;
  const all: Record<string, RecordOf<Kind> | undefined> = { ...entities };
  for (const [id, record] of over) {
    if (record === null) delete all[id];
    else all[id] = record as RecordOf<Kind>;
  }
  return all;
}
