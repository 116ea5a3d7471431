import { dequal } from 'dequal';
import type { KeptWrite, WriteKindOf } from './write';
import { WRITE_KINDS } from './write-kinds';

type Fields = Readonly<Record<string, unknown>>;

/** A field of which this device and the server have two versions. */
export interface FieldVersions {
  readonly name: string;
  readonly mine: unknown;
  readonly theirs: unknown;
}

/** Whether the fields of what was written belong together, so that one side's are taken as a whole. */
export function isWhole({ kind }: KeptWrite): boolean {
  return (WRITE_KINDS[kind] as WriteKindOf<unknown, unknown>).isWhole === true;
}

/** The fields of a write that say something else than the record on the server. */
export function fieldVersions({ body }: KeptWrite, theirs: object): FieldVersions[] {
  const there = theirs as Fields;
  return Object.entries(body as Fields)
    .filter(([name, mine]) => name !== 'version' && name in there && !dequal(mine, there[name]))
    .map(([name, mine]) => ({ name, mine, theirs: there[name] }));
}

/** What is to be written once a person has chosen: their version of these fields, else this device's. */
export function chosenBody(
  { body }: KeptWrite,
  theirs: object,
  ofTheirs: ReadonlySet<string>,
): Fields {
  const there = theirs as Fields;
  const chosen = Object.entries(body as Fields).map(([name, mine]) => [
    name,
    ofTheirs.has(name) ? there[name] : mine,
  ]);
  return { ...(Object.fromEntries(chosen) as Fields), version: there['version'] };
}
