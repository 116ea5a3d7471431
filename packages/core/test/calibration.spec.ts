import { type BandSamples, calibrate, predictStrand } from '../src/index.js';
import { differences, readVectors } from './support/vectors.js';

interface CalibrationVectorInput extends BandSamples {
  readonly predict: readonly number[];
}

describe('calibrate', () => {
  for (const vector of readVectors<CalibrationVectorInput, object>('calibrate')) {
    it(`gives the figures of ${vector.name}`, () => {
      const result = calibrate(vector.input);
      if (!result.ok) return fail(JSON.stringify(result.faults));
      const { law, loss, grade, misfit } = result.value;
      const predict = vector.input.predict.map((stretch) => predictStrand(result.value, stretch));
      expect(
        differences(
          { law, loss, grade, misfit, predict },
          vector.expected,
          vector.relativeTolerance,
        ),
      ).toEqual([]);
    });
  }
});
