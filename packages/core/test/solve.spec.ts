import { type Setup, type Solution, solveSetup } from '../src/index.js';
import { differences, readVectors } from './support/vectors.js';

describe('solveSetup', () => {
  for (const vector of readVectors<Setup, Solution>('solve')) {
    it(`gives the figures of ${vector.name}`, () => {
      const result = solveSetup(vector.input);
      if (!result.ok) return fail(JSON.stringify(result.faults));
      expect(
        differences(result.value, withoutFormat(vector.expected), vector.relativeTolerance),
      ).toEqual([]);
    });
  }
});

function withoutFormat(expected: Solution): Partial<Solution> {
  const {
    format: _format,
    version: _version,
    ...figures
  } = expected as Solution & {
    format: string;
    version: number;
  };
  return figures;
}
