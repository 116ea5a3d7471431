import {
  exerciseDocument,
  type FormFault,
  parseDocument,
  reviewDocument,
  samplesDocument,
  setupDocument,
} from '../src/index.js';

const EXERCISE = {
  format: 'wiry-otter.exercise',
  version: 1,
  id: 'curl',
  title: 'Curl',
  plane: 'sagittal',
  bodyweight: false,
  strength: 'bell',
  root: { point: 'ankle', at: [0, 0.039] },
  poses: [
    { phase: 0, upperArm: -90, forearm: -80 },
    { phase: 1, upperArm: -85, forearm: 60 },
  ],
  demand: { kind: 'moment', at: 'elbow', carries: ['forearm'] },
};

const SETUP = {
  format: 'wiry-otter.setup',
  version: 1,
  body: { stature_m: 1.75, mass_kg: 72 },
  exercise: EXERCISE,
  points: {},
  bands: [{ id: 'slim', kind: 'loop', flatLength_m: 1, law: { c1_N: 12, c2_N: 9, c3_N: 0.1 } }],
  runs: [{ band: 'slim', path: ['soleL', 'gripL'] }],
};

function faultsOf(
  schema: Parameters<typeof parseDocument>[0],
  value: unknown,
): readonly FormFault[] {
  const parsed = parseDocument(schema, value);
  return parsed.ok ? [] : parsed.faults;
}
const paths = (faults: readonly FormFault[]): string[] => faults.map(({ path }) => path);

describe('open documents', () => {
  it('are taken as they are written', () => {
    expect(faultsOf(setupDocument, SETUP)).toEqual([]);
    expect(faultsOf(setupDocument, { ...SETUP, exercise: 'curl' })).toEqual([]);
  });

  it('are refused with all faults of form together: path, found, expected', () => {
    const faults = faultsOf(setupDocument, {
      ...SETUP,
      body: { stature_m: 0, mass_kg: '72' },
      colour: 'red',
      bands: [{ ...SETUP.bands[0], limit: 3.1 }],
      samples: 1,
    });
    expect(faults).toEqual(
      jasmine.arrayWithExactContents([
        { code: 'form', path: '$.body.stature_m', found: '0', expected: 'at least 0.5' },
        { code: 'form', path: '$.body.mass_kg', found: '"72"', expected: 'a finite number' },
        { code: 'form', path: '$.bands[0].limit', found: '3.1', expected: 'at most 3' },
        { code: 'form', path: '$.samples', found: '1', expected: 'at least 2' },
        { code: 'form', path: '$.colour', found: 'unknown key "colour"', expected: 'no such key' },
      ]),
    );
  });

  it('report what is wrong inside an exercise, not that it is no catalogue id', () => {
    const faults = faultsOf(setupDocument, { ...SETUP, exercise: { ...EXERCISE, plane: 'up' } });
    expect(paths(faults)).toEqual(['$.exercise.plane']);
  });

  it('refuse numbers that are not finite', () => {
    const infinite: unknown = JSON.parse(JSON.stringify(SETUP).replace('1.75', '1e999'));
    expect(paths(faultsOf(setupDocument, infinite))).toEqual(['$.body.stature_m']);
  });

  it('refuse ids that would break the key of a search result', () => {
    for (const id of ['a|b', 'a,b', 'a:b', '']) {
      const bands = [{ ...SETUP.bands[0], id }];
      expect(paths(faultsOf(setupDocument, { ...SETUP, bands }))).toEqual(['$.bands[0].id']);
    }
  });

  it('refuse a path of one contact', () => {
    const runs = [{ band: 'slim', path: ['gripL'] }];
    expect(paths(faultsOf(setupDocument, { ...SETUP, runs }))).toEqual(['$.runs[0].path']);
  });
});

describe('the exercise document', () => {
  const withPoses = (...poses: object[]): string[] =>
    paths(faultsOf(exerciseDocument, { ...EXERCISE, poses }));

  it('asks for phases that rise strictly from 0 to 1', () => {
    const pose = { upperArm: 0, forearm: 0 };
    expect(withPoses({ phase: 0.1, ...pose }, { phase: 1, ...pose })).toEqual(['$.poses[0].phase']);
    expect(withPoses({ phase: 0, ...pose }, { phase: 0.9, ...pose })).toEqual(['$.poses[1].phase']);
    expect(
      withPoses(
        { phase: 0, ...pose },
        { phase: 0.5, ...pose },
        { phase: 0.5, ...pose },
        { phase: 1, ...pose },
      ),
    ).toEqual(['$.poses[2].phase']);
  });

  it('asks every pose for the same segments', () => {
    expect(withPoses({ phase: 0, upperArm: 0 }, { phase: 1, forearm: 0 })).toEqual(['$.poses[1]']);
  });

  it('takes the arm once', () => {
    const twice = { upperArm: 0, forearm: 0, hand: [0.1, 0.1] };
    expect(withPoses({ phase: 0, ...twice }, { phase: 1, ...twice })).toContain('$.poses[0]');
  });

  it('holds demand, limbs and handAt to where they fit, whatever else is wrong', () => {
    const frontal = { ...EXERCISE, plane: 'frontal', limbs: 2, strength: 'odd' };
    expect(paths(faultsOf(exerciseDocument, frontal))).toEqual(['$.strength', '$.limbs']);
    const support = { kind: 'support', at: ['gripL'] };
    const transverse = { ...EXERCISE, plane: 'transverse', demand: support };
    expect(paths(faultsOf(exerciseDocument, transverse))).toEqual(['$.demand.kind']);
    const held = {
      ...EXERCISE,
      root: { point: 'grip', at: [0, 1] },
      poses: [
        { phase: 0, handAt: [0, 0] },
        { phase: 1, handAt: [0, 0] },
      ],
    };
    expect(paths(faultsOf(exerciseDocument, held))).toEqual([
      '$.poses[0].handAt',
      '$.poses[1].handAt',
    ]);
  });
});

describe('other documents', () => {
  it('refuse a label whose ends are the wrong way round', () => {
    const samples = {
      format: 'wiry-otter.samples',
      version: 1,
      kind: 'loop',
      flatLength_m: 1,
      samples: [],
      label: { min_N: 90, max_N: 50 },
    };
    expect(paths(faultsOf(samplesDocument, samples))).toEqual(['$.label.max_N']);
  });

  it('hold a review to one rung and one target for each set', () => {
    const review = {
      format: 'wiry-otter.review',
      version: 1,
      school: 'fill-range',
      prescription: { sets: 3, rest_s: 60, rungs: [0, 1], target: [8] },
      ladder: [
        { id: 'a', load: 70 },
        { id: 'b', load: 60 },
      ],
      sessions: [
        { date: '2026-03-04', sets: [] },
        { date: '2026-03-02', sets: [] },
      ],
      limits: {},
    };
    expect(paths(faultsOf(reviewDocument, review))).toEqual([
      '$.prescription.rungs',
      '$.prescription.target',
    ]);
  });
});
