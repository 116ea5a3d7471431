/** What a set-up can be built of: ways, each a list of items that all have to be in the bag. */
export interface SetupToPack {
  readonly ways: readonly (readonly string[])[];
}

export interface Packing {
  /** Items to take along, ascending. */
  readonly items: readonly string[];
  /** For every set-up the way that the items serve, by its place; −1 for one that has none. */
  readonly ways: readonly number[];
  /** No bag can have fewer items. */
  readonly atLeast: number;
  /** Whether there surely is no smaller bag. */
  readonly exact: boolean;
}

/** Nodes of the search between two answers on the way. */
const NODES_PER_ANSWER = 5000;

/**
 * The fewest items with which every set-up can be built one way or another. Exact, by branch and
 * bound: of the set-ups that the bag cannot serve yet the one with fewest ways is given each of them
 * in turn; what is missing for set-ups that share nothing is missing at least.
 *
 * Yields the best bag so far with its bound every few thousand nodes, so that the caller can show
 * it, go on or leave off; returns the smallest.
 */
export function* packBag(setups: readonly SetupToPack[]): Generator<Packing, Packing, void> {
  const names = [...new Set(setups.flatMap(({ ways }) => ways.flat()))].sort();
  const search = new BagSearch(
    setups.map(({ ways }) => ways.map((way) => way.map((item) => names.indexOf(item)))),
    names.length,
  );
  const packing = (exact: boolean): Packing => {
    const has = new Set(search.best.flatMap((on, i) => (on ? (names[i] as string) : [])));
    return {
      items: names.filter((name) => has.has(name)),
      ways: setups.map(({ ways }) => ways.findIndex((way) => way.every((item) => has.has(item)))),
      atLeast: exact ? has.size : search.atLeast,
      exact,
    };
  };
  let nodes = 0;
  for (const _node of search.run()) {
    if (++nodes % NODES_PER_ANSWER === 0) yield packing(false);
  }
  return packing(true);
}

/** The search over bags, items and set-ups by number. */
class BagSearch {
  best: readonly boolean[];
  readonly atLeast: number;
  private fewest: number;
  private readonly bag: boolean[];
  /** Ways of each set-up that has any, without those that need more than another. */
  private readonly setups: readonly (readonly (readonly number[])[])[];
  /** Stamps of the items that a bound has counted already. */
  private readonly counted: Int32Array;
  private stamp = 0;

  constructor(setups: readonly (readonly (readonly number[])[])[], items: number) {
    this.setups = setups.filter((ways) => ways.length > 0).map(leastWays);
    this.bag = Array.from({ length: items }, () => false);
    this.counted = new Int32Array(items);
    this.best = this.greedy(items);
    this.fewest = this.best.filter(Boolean).length;
    this.atLeast = this.missingAtLeast();
  }

  *run(): Generator<void, void, void> {
    yield* this.extend(0);
  }

  private *extend(size: number): Generator<void, void, void> {
    yield;
    if (size + this.missingAtLeast() >= this.fewest) return;
    const next = this.hardest();
    if (next === undefined) {
      this.best = [...this.bag];
      this.fewest = size;
      return;
    }
    const ways = next
      .map((way) => way.filter((item) => !this.bag[item]))
      .sort((a, b) => a.length - b.length);
    for (const missing of ways) {
      if (size + missing.length >= this.fewest) break;
      for (const item of missing) this.bag[item] = true;
      yield* this.extend(size + missing.length);
      for (const item of missing) this.bag[item] = false;
    }
  }

  /** The set-up that is not served yet with fewest ways, then with most missing; undefined when all are served. */
  private hardest(): readonly (readonly number[])[] | undefined {
    let hardest: readonly (readonly number[])[] | undefined;
    let most = -1;
    for (const ways of this.setups) {
      const missing = this.leastMissing(ways);
      if (missing === 0) continue;
      if (
        hardest === undefined ||
        ways.length < hardest.length ||
        (ways.length === hardest.length && missing > most)
      ) {
        hardest = ways;
        most = missing;
      }
    }
    return hardest;
  }

  private leastMissing(ways: readonly (readonly number[])[]): number {
    let least = Infinity;
    for (const way of ways) {
      let missing = 0;
      for (const item of way) if (!this.bag[item]) missing++;
      if (missing < least) least = missing;
    }
    return least;
  }

  /** What set-ups that share no missing item need at least, together. */
  private missingAtLeast(): number {
    const stamp = ++this.stamp;
    let sum = 0;
    for (const ways of this.setups) {
      const least = this.leastMissing(ways);
      if (least === 0) continue;
      const isApart = ways.every((way) =>
        way.every((item) => this.bag[item] === true || this.counted[item] !== stamp),
      );
      if (!isApart) continue;
      sum += least;
      for (const way of ways) for (const item of way) this.counted[item] = stamp;
    }
    return sum;
  }

  /** A bag to begin with: always the way that most lacks of the set-ups are near to. */
  private greedy(items: number): boolean[] {
    for (;;) {
      const next = this.hardest();
      if (next === undefined) break;
      const [way] = [...next].sort((a, b) => this.lacking(a) - this.lacking(b));
      for (const item of way ?? []) this.bag[item] = true;
    }
    const found = this.bag.slice(0, items);
    this.bag.fill(false);
    return found;
  }

  private lacking(way: readonly number[]): number {
    return way.filter((item) => !this.bag[item]).length;
  }
}

/** Ways without those that need all that another needs, and more. */
function leastWays(ways: readonly (readonly number[])[]): readonly (readonly number[])[] {
  return ways.filter(
    (way, w) =>
      !ways.some(
        (other, o) =>
          o !== w &&
          other.every((item) => way.includes(item)) &&
          (other.length < way.length || o < w),
      ),
  );
}
