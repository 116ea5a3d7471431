import fc from 'fast-check';
import { planDropSet, type DropSetPart, type DropSetSpace } from '../src/index.js';

interface Kit {
  readonly pulls: readonly number[];
  readonly steps: readonly number[];
  readonly slips: readonly number[];
}

/** Each band pulls by itself, less where the person stands nearer or grips lower. */
function spaceOf({ pulls, slips, steps }: Kit): DropSetSpace {
  return {
    bands: pulls.length,
    distances: steps.length,
    slips: slips.length,
    loadOf: ({ bands, distance, slip }) =>
      bands.reduce((sum, b) => sum + (pulls[b] ?? 0), 0) *
      (steps[distance] ?? 0) *
      (slips[slip] ?? 0),
  };
}

const shares = fc.array(fc.double({ min: 0.5, max: 1.2, noNaN: true }), { maxLength: 2 });
const kitArbitrary: fc.Arbitrary<Kit> = fc.record({
  pulls: fc.array(fc.double({ min: 20, max: 120, noNaN: true }), { minLength: 1, maxLength: 3 }),
  steps: shares.map((list) => [1, ...list]),
  slips: shares.map((list) => [1, ...list]),
});

describe('a drop set', () => {
  it('is the one that trying all sequences of parts comes to', () => {
    let made = 0;
    fc.assert(
      fc.property(
        kitArbitrary,
        fc.integer({ min: 1, max: 3 }),
        fc.double({ min: 0.15, max: 0.35, noNaN: true }),
        (kit, drops, share) => {
          const space = spaceOf(kit);
          const expected = byTrying(space, drops, share);
          const dropSet = planDropSet(space, { drops, share });
          if (expected === undefined) return expect(dropSet).toBeUndefined();
          made++;
          expect(dropSet?.deviation).toBeCloseTo(expected.deviation, 9);
          expect(dropSet?.seconds).toBe(expected.seconds);
        },
      ),
      { numRuns: 300 },
    );
    expect(made).withContext('drop sets that can be made').toBeGreaterThan(100);
  });

  it('only ever gets lighter, begins with the whole stack and takes five seconds at most', () => {
    fc.assert(
      fc.property(kitArbitrary, fc.integer({ min: 1, max: 4 }), (kit, drops) => {
        const dropSet = planDropSet(spaceOf(kit), { drops, share: 0.25 });
        if (dropSet === undefined) return;
        expect(dropSet.parts.length).toBe(drops + 1);
        expect(dropSet.parts[0]?.bands.length).toBe(kit.pulls.length);
        dropSet.parts.slice(1).forEach((part, i) => {
          const before = dropSet.parts[i];
          expect(part.load).toBeLessThan(before?.load ?? NaN);
          expect(part.bands.every((b) => before?.bands.includes(b))).toBeTrue();
          expect(part.seconds).toBeLessThanOrEqual(5);
          expect(part.share).toBeCloseTo(1 - part.load / (before?.load ?? NaN), 9);
        });
      }),
    );
  });

  it('goes round what may not be used, and is none where the stack itself may not', () => {
    const space = spaceOf({ pulls: [100, 25], steps: [1, 0.8], slips: [1] });
    const plan = planDropSet(space, { drops: 1, share: 0.2 });
    expect(plan?.parts[1]).toEqual(jasmine.objectContaining({ bands: [0, 1], distance: 1 }));
    expect(plan?.seconds).toBe(1);
    const refused = (part: DropSetPart): boolean => part.distance === 1 && part.bands.length === 2;
    const around: DropSetSpace = {
      ...space,
      loadOf: (part) => (refused(part) ? undefined : space.loadOf(part)),
    };
    expect(planDropSet(around, { drops: 1, share: 0.2 })?.parts[1]?.bands).toEqual([0]);
    const none = { ...space, loadOf: () => undefined };
    expect(planDropSet(none, { drops: 1, share: 0.2 })).toBeUndefined();
  });
});

/** Every sequence of parts, by the definition. */
function byTrying(
  { bands, distances, loadOf, slips }: DropSetSpace,
  drops: number,
  share: number,
): { deviation: number; seconds: number } | undefined {
  let best: { deviation: number; seconds: number } | undefined;
  const go = (part: DropSetPart, left: number, deviation: number, seconds: number): void => {
    if (left === 0) {
      const better =
        best === undefined ||
        deviation < best.deviation - 1e-9 ||
        (deviation < best.deviation + 1e-9 && seconds < best.seconds);
      if (better) best = { deviation: Math.min(deviation, best?.deviation ?? Infinity), seconds };
      return;
    }
    const load = loadOf(part) ?? NaN;
    for (let mask = 1; mask < 2 ** bands; mask++) {
      const on = Array.from({ length: bands }, (_, b) => b).filter((b) => (mask >> b) & 1);
      if (!on.every((b) => part.bands.includes(b))) continue;
      for (let distance = 0; distance < distances; distance++) {
        for (let slip = 0; slip < slips; slip++) {
          const next = { bands: on, distance, slip };
          const takes =
            (distance === part.distance ? 0 : 1) +
            (slip === part.slip ? 0 : 2) +
            3 * (part.bands.length - on.length);
          const lighter = loadOf(next) ?? NaN;
          if (takes === 0 || takes > 5 || !(lighter < load)) continue;
          const off = Math.abs(1 - lighter / load - share);
          go(next, left - 1, Math.max(deviation, off), seconds + takes);
        }
      }
    }
  };
  go({ bands: Array.from({ length: bands }, (_, b) => b), distance: 0, slip: 0 }, drops, 0, 0);
  return best;
}
