import { findExercise } from '@wiry-otter/catalogue';
import type { SetupRecord } from '@wiry-otter/contracts';
import { UUID } from '../../../../testing/records';
import { firstPrescription } from './first-prescription';

function setupOf(exerciseId: string, own: object = {}): SetupRecord {
  const exercise = { ...findExercise(exerciseId), ...own };
  return { id: `${UUID}4`, personId: `${UUID}1`, document: { exercise } } as unknown as SetupRecord;
}

describe('a first prescription', () => {
  it('goes by what the person trains for', () => {
    const row = setupOf('standing-row');
    expect(firstPrescription(row, 'build').school).toBe('fill-range');
    const rehab = firstPrescription(row, 'rehab');
    expect(rehab.school).toBe('rehab');
    expect(rehab.work).toEqual({ kind: 'reps', from: 10, to: 15 });
    expect(rehab.target).toEqual([10, 10, 10]);
    expect(rehab.rest_s).toBe(60);
  });

  it('holds what is held', () => {
    const { school, target, work } = firstPrescription(setupOf('neck-front'), 'skill');
    expect([school, work.kind, target]).toEqual(['hold', 'hold', [5, 5, 5, 5]]);
  });

  it('has the dose of the exercise itself where that has one, whatever for', () => {
    const dose = {
      ...{ school: 'effort', sets: 2, rest_s: 45 },
      work: { kind: 'reps', from: 6, to: 9 },
    };
    const { rest_s, school, target } = firstPrescription(
      setupOf('standing-row', { dose }),
      'rehab',
    );
    expect([school, rest_s, target]).toEqual(['effort', 45, [6, 6]]);
  });
});
