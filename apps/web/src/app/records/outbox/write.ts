import type { ShownRecord, Writer } from './write-kind';
import type { WriteKinds } from './write-kinds';

export type WriteKind = keyof WriteKinds;

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
