import { dequal } from 'dequal';
import type { KeptWrite } from './write';
import type { WriteKindOf } from './write-kind';
import { WRITE_KINDS } from './write-kinds';

type Fields = Readonly<Record<string, unknown>>;

/** A field of which this device and the server have two versions. */
export interface FieldVersions {
  readonly name: string;
  readonly mine: unknown;
  readonly theirs: unknown;
}

/** What the server's record says of the fields that a write carries. */
export function fieldsThere({ kind }: KeptWrite, theirs: object): Fields {
  const { fieldsOf } = WRITE_KINDS[kind] as WriteKindOf<unknown, unknown>;
  return (fieldsOf?.(theirs) ?? theirs) as Fields;
}

/** Whether the fields of what was written belong together, so that one side's are taken as a whole. */
export function isWhole({ kind }: KeptWrite): boolean {
  return (WRITE_KINDS[kind] as WriteKindOf<unknown, unknown>).isWhole === true;
}

/** The fields of a write that both sides have changed, in different ways. */
export function fieldVersions(write: KeptWrite, theirs: object): FieldVersions[] {
  const there = fieldsThere(write, theirs);
  return Object.entries(write.body as Fields)
    .filter(
      ([name, mine]) =>
        name !== 'version' &&
        name in there &&
        isChangedHere(write, name) &&
        !dequal(mine, there[name]),
    )
    .map(([name, mine]) => ({ name, mine, theirs: there[name] }));
}

/**
 * What is to be written once a person has chosen: the server's version of these fields and of those
 * that were not changed here, else this device's.
 */
export function chosenBody(
  write: KeptWrite,
  theirs: object,
  ofTheirs: ReadonlySet<string>,
): Fields {
  const there = fieldsThere(write, theirs);
  const chosen = Object.entries(write.body as Fields).map(([name, mine]) => {
    const isTheirs = ofTheirs.has(name) || !isChangedHere(write, name);
    return [name, isTheirs && name in there ? there[name] : mine];
  });
  return { ...(Object.fromEntries(chosen) as Fields), version: there['version'] };
}

/** Of what belongs together, or was made from nothing, all of it was. */
function isChangedHere(write: KeptWrite, name: string): boolean {
  const { base, body } = write as { base?: Fields; body: Fields };
  return isWhole(write) || base === undefined || !dequal(body[name], base[name]);
}
