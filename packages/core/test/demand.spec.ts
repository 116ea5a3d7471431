import fc from 'fast-check';
import {
  type Band,
  type Demand,
  drawnTogether,
  type Exercise,
  nodeIndex,
  type Plane,
  rigSetup,
  type Segment,
  SEGMENTS,
  type Setup,
  type Solution,
  solveSetup,
  STANDARD_GRAVITY_M_S2 as G,
  strengthAt,
} from '../src/index.js';
import { bandArbitrary, HANG, ROW, setupOf } from './support/arbitraries.js';

const BODY = { stature_m: 1.75, mass_kg: 72 };
const TUBE: Band = {
  id: 't',
  kind: 'tube',
  flatLength_m: 0.4,
  law: { c1_N: 20, c2_N: 10, c3_N: 0.1 },
  loss: 0,
};

function solved(setup: Setup): Solution {
  const result = solveSetup(setup);
  if (!result.ok) throw new Error(JSON.stringify(result.faults));
  return result.value;
}

function bare(exercise: Exercise, loads: Setup['loads'] = []): Solution {
  return solved({ ...setupOf(exercise, [], []), loads });
}

/** An arm stretched out level from a shoulder at the origin, in a plane. */
function levelArm(plane: Plane, demand: Demand, limbs?: 1 | 2): Exercise {
  const pose = { upperArm: 0, forearm: 0 };
  return {
    ...ROW,
    plane,
    root: { point: 'shoulder', at: [0, 0] },
    poses: [
      { phase: 0, ...pose },
      { phase: 1, ...pose },
    ],
    demand,
    ...(limbs === undefined ? {} : { limbs }),
  };
}

/** Gravity moment of one level limb about its root, N·m: Σ m·g·x over its mass points. */
function levelMoment(segments: readonly Segment[]): number {
  let start = 0;
  let moment = 0;
  for (const segment of segments) {
    for (const { massShare, alongStature } of SEGMENTS[segment].masses) {
      moment += massShare * BODY.mass_kg * G * (start + alongStature) * BODY.stature_m;
    }
    start += SEGMENTS[segment].length;
  }
  return moment;
}

const ARM: readonly Segment[] = ['upperArm', 'forearm'];
const ABOUT_SHOULDER: Demand = { kind: 'moment', at: 'shoulder', carries: ARM };

describe('support', () => {
  it('is the weight of the body and its loads, less what bands lift', () => {
    expect(bare(HANG).demand[0]).toBeCloseTo(BODY.mass_kg * G, 9);
    expect(bare(HANG, [{ at: 'hips', mass_kg: 10 }]).demand[0]).toBeCloseTo(82 * G, 9);
    // Straight up on the hips with one strand.
    const setup: Setup = {
      ...setupOf(HANG, [TUBE], ['anchor', 'hips']),
      points: { anchor: [0, 3, 0] },
    };
    const { demand, runs } = solved(setup);
    const hipX = Math.abs(runs[0]?.length_m[0] ?? NaN);
    expect(hipX).toBeGreaterThan(1);
    const lift = BODY.mass_kg * G - (demand[0] ?? NaN);
    expect(lift).toBeGreaterThan(0.98 * (runs[0]?.strand_N[0] ?? NaN));
    expect(lift).toBeLessThanOrEqual((runs[0]?.strand_N[0] ?? NaN) + 1e-9);
  });

  it('counts no band that pulls on the supporting hands: it goes into the bar', () => {
    const { demand, unassisted } = solved(setupOf(HANG, [TUBE], ['anchor', 'gripR']));
    expect(demand).toEqual(unassisted);
  });
});

describe('moment', () => {
  it('of level arms is the sum of their weights times levers, both limbs or one', () => {
    const one = levelMoment(ARM);
    expect(bare(levelArm('sagittal', ABOUT_SHOULDER)).demand[0]).toBeCloseTo(2 * one, 9);
    expect(bare(levelArm('sagittal', ABOUT_SHOULDER, 1)).demand[0]).toBeCloseTo(one, 9);
    expect(bare(levelArm('frontal', ABOUT_SHOULDER)).demand[0]).toBeCloseTo(one, 9);
  });

  it('knows no gravity seen from above, and no free weight', () => {
    const arm = levelArm('transverse', ABOUT_SHOULDER);
    expect(bare(arm, [{ at: 'gripR', mass_kg: 5 }]).demand[0]).toBe(0);
  });

  it('counts a load in the hand at the length of the arm, on the limb that works', () => {
    const reach = (SEGMENTS.upperArm.length + SEGMENTS.forearm.length) * BODY.stature_m;
    const arm = levelArm('sagittal', ABOUT_SHOULDER, 1);
    const right = bare(arm, [{ at: 'gripR', mass_kg: 3 }]).demand[0] ?? NaN;
    expect(right - levelMoment(ARM)).toBeCloseTo(3 * G * reach, 9);
    const left = bare(arm, [{ at: 'gripL', mass_kg: 3 }]).demand[0] ?? NaN;
    expect(left).toBeCloseTo(levelMoment(ARM), 9);
  });

  it('takes a band straight down at the hand as tension times the arm', () => {
    const arm = levelArm('sagittal', ABOUT_SHOULDER, 1);
    const reach = (SEGMENTS.upperArm.length + SEGMENTS.forearm.length) * BODY.stature_m;
    const gripZ = (0.259 * BODY.stature_m) / 2;
    const setup: Setup = {
      ...setupOf(arm, [TUBE], ['anchor', 'gripR']),
      points: { anchor: [reach, -0.8, gripZ] },
    };
    const { demand, runs } = solved(setup);
    const pulled = (demand[0] ?? NaN) - levelMoment(ARM);
    expect(pulled).toBeCloseTo((runs[0]?.strand_N[0] ?? NaN) * reach, 9);
  });
});

describe('prop', () => {
  const PLANK: Exercise = {
    ...ROW,
    bodyweight: true,
    elbowBend: -1,
    root: { point: 'toe', at: [0, 0] },
    poses: [
      { phase: 0, foot: -80, shank: 197, thigh: 197, trunk: 17, handAt: [0.72, 0] },
      { phase: 1, foot: -80, shank: 197, thigh: 197, trunk: 17, handAt: [0.72, 0] },
    ],
    demand: { kind: 'prop', at: 'grip', pivot: 'toe' },
  };

  it('carries between 65 and 77 % of body weight in a push-up', () => {
    const share = (bare(PLANK).demand[0] ?? NaN) / (BODY.mass_kg * G);
    expect(share).toBeGreaterThan(0.65);
    expect(share).toBeLessThan(0.77);
  });

  it('gains a load over the hands in full, over the toes not at all', () => {
    const plain = bare(PLANK).demand[0] ?? NaN;
    const withLoad = (at: string) => bare(PLANK, [{ at, mass_kg: 10 }]).demand[0] ?? NaN;
    expect(withLoad('gripL') - plain).toBeCloseTo(10 * G, 9);
    expect(withLoad('toeR') - plain).toBeCloseTo(0, 9);
  });

  it('is refused where hands and pivot stand at one x', () => {
    const upright: Exercise = { ...PLANK, demand: { kind: 'prop', at: 'grip', pivot: 'grip' } };
    const result = solveSetup(setupOf(upright, [], []));
    expect(result.ok ? [] : result.faults.map(({ path }) => path)).toEqual(['$.exercise.demand']);
  });
});

describe('contact', () => {
  it('adds the loads of both hands to the band force as vectors', () => {
    const setup = setupOf(ROW, [TUBE], ['anchor', 'gripR']);
    const rigged = rigSetup(setup);
    if (!rigged.ok) return fail('no rig');
    const { rig, buffers } = rigged.value;
    const hand = (nodeIndex(rig, 'gripR') ?? NaN) * rig.prepared.samples;
    const [x = NaN, y = NaN, z = NaN] = [
      1.6 - (rig.nodeX[hand] ?? NaN),
      1.2 - (rig.nodeY[hand] ?? NaN),
      0.1 - (rig.nodeZ[hand] ?? NaN),
    ];
    const perMetre = (buffers.strand_N[0] ?? NaN) / Math.hypot(x, y, z);
    const loaded = solved({ ...setup, loads: [{ at: 'gripL', mass_kg: 2 }] });
    expect(loaded.demand[0]).toBeCloseTo(
      Math.hypot(perMetre * x, perMetre * y - 2 * G, perMetre * z),
      9,
    );
    expect(loaded.unassisted[0]).toBeCloseTo(2 * G, 9);
  });

  it('is what the anchor bears: what only draws the hands together cancels', () => {
    fc.assert(
      fc.property(bandArbitrary('a'), (band) => {
        const setup = setupOf(ROW, [{ ...band, loss: 0 }], ['anchor', 'gripL', 'gripR']);
        const { anchors, summary } = solved(setup);
        const peak_N = anchors['anchor']?.peak_N ?? NaN;
        // Of a band with two ends one hand has the loose end; of a loop the hands share all.
        if (band.kind === 'loop') expect(summary.peak).toBeCloseTo(peak_N, 6);
      }),
    );
  });

  it('is nothing for a loop between the two hands alone, which is said apart', () => {
    const loop: Band = { ...TUBE, kind: 'loop', flatLength_m: 0.15 };
    const rigged = rigSetup(setupOf(ROW, [loop], ['gripL', 'gripR']));
    if (!rigged.ok) return fail('no rig');
    const { buffers, summary } = rigged.value;
    expect(summary.peak).toBeCloseTo(0, 9);
    const together = drawnTogether(rigged.value);
    expect(together?.pull_N).toBeCloseTo(2 * Math.max(...buffers.strand_N.slice(0, 11)), 9);
    const anchored = rigSetup(setupOf(ROW, [{ ...loop, flatLength_m: 0.5 }], ['anchor', 'gripR']));
    expect(anchored.ok && drawnTogether(anchored.value)).toBeUndefined();
  });
});

describe('summary', () => {
  it('leaves figures without a meaning empty', () => {
    const { summary } = bare(ROW);
    expect(summary.match).toBeNull();
    expect(summary.slackShare).toBe(1);
    expect(summary.peakStretch).toBe(0);
    expect('assistMean' in summary).toBeFalse();
    const hang = bare({ ...ROW, bodyweight: true }).summary;
    expect(hang.assistMean).toBeNull();
    expect(hang.assistMin).toBeNull();
  });

  it('takes the mean as a trapezoid over the phases', () => {
    const { demand, summary } = solved(setupOf(ROW, [TUBE], ['anchor', 'gripR']));
    const inner = demand.slice(1, -1).reduce((sum, value) => sum + value, 0);
    const ends = ((demand[0] ?? NaN) + (demand.at(-1) ?? NaN)) / 2;
    expect(summary.mean).toBeCloseTo((inner + ends) / (demand.length - 1), 12);
    expect(summary.peak).toBe(Math.max(...demand));
  });

  it('is a perfect match when the demand follows the strength', () => {
    expect(bare(HANG).summary.match).toBeLessThan(1);
    expect(bare({ ...HANG, strength: 'flat' }).summary.match).toBeCloseTo(1, 12);
  });

  it('counts the samples where the band does more than all the work', () => {
    const rope: Band = { ...TUBE, law: { c1_N: 900, c2_N: 0, c3_N: 0 } };
    const setup: Setup = {
      ...setupOf(HANG, [rope], ['anchor', 'hips']),
      points: { anchor: [0, 3, 0] },
    };
    expect(solved(setup).summary.overAssistedShare).toBe(1);
  });

  it('knows the strength shapes at their ends and middle', () => {
    const shape = (name: Exercise['strength']) => [0, 0.5, 1].map((p) => strengthAt(name, p));
    expect(shape('ascending')).toEqual([0.5, 0.75, 1]);
    expect(shape('descending')).toEqual([1, 0.75, 0.5]);
    expect(shape('flat')).toEqual([1, 1, 1]);
    expect(shape('bell')[1]).toBe(1);
    expect(shape('bell')[2]).toBeCloseTo(0.6, 12);
  });
});
