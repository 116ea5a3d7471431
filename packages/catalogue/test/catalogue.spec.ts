import { readdirSync } from 'node:fs';
import {
  dosesDocument,
  type ExerciseDocument,
  exerciseDocument,
  parseDocument,
  skillDocument,
} from '@wiry-otter/contracts';
import {
  type AnchorKind,
  type Band,
  CAUTION_RULES,
  composeSetup,
  type DemandCourse,
  GOALS,
  greatestTip,
  jointAngles,
  type PreparedExercise,
  prepareExercise,
  type RangedJoint,
  rigSetup,
  type Route,
  routeFor,
  type Setup,
  solveSetup,
  STANDARD_GRAVITY_M_S2,
} from '@wiry-otter/core';
import { CATALOGUE, DOSES, SKILLS } from '../src/index.js';

const STATURES = [1.5, 1.75, 2];
const KILOGRAMS_PER_METRE = 41;

/**
 * Ranges of a supple adult in the plane, degrees from the anatomical position,
 * bending positive (after the tables of the American Academy of Orthopaedic
 * Surgeons, with a little more where a movement takes the shoulder blade along).
 */
const RANGES: Readonly<Record<RangedJoint, readonly [number, number]>> = {
  shoulder: [-60, 190],
  elbow: [-5, 152],
  hip: [-30, 135],
  knee: [-5, 155],
  ankle: [-60, 35],
};

/** Legs that spread to the sides; in the sagittal plane they are drawn one up, one down. */
const SPREADS_LEGS = new Set(['straddle-front-lever', 'straddle-planche']);

const LOOP: Band = {
  id: 'loop',
  kind: 'loop',
  flatLength_m: 1.04,
  law: { c1_N: 20, c2_N: 16, c3_N: 0.2 },
};
const TUBE: Band = { ...LOOP, id: 'tube', kind: 'tube', flatLength_m: 1.2 };

/** Round what a band is choked, m: a pull-up bar, a rail of parallel bars, a post. */
const GIRTHS: Partial<Record<AnchorKind, number>> = { bar: 0.1, parallelBars: 0.13, post: 0.3 };

function setupOf(
  exercise: ExerciseDocument,
  stature_m: number,
  routes: readonly Route[],
  bands: readonly Band[],
): Setup {
  const { anchor } = exercise;
  return composeSetup({
    exercise,
    body: { stature_m, mass_kg: KILOGRAMS_PER_METRE * stature_m },
    anchor: anchor && {
      height_m: anchor.height * stature_m,
      distance_m: anchor.distance * stature_m,
      girth_m: GIRTHS[anchor.kinds[0] as AnchorKind],
    },
    routes,
    bands,
  });
}

/** What the exercise's first route is made for: an ordinary loop, else what the exercise takes. */
function bandsOf({ takes, bandOnEachSide }: ExerciseDocument): Band[] {
  const band = { ...LOOP, ...takes };
  return bandOnEachSide === true ? [band, { ...band, id: 'other loop' }] : [band];
}

/** Whether a demand does over the rep what its course says. */
const FOLLOWS: Record<DemandCourse, (demand: readonly number[]) => boolean> = {
  rises: (demand) => last(demand) > 1.05 * first(demand),
  falls: (demand) => last(demand) < 0.95 * first(demand),
  bell: (demand) => Math.max(...demand) > 1.05 * Math.max(first(demand), last(demand)),
  level: (demand) => Math.max(...demand) - Math.min(...demand) < 0.15 * Math.max(...demand),
};
const first = (values: readonly number[]): number => values[0] ?? NaN;
const last = (values: readonly number[]): number => values.at(-1) ?? NaN;

function prepared(exercise: ExerciseDocument, stature_m: number): PreparedExercise {
  const body = { stature_m, mass_kg: KILOGRAMS_PER_METRE * stature_m };
  const result = prepareExercise(exercise, body);
  if (!result.ok) throw new Error(`${exercise.id}: ${JSON.stringify(result.faults)}`);
  return result.value;
}

/** Heights of a contact at every phase, m. */
function heights({ contacts, samples }: PreparedExercise, name: string): number[] {
  const c = contacts.index.get(name);
  if (c === undefined) throw new Error(`no contact ${name}`);
  return Array.from(contacts.y.subarray(c * samples, (c + 1) * samples));
}

describe('catalogue', () => {
  it('holds every document of its folder, under ids of their own', () => {
    const files = readdirSync(new URL('../exercises', import.meta.url));
    expect(CATALOGUE.map(({ id }) => `${id}.json`).sort()).toEqual(files.sort());
    expect(CATALOGUE.length).toBeGreaterThanOrEqual(60);
  });

  it('is what its schemas make of it, to the last field: the app does not parse it again', () => {
    for (const exercise of CATALOGUE) {
      expect(parseDocument(exerciseDocument, exercise)).toEqual({ ok: true, value: exercise });
    }
    for (const skill of SKILLS) {
      expect(parseDocument(skillDocument, skill)).toEqual({ ok: true, value: skill });
    }
  });

  it('says of every exercise how to do it, what goes wrong and what it trains', () => {
    for (const { id, groups, cues, faults, feel, routes, posture, unassisted } of CATALOGUE) {
      const parts = { groups, cues, faults, feel, routes, posture, unassisted };
      for (const [part, value] of Object.entries(parts)) {
        expect(value).withContext(`${id}: ${part}`).toBeDefined();
        if (Array.isArray(value))
          expect(value.length).withContext(`${id}: ${part}`).toBeGreaterThan(0);
      }
    }
  });

  it('names neighbours and cautions that exist', () => {
    const ids = new Set(CATALOGUE.map(({ id }) => id));
    const rules = new Set(CAUTION_RULES.map(({ id }) => id));
    for (const { id, easier = [], harder = [], cautions = [] } of CATALOGUE) {
      for (const other of [...easier, ...harder]) {
        expect(ids.has(other)).withContext(`${id} names ${other}`).toBeTrue();
      }
      for (const rule of cautions) {
        expect(rules.has(rule)).withContext(`${id} names ${rule}`).toBeTrue();
      }
    }
  });

  for (const exercise of CATALOGUE) {
    describe(exercise.id, () => {
      for (const stature_m of STATURES) {
        it(`stands, hangs or lies where its words say at ${stature_m} m`, () => {
          const laid = prepared(exercise, stature_m);
          for (const { at, height } of exercise.supports ?? []) {
            for (const y of heights(laid, at)) {
              expect(y / stature_m)
                .withContext(at)
                .toBeCloseTo(height, 2);
            }
          }
          if (exercise.plane === 'transverse') return;
          for (const name of ['toeR', 'ankleR', 'kneeR', 'hipR', 'shoulderR', 'elbowR', 'gripR']) {
            if (!laid.contacts.index.has(name)) continue;
            const lowest = Math.min(...heights(laid, name)) / stature_m;
            expect(lowest).withContext(`${name} over the floor`).toBeGreaterThan(-0.02);
          }
        });

        it(`asks what it should without a band at ${stature_m} m`, () => {
          const { unassisted } = exercise;
          if (unassisted === undefined) return fail('no bounds');
          const weight = KILOGRAMS_PER_METRE * stature_m * STANDARD_GRAVITY_M_S2;
          const one = unassisted.per === 'weight' ? weight : weight * stature_m;
          for (const demand of prepared(exercise, stature_m).demand.unassisted) {
            const share = Math.abs(demand) / one;
            expect(share).toBeGreaterThanOrEqual(unassisted.least - 1e-9);
            expect(share).toBeLessThanOrEqual(unassisted.most + 1e-9);
          }
        });

        it(`takes a band on every route at ${stature_m} m`, () => {
          for (const route of exercise.routes ?? []) {
            const bands = [LOOP, TUBE].filter((band) => routeFor([route], band) !== undefined);
            const result = solveSetup(setupOf(exercise, stature_m, [route], bands));
            if (!result.ok) return fail(JSON.stringify(result.faults));
            expect(result.value.runs.length).withContext(route.id).toBe(1);
          }
        });

        it(`pulls from the start, against the muscle, on feet that hold, at ${stature_m} m`, () => {
          const { course, routes = [] } = exercise;
          const setup = setupOf(exercise, stature_m, routes.slice(0, 1), bandsOf(exercise));
          const rigged = rigSetup(setup);
          const solved = solveSetup(setup);
          if (!rigged.ok || !solved.ok) return fail('not to be solved');
          const { demand, summary } = solved.value;
          expect(summary.slackShare).toBe(0);
          expect(summary.reversedShare).toBeLessThanOrEqual(0.1);
          // The caution `balance` speaks from two centimetres on.
          expect(Math.abs(greatestTip({ setup, solved: rigged.value }) ?? 0)).toBeLessThan(0.02);
          if (course === undefined) return fail('no course');
          expect(FOLLOWS[course](demand))
            .withContext(`${course}: ${demand.map((value) => value.toFixed(0)).join(' ')}`)
            .toBeTrue();
        });
      }

      it('bends no joint past its range', () => {
        const laid = prepared(exercise, 1.75);
        for (let k = 0; k < laid.samples; k++) {
          for (const [joint, angle] of Object.entries(jointAngles(exercise.plane, laid, k))) {
            if (joint === 'hip' && SPREADS_LEGS.has(exercise.id)) continue;
            const [least, most] = RANGES[joint as RangedJoint];
            const where = `${joint} at phase ${laid.phase[k]}`;
            expect(angle).withContext(where).toBeGreaterThanOrEqual(least);
            expect(angle).withContext(where).toBeLessThanOrEqual(most);
          }
        }
      });
    });
  }
});

describe('the doses', () => {
  it('fit their schema', () => {
    expect(dosesDocument.parse(DOSES)).toEqual(DOSES);
  });

  it('train who is in rehab by the rules of rehab, and nobody else', () => {
    const schools = GOALS.map((goal) => [goal, DOSES.goals[goal].reps.school]);
    expect(Object.fromEntries(schools)).toEqual({
      ...{ build: 'fill-range', keep: 'fill-range', rehab: 'rehab', skill: 'fill-range' },
    });
  });

  it('of a Nordic are slow lowerings: two sets of four with help, three without', () => {
    const dose = SKILLS.find(({ id }) => id === 'nordic')?.dose;
    expect([dose?.school, dose?.sets, dose?.bareSets]).toEqual(['lowering', 3, 1]);
    expect(dose?.work).toEqual(jasmine.objectContaining({ reps: 4, bareReps: 3 }));
    expect(dose?.exit).toEqual({ sets: 3, reps: 10 });
  });
});
