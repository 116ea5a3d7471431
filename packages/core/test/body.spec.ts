import fc from 'fast-check';
import {
  CHAIN,
  contactNames,
  type Exercise,
  type Joint,
  JOINTS,
  type PreparedExercise,
  prepareExercise,
  type Segment,
  SEGMENTS,
} from '../src/index.js';
import { HANG, ROW } from './support/arbitraries.js';

const BODY = { stature_m: 1.75, mass_kg: 72 };

function prepared(exercise: Exercise, widths: Parameters<typeof prepareExercise>[2] = {}) {
  const result = prepareExercise(exercise, BODY, { samples: 5, ...widths });
  if (!result.ok) throw new Error(JSON.stringify(result.faults));
  return result.value;
}

/** Place of a contact at a sample, m. */
function at({ contacts, samples }: PreparedExercise, name: string, k: number) {
  const c = contacts.index.get(name);
  if (c === undefined) throw new Error(`no contact ${name}`);
  const i = c * samples + k;
  return { x: contacts.x[i] ?? NaN, y: contacts.y[i] ?? NaN, z: contacts.z[i] ?? NaN };
}

const angle = fc.double({ min: -180, max: 180, noNaN: true });

/** Exercises that name a random run of segments around a random root. */
const anyExercise: fc.Arbitrary<Exercise> = fc
  .record({
    first: fc.integer({ min: 0, max: 5 }),
    count: fc.integer({ min: 1, max: 6 }),
    rootAt: fc.integer({ min: 0, max: 6 }),
    plane: fc.constantFrom('sagittal' as const, 'frontal' as const, 'transverse' as const),
    from: fc.array(angle, { minLength: 6, maxLength: 6 }),
    to: fc.array(angle, { minLength: 6, maxLength: 6 }),
  })
  .map(({ first, count, rootAt, plane, from, to }) => {
    const named = CHAIN.slice(first, first + count);
    const pose = (angles: readonly number[]): Partial<Record<Segment, number>> =>
      Object.fromEntries(named.map((segment, i) => [segment, angles[i] ?? 0]));
    const root = JOINTS[Math.min(6, Math.max(first, rootAt))] as Joint;
    return {
      ...ROW,
      plane,
      root: { point: root, at: [0.1, 0.5] as const },
      poses: [
        { phase: 0, ...pose(from) },
        { phase: 1, ...pose(to) },
      ],
      demand: { kind: 'contact' as const, at: [] },
    };
  });

describe('body table', () => {
  it('adds up to one body', () => {
    const total = CHAIN.reduce((sum, segment) => {
      const { masses, paired } = SEGMENTS[segment];
      return sum + masses.reduce((own, { massShare }) => own + massShare, 0) * (paired ? 2 : 1);
    }, 0);
    expect(total).toBeCloseTo(1, 12);
  });
});

describe('motion', () => {
  it('keeps the length of every segment at every phase', () => {
    const exercise = prepared(ROW);
    for (const segment of CHAIN) {
      const { from, to, length } = SEGMENTS[segment];
      for (let k = 0; k < exercise.samples; k++) {
        const a = at(exercise, `${from}R`, k);
        const b = at(exercise, `${to}R`, k);
        expect(Math.hypot(b.x - a.x, b.y - a.y)).toBeCloseTo(length * BODY.stature_m, 12);
      }
    }
  });

  it('is linear between poses: angles and hands alike', () => {
    const turning: Exercise = {
      ...ROW,
      root: { point: 'elbow', at: [0, 0] },
      poses: [
        { phase: 0, forearm: 0 },
        { phase: 0.5, forearm: 90 },
        { phase: 1, forearm: 0 },
      ],
      demand: { kind: 'contact', at: ['gripR'] },
    };
    const exercise = prepared(turning);
    const reach = SEGMENTS.forearm.length * BODY.stature_m;
    expect(at(exercise, 'gripR', 1).x).toBeCloseTo(reach * Math.SQRT1_2, 12);
    expect(at(exercise, 'gripR', 2).y).toBeCloseTo(reach, 12);
    expect(at(exercise, 'gripR', 3).y).toBeCloseTo(reach * Math.SQRT1_2, 12);
    const hanging = prepared(HANG);
    const [start, middle, end] = [0, 2, 4].map((k) => {
      const grip = at(hanging, 'gripR', k);
      const shoulder = at(hanging, 'shoulderR', k);
      return { x: grip.x - shoulder.x, y: grip.y - shoulder.y };
    });
    expect(middle?.x).toBeCloseTo(((start?.x ?? 0) + (end?.x ?? 0)) / 2, 12);
    expect(middle?.y).toBeCloseTo(((start?.y ?? 0) + (end?.y ?? 0)) / 2, 12);
  });

  it('moves everything with the root, but not a hand that is given from the origin', () => {
    const moved = prepared(ROW, { root_m: [0.5, 0.1] });
    const still = prepared(ROW);
    expect(at(moved, 'gripR', 2).x - at(still, 'gripR', 2).x).toBeCloseTo(0.5, 12);
    const held: Exercise = {
      ...ROW,
      root: { point: 'toe', at: [0, 0] },
      poses: [
        { phase: 0, foot: -80, shank: 182, thigh: 182, trunk: 2, handAt: [0.72, 0] },
        { phase: 1, foot: -76, shank: 197, thigh: 197, trunk: 17, handAt: [0.72, 0] },
      ],
    };
    const grip = at(prepared(held, { root_m: [0.02, 0] }), 'gripL', 4);
    expect(grip.x).toBeCloseTo(0.72 * BODY.stature_m, 12);
    expect(grip.y).toBeCloseTo(0, 12);
  });
});

describe('contacts', () => {
  it('are those that their names promise, for any exercise', () => {
    fc.assert(
      fc.property(anyExercise, (exercise) => {
        const located = [...prepared(exercise).contacts.index.keys()].sort();
        expect(located).toEqual(contactNames(exercise).sort());
      }),
    );
  });

  it('mirror the right side: z in the sagittal, x in the frontal, y in the transverse plane', () => {
    const axis = { sagittal: 'z', frontal: 'x', transverse: 'y' } as const;
    fc.assert(
      fc.property(anyExercise, (exercise) => {
        const located = prepared(exercise);
        const across = axis[exercise.plane];
        for (const { name, side } of located.contacts.kinds) {
          if (side !== 'right') continue;
          const right = at(located, name, 3);
          const left = at(located, `${name.slice(0, -1)}L`, 3);
          expect(left[across] + right[across]).toBe(0);
        }
      }),
    );
  });

  it('lie on the middle line in the frontal and transverse planes', () => {
    const frontal = prepared({ ...ROW, plane: 'frontal' });
    expect(at(frontal, 'waist', 0).x).toBe(0);
    expect(at(frontal, 'lowerBack', 0).z).toBeCloseTo(0.06 * BODY.stature_m, 12);
    const transverse = prepared({ ...ROW, plane: 'transverse' });
    expect(at(transverse, 'waist', 0).y).toBe(0);
  });

  it('put the sole under the ankle, the back behind the trunk, the head over the shoulder', () => {
    const exercise = prepared(ROW);
    expect(at(exercise, 'soleR', 0).y).toBeCloseTo(0, 12);
    expect(at(exercise, 'soleR', 0).x).toBeCloseTo(0.35 * 0.152 * BODY.stature_m, 12);
    expect(at(exercise, 'upperBack', 0).x).toBeLessThan(at(exercise, 'hips', 0).x - 0.09);
    const rise = at(exercise, 'head', 0).y - at(exercise, 'shoulderR', 0).y;
    expect(rise).toBeCloseTo(0.13 * BODY.stature_m, 12);
  });

  it('take widths from the set-up, else from the exercise, else from the table', () => {
    expect(at(prepared(ROW), 'gripR', 0).z).toBeCloseTo((0.259 * BODY.stature_m) / 2, 12);
    const own = prepared({ ...ROW, widths: { grip: 0.4 } });
    expect(at(own, 'gripR', 0).z).toBeCloseTo(0.2 * BODY.stature_m, 12);
    const given = prepared({ ...ROW, widths: { grip: 0.4 } }, { widths: { grip_m: 0.3 } });
    expect(at(given, 'gripL', 0).z).toBeCloseTo(-0.15, 12);
  });

  it("take the exercise's own as given, at a share of the segment and an offset", () => {
    const contacts = { knot: { segment: 'trunk' as const, at: 0.5, offset: 0.1, z_m: 0.07 } };
    const exercise = prepared({ ...ROW, contacts });
    const hip = at(exercise, 'hips', 0);
    const knot = at(exercise, 'knot', 0);
    expect(knot.y - hip.y).toBeCloseTo(0.5 * 0.288 * BODY.stature_m, 12);
    expect(knot.x - hip.x).toBeCloseTo(-0.1 * BODY.stature_m, 12);
    expect(knot.z).toBe(0.07);
  });
});
