/** Gives zeroed memory for `count` numbers. */
export type Take = (count: number) => Float64Array;

/** Numbers of the first block: a set-up of a few bands over 41 samples fits. */
const FIRST_BLOCK = 4096;

/** A larger block is let go at a reset, so that one huge set-up does not hold its memory for good. */
const LARGEST_KEPT = 1 << 18;

/**
 * Hands out stretches of a block of numbers. A typed array of its own costs
 * some two microseconds to allocate and again to collect, a view of a block a
 * tenth of that; a set-up solved from its document needs some sixty.
 */
export class Arena {
  private block = new Float64Array(FIRST_BLOCK);
  private used = 0;

  readonly take: Take = (count) => {
    if (this.used + count > this.block.length) {
      this.block = new Float64Array(Math.max(count, 2 * this.block.length));
      this.used = 0;
    }
    const start = this.used;
    this.used += count;
    return new Float64Array(this.block.buffer, start * Float64Array.BYTES_PER_ELEMENT, count);
  };

  /** Takes everything back, zeroed; what was handed out must not be used any more. */
  reset(): void {
    if (this.block.length > LARGEST_KEPT) this.block = new Float64Array(FIRST_BLOCK);
    else this.block.fill(0, 0, this.used);
    this.used = 0;
  }
}
