const ROUNDS = 7;
const ROUND_MS = 400;
/** The compiler has seen enough of the work by then; what it does before is start-up. */
const WARM_UP_MS = 1500;
const SHORT_MS = 100;

/** Runs `work` for a while and returns how often a second it went, the median of the rounds. */
export function perSecond(work: (i: number) => void): number {
  const began = performance.now();
  for (let i = 0; performance.now() - began < WARM_UP_MS; i++) work(i);
  return roundsOf(work, ROUND_MS)[ROUNDS >> 1] ?? 0;
}

/** The best of short rounds: neighbours on the machine only ever slow a round down. */
export function bestPerSecond(work: (i: number) => void): number {
  return roundsOf(work, SHORT_MS).at(-1) ?? 0;
}

function roundsOf(work: (i: number) => void, round_ms: number): number[] {
  const rates: number[] = [];
  for (let round = 0; round < ROUNDS; round++) {
    const start = performance.now();
    let done = 0;
    while (performance.now() - start < round_ms) {
      for (let i = 0; i < 50; i++) work(done + i);
      done += 50;
    }
    rates.push((1000 * done) / (performance.now() - start));
  }
  return rates.sort((a, b) => a - b);
}
