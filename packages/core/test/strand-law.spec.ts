import fc from 'fast-check';
import {
  shorteningForce,
  strandEnergyPerRestMetre,
  strandForce,
  type StrandLaw,
} from '../src/index.js';
import { lawArbitrary } from './support/arbitraries.js';
import { differences, readVectors } from './support/vectors.js';

interface LawPoint {
  readonly law: StrandLaw;
  readonly stretch: number;
  readonly strand_N: number;
  readonly energyPerRestMetre_J: number;
  readonly lowering_N: number;
}

interface LawInput {
  readonly loss: number;
  readonly lowering_from_stretch: number;
}

describe('strand law', () => {
  for (const vector of readVectors<LawInput, LawPoint[]>('law')) {
    it(`gives the figures of ${vector.name}`, () => {
      const { loss, lowering_from_stretch: longest } = vector.input;
      const actual = vector.expected.map(({ law, stretch }) => ({
        strand_N: strandForce(law, stretch),
        energyPerRestMetre_J: strandEnergyPerRestMetre(law, stretch),
        lowering_N: shorteningForce(law, stretch, loss, longest),
      }));
      expect(differences(actual, vector.expected.map(figures), vector.relativeTolerance)).toEqual(
        [],
      );
    });
  }

  it('gives the figure of the docstring', () => {
    expect(strandForce({ c1_N: 10, c2_N: 0, c3_N: 0 }, 1.3)).toBeCloseTo(7.08284, 5);
  });

  it('never falls with stretch', () => {
    fc.assert(
      fc.property(
        lawArbitrary,
        fc.double({ min: 0.5, max: 3, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (law, stretch, more) => strandForce(law, stretch + more) >= strandForce(law, stretch),
      ),
    );
  });

  it('stores the integral of its pull', () => {
    fc.assert(
      fc.property(lawArbitrary, fc.double({ min: 1.01, max: 3, noNaN: true }), (law, stretch) => {
        const integral = simpson((x) => strandForce(law, x), 1, stretch, 400);
        const stored = strandEnergyPerRestMetre(law, stretch);
        return Math.abs(stored - integral) <= 1e-6 * Math.max(1, integral);
      }),
    );
  });

  it('gives back no more than it took, and all of it at the longest stretch', () => {
    fc.assert(
      fc.property(
        lawArbitrary,
        fc.double({ min: 1, max: 2.9, noNaN: true }),
        fc.double({ min: 0, max: 0.4, noNaN: true }),
        (law, stretch, loss) => {
          const longest = 3;
          const back = shorteningForce(law, stretch, loss, longest);
          return (
            back <= strandForce(law, stretch) &&
            shorteningForce(law, longest, loss, longest) === strandForce(law, longest)
          );
        },
      ),
    );
  });
});

function figures({ strand_N, energyPerRestMetre_J, lowering_N }: LawPoint) {
  return { strand_N, energyPerRestMetre_J, lowering_N };
}

function simpson(f: (x: number) => number, from: number, to: number, steps: number): number {
  const h = (to - from) / steps;
  let sum = f(from) + f(to);
  for (let i = 1; i < steps; i++) sum += (i % 2 === 1 ? 4 : 2) * f(from + i * h);
  return (sum * h) / 3;
}
