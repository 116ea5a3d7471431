import type { RecordKind, RecordOf } from '@wiry-otter/contracts';
import { type EntitySchema, type FindOptionsWhere, In, type ObjectLiteral } from 'typeorm';
import type { ScopedManager } from './scoped-manager.js';

type TableRow = ObjectLiteral & { id: string; studioId: string };

/** A record as the tables have it, and whose it is. */
export interface TableRecord<Kind extends RecordKind = RecordKind> {
  readonly id: string;
  /** Rises with every change. */
  readonly version: number;
  readonly record: RecordOf<Kind>;
  /** Seen by this person's trainers alone; by all of the studio where there is none. */
  readonly personId?: string;
  /** Seen by this trainer alone. */
  readonly trainerId?: string;
  /** What happened on a day is asked for by page once it is old, ISO 8601. */
  readonly day?: string;
}

/** How records of a kind are put together from the tables. */
export interface RecordSource<Kind extends RecordKind = RecordKind> {
  readonly kind: Kind;
  /** The records of these ids; one that is left out is gone. */
  read(scoped: ScopedManager, ids: readonly string[]): Promise<readonly TableRecord<Kind>[]>;
  /** Every id of the studio, for a rebuild. */
  ids(scoped: ScopedManager): Promise<readonly string[]>;
}

/** One source for each kind; the compiler names a kind that has none. */
export type RecordSources = { readonly [Kind in RecordKind]: RecordSource<Kind> };

/** A kind whose records have the ids of one table's rows. */
export function recordsOfTable<Kind extends RecordKind, Row extends TableRow>(
  kind: Kind,
  entity: EntitySchema<Row>,
  assemble: (
    scoped: ScopedManager,
    rows: readonly Row[],
  ) => readonly TableRecord<Kind>[] | Promise<readonly TableRecord<Kind>[]>,
): RecordSource<Kind> {
  const where = (ids: readonly string[]) => ({ id: In([...ids]) }) as FindOptionsWhere<Row>;
  return {
    kind,
    read: async (scoped, ids) => assemble(scoped, await scoped.find(entity, where(ids))),
    ids: async (scoped) => (await scoped.find(entity, {})).map(({ id }) => id),
  };
}
