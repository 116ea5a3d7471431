import { highestOfRounded, roundedCost } from './cost.js';
import type { FoundCandidate } from './search.js';

interface Entry extends FoundCandidate {
  readonly rounded: number;
  readonly bands: number;
}

/** The best candidates so far: by cost, then fewer bands, then key. */
export class BestList {
  private readonly entries: Entry[] = [];

  constructor(private readonly most: number) {}

  /** What a candidate may cost at most to come in. */
  get threshold(): number {
    const last = this.entries[this.most - 1];
    return last === undefined ? Infinity : highestOfRounded(last.rounded);
  }

  offer(cost: number, value: number, bands: number, keyOf: () => string): void {
    const rounded = roundedCost(cost);
    const last = this.entries[this.most - 1];
    if (
      last !== undefined &&
      (rounded > last.rounded || (rounded === last.rounded && bands > last.bands))
    ) {
      return;
    }
    const entry = { rounded, bands, cost, value, key: keyOf() };
    let [from, to] = [0, this.entries.length];
    while (from < to) {
      const middle = (from + to) >> 1;
      if (comesBefore(entry, this.entries[middle] as Entry)) to = middle;
      else from = middle + 1;
    }
    this.entries.splice(from, 0, entry);
    if (this.entries.length > this.most) this.entries.pop();
  }

  list(): FoundCandidate[] {
    return this.entries.map(({ key, cost, value }) => ({ key, cost, value }));
  }
}

function comesBefore(a: Entry, b: Entry): boolean {
  if (a.rounded !== b.rounded) return a.rounded < b.rounded;
  return a.bands !== b.bands ? a.bands < b.bands : a.key < b.key;
}
