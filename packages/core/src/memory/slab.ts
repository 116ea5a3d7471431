/**
 * Hands out stretches of one array, zeroed. Allocating a typed array of its own
 * costs about a microsecond each, a view of a shared one a fraction of that; a
 * set-up solved from its document needs some fifty.
 *
 * @param size how many numbers will be asked for altogether
 */
export function createSlab(size: number): (count: number) => Float64Array {
  const slab = new Float64Array(size);
  let used = 0;
  return (count) => {
    if (used + count > size) throw new RangeError('the slab was allocated for fewer numbers');
    used += count;
    return slab.subarray(used - count, used);
  };
}
