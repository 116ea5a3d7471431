import type { RecordKind, RecordOf } from '@wiry-otter/contracts';
import type { Derivation, Deriver } from '@wiry-otter/derived';

/** Who has written something, as the server's records will say it. */
export interface Writer {
  readonly id: string;
  readonly name: string;
}

/** The records as they are once the writes before are carried out. */
export interface RecordView {
  get<Kind extends RecordKind>(kind: Kind, id: string): RecordOf<Kind> | undefined;
  all<Kind extends RecordKind>(kind: Kind): readonly RecordOf<Kind>[];
}

/** What a write makes of a record; null where it is gone then. */
export interface ShownRecord<Kind extends RecordKind = RecordKind> {
  readonly kind: Kind;
  readonly id: string;
  readonly record: RecordOf<Kind> | null;
}

export function shown<Kind extends RecordKind>(
  kind: Kind,
  record: RecordOf<Kind>,
): ShownRecord<Kind> {
  return { kind, id: record.id, record };
}

/** One kind of write: how it is sent, and how it shows before the server has it. */
export interface WriteKindOf<Params, Body> {
  readonly method: 'PUT' | 'POST' | 'DELETE';
  path(params: Params): string;
  /** The record that the server answers with. */
  readonly answers: RecordKind;
  /** Its fields belong together: of two versions one is taken as a whole. */
  readonly isWhole?: boolean;
  /** What of the server's record the body carries, as the body has it; all of it unless said otherwise. */
  fieldsOf?(record: object): object;
  /** Ids of the records it needs or changes: those of one chain go one after the other. */
  about(params: Params, body: Body): readonly string[];
  /**
   * What follows from the write, as the server will derive it; none for kinds that show at once.
   * What is refused here would be refused there, and is not written at all.
   */
  derive?(
    view: RecordView,
    write: WriteFacts<Params, Body>,
    deriver: Deriver,
  ): Promise<Derivation<readonly ShownRecord[]>>;
  /** Only how it shows: the server's word stands. */
  show(view: RecordView, write: WriteFacts<Params, Body>): readonly ShownRecord[];
}

export interface WriteFacts<Params, Body> {
  readonly id: string;
  readonly at: string;
  readonly params: Params;
  readonly body: Body;
  readonly by: Writer;
  readonly base?: object | undefined;
  readonly derived?: readonly ShownRecord[] | undefined;
}
