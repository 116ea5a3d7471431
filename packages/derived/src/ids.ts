import { v5 as uuidv5 } from 'uuid';

/** Namespace of all ids that are made from other ids. */
const NAMESPACE = '3f0a54be-6f2c-5d4e-9f53-6a1f4c9d0b77';

/**
 * The id of a record that follows from others: whoever derives it, on whatever device, comes to the
 * same id, so that it is one record and not two.
 */
export function derivedId(kind: string, ...from: readonly (string | number)[]): string {
  return uuidv5([kind, ...from].join(' '), NAMESPACE);
}
