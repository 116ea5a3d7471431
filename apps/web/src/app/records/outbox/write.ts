import type { RecordKind, RecordOf } from '@wiry-otter/contracts';
import type { Derivation } from '@wiry-otter/derived';
import type { Deriver } from './deriver';
import type { WriteKinds } from './write-kinds';

export type WriteKind = keyof WriteKinds;

/** Who has written something, as the server's records will say it. */
export interface Writer {
  readonly id: string;
  readonly name: string;
}

/** Something that was written on this device and that the server has not confirmed yet. */
export interface Write<Kind extends WriteKind = WriteKind> {
  /** Under which the server carries it out once, however often it is sent. */
  readonly id: string;
  readonly at: string;
  readonly kind: Kind;
  readonly params: WriteKinds[Kind]['params'];
  readonly body: WriteKinds[Kind]['body'];
  /** What it is, in words: for the outbox page. */
  readonly what: string;
  readonly by: Writer;
  /** What the record said before, of a write that changes one: to merge with what came between. */
  readonly base?: object | undefined;
  /** What follows from it, computed here: shown until the server has computed it as well. */
  readonly derived?: readonly ShownRecord[] | undefined;
  /** It was confirmed before, and goes out once more: what the server says meanwhile shows. */
  readonly again?: boolean | undefined;
  /** Why the server will not have it; it stays until a person dismisses it. */
  readonly refusal?: Refusal | undefined;
}

export interface Refusal {
  readonly code: string;
  readonly words: string;
  readonly details: string;
}

/** A write as it is kept: the place is the order it was made in. */
export type KeptWrite = Write & { readonly place: number };

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
