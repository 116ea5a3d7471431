import fc from 'fast-check';
import { capabilityFrom, type Effort, firstHelp, isTrusted, loadFor } from '../src/index.js';

const effort: fc.Arbitrary<Effort> = fc.oneof(
  fc.record({
    kind: fc.constant('reps' as const),
    reps: fc.integer({ min: 0, max: 30 }),
    spare: fc.integer({ min: 0, max: 5 }),
  }),
  fc.record({
    kind: fc.constant('hold' as const),
    held_s: fc.double({ min: 0, max: 90, noNaN: true }),
  }),
  fc.record({
    kind: fc.constant('lowering' as const),
    lowered_s: fc.double({ min: 0, max: 20, noNaN: true }),
  }),
);
const load = fc.double({ min: 1, max: 2000, noNaN: true });

describe('capability', () => {
  it('follows repetitions, holds and lowerings as the method says', () => {
    expect(capabilityFrom({ kind: 'reps', reps: 5, spare: 1 }, 450)).toBeCloseTo(540, 9);
    expect(capabilityFrom({ kind: 'hold', held_s: 60 }, 100)).toBe(200);
    expect(capabilityFrom({ kind: 'hold', held_s: 15 }, 80)).toBe(100);
    expect(capabilityFrom({ kind: 'lowering', lowered_s: 30 }, 80)).toBe(100);
    // One at least, twenty at most.
    expect(capabilityFrom({ kind: 'reps', reps: 0, spare: 0 }, 300)).toBeCloseTo(310, 9);
    expect(capabilityFrom({ kind: 'reps', reps: 40, spare: 0 }, 300)).toBeCloseTo(500, 9);
  });

  it('is less sure above twelve repetitions', () => {
    expect(isTrusted({ kind: 'reps', reps: 10, spare: 2 })).toBeTrue();
    expect(isTrusted({ kind: 'reps', reps: 11, spare: 2 })).toBeFalse();
    expect(isTrusted({ kind: 'hold', held_s: 40 })).toBeTrue();
  });

  it('and the load for an effort are the inverse of one another, and capability is never less', () => {
    fc.assert(
      fc.property(effort, load, (done, at) => {
        const capability = capabilityFrom(done, at);
        expect(loadFor(done, capability)).toBeCloseTo(at, 8);
        expect(capability).toBeGreaterThanOrEqual(at);
      }),
    );
  });
});

describe('first help', () => {
  const need = { mean: 600 };

  it('is 50, 40 and 30 % at the hardest point where nothing is known', () => {
    expect(firstHelp(null, need, 'taper', false)).toEqual({
      shares: [0.5, 0.4, 0.3],
      at: 'hardest',
      capability: null,
    });
    expect(firstHelp(null, need, 'hold', false).shares).toEqual([0.4]);
  });

  it('leaves each set of a taper what its range can take with two to spare', () => {
    // 5 with 1 to spare at 450 N: 540 N once; 14, 10 and 6 at 540 over 22/15, 4/3 and 6/5.
    const shown = { effort: { kind: 'reps', reps: 5, spare: 1 }, load: 450 } as const;
    const { capability, shares } = firstHelp(shown, need, 'taper', false);
    expect(capability).toBeCloseTo(540, 9);
    [540 / (1 + 14 / 30), 405, 450].forEach((left, i) => {
      expect(shares[i]).toBeCloseTo(1 - left / need.mean, 9);
    });
  });

  it('begins the next level of a hold 5 % above what is held for ten seconds', () => {
    const shown = { effort: { kind: 'hold', held_s: 10 }, load: 100 } as const;
    expect(firstHelp(shown, { mean: 150 }, 'hold', true).shares[0]).toBeCloseTo(1 - 105 / 150, 9);
    expect(firstHelp(shown, { mean: 125 }, 'hold', false).shares[0]).toBeCloseTo(0.2, 9);
    // A longer hold at less stands for the same.
    const longer = { effort: { kind: 'hold', held_s: 24 }, load: (100 * 70) / 84 } as const;
    expect(firstHelp(longer, { mean: 150 }, 'hold', true).shares[0]).toBeCloseTo(0.3, 9);
  });

  it('is none for who can do it, and less for who can do more', () => {
    fc.assert(
      fc.property(effort, load, load, (done, less, more) => {
        const [low, high] = [Math.min(less, more), Math.max(less, more)];
        const help = (at: number) => firstHelp({ effort: done, load: at }, need, 'taper', false);
        help(low).shares.forEach((share, i) => {
          expect(share).toBeGreaterThanOrEqual(help(high).shares[i] as number);
          expect(share).toBeGreaterThanOrEqual(0);
          expect(share).toBeLessThan(1);
        });
      }),
    );
    const strong = { effort: { kind: 'reps', reps: 20, spare: 0 }, load: 600 } as const;
    expect(firstHelp(strong, need, 'taper', false).shares[2]).toBe(0);
  });
});
