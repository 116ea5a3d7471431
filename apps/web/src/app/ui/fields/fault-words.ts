/** What is wrong with a field, in words that name it. */
export function faultWords(
  field: string,
  { expected, found }: { readonly found: string; readonly expected: string },
): string {
  return found === '""' || found === 'null'
    ? `${field} is missing.`
    : `${field}: ${found} will not do, it takes ${expected}.`;
}
