const ROUNDS = 300;
const ROUND_MS = 5;
/** The compiler has seen enough of the work by then; what it does before is start-up. */
const WARM_UP_MS = 1000;

/**
 * How often a second `work` goes: the best of short rounds, since neighbours on
 * the machine only ever slow a round down.
 */
export function bestPerSecond(work: (i: number) => void): number {
  const warm = performance.now();
  for (let i = 0; performance.now() - warm < WARM_UP_MS; i++) work(i);
  let best = 0;
  for (let round = 0; round < ROUNDS; round++) {
    const start = performance.now();
    let done = 0;
    while (performance.now() - start < ROUND_MS) {
      for (let i = 0; i < 50; i++) work(done + i);
      done += 50;
    }
    best = Math.max(best, (1000 * done) / (performance.now() - start));
  }
  return best;
}
