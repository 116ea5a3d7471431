import { dequal } from 'dequal';

type Fields = Readonly<Record<string, unknown>>;

/**
 * What was written here and what came between, field by field against what both were made from. What
 * only one side changed is taken from it.
 *
 * @returns the fields to be sent again, or the names of those that both changed in different ways
 */
export function mergeFields(
  base: Fields,
  mine: Fields,
  theirs: Fields,
): { readonly fields: Fields } | { readonly both: readonly string[] } {
  const names = Object.keys(mine).filter((name) => name !== 'version');
  const both = names.filter(
    (name) =>
      !dequal(mine[name], base[name]) &&
      !dequal(theirs[name], base[name]) &&
      !dequal(mine[name], theirs[name]),
  );
  if (both.length > 0) return { both };
  const fields = Object.fromEntries(
    names.map((name) => [name, dequal(mine[name], base[name]) ? theirs[name] : mine[name]]),
  );
  return { fields: { ...fields, version: theirs['version'] } };
}
