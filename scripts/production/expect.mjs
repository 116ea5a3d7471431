/** Says what was seen; what is not so ends the checks. */
export function expect(isSo, what) {
  if (!isSo) throw new Error(`not so: ${what}`);
  console.log(`✓ ${what}`);
}
