import { readdirSync } from 'node:fs';
import type { ExerciseDocument, SkillDocument } from '@wiry-otter/contracts';
import {
  type Band,
  type Body,
  centreOfMass,
  composeSetup,
  heightsOf,
  type Help,
  helpOver,
  levelsByDemand,
  type LevelDemand,
  momentAtHip,
  type MomentAtHip,
  phaseAtHeight,
  prepareExercise,
  type PreparedExercise,
  rigSetup,
  sagged,
  type Setup,
  slacknessOf,
  solveSetup,
} from '@wiry-otter/core';
import { findExercise, SKILLS } from '../src/index.js';

/** People from small and light to tall and heavy, and both other ways round. */
const BODIES: readonly Body[] = [1.5, 1.75, 2].flatMap((stature_m) =>
  [50, 75, 100].map((mass_kg) => ({ stature_m, mass_kg })),
);
const BAND: Band = {
  id: 'loop',
  kind: 'loop',
  flatLength_m: 1.04,
  law: { c1_N: 20, c2_N: 16, c3_N: 0.2 },
};
/** Short enough to be taut between a bar and the hips of the smallest. */
const SHORT: Band = { ...BAND, flatLength_m: 0.35, limit: 3 };
const BAR_GIRTH_M = 0.1;

function skill(id: string): SkillDocument {
  const found = SKILLS.find((one) => one.id === id);
  if (found === undefined) throw new Error(`no skill ${id}`);
  return found;
}

function exercise(id: string): ExerciseDocument {
  const found = findExercise(id);
  if (found === undefined) throw new Error(`no exercise ${id}`);
  return found;
}

function levels(of: SkillDocument, body: Body): LevelDemand[] {
  const found = levelsByDemand(
    of.levels.map((level) => ({ level, exercise: exercise(level.exercise) })),
    body,
    of.limb !== undefined,
  );
  if (!found.ok) throw new Error(JSON.stringify(found.faults));
  return found.value;
}

function laid(exerciseId: string, routeId: string, body: Body, band = BAND): Setup {
  const of = exercise(exerciseId);
  const { anchor, routes = [] } = of;
  return composeSetup({
    exercise: of,
    body,
    anchor: anchor && {
      height_m: anchor.height * body.stature_m,
      distance_m: anchor.distance * body.stature_m,
      girth_m: BAR_GIRTH_M,
    },
    routes: routes.filter(({ id }) => id === routeId),
    bands: [band],
  });
}

function help(exerciseId: string, routeId: string, body: Body, band = BAND): Help {
  const setup = laid(exerciseId, routeId, body, band);
  const solved = rigSetup(setup);
  if (!solved.ok) throw new Error(JSON.stringify(solved.faults));
  return helpOver(setup, solved.value);
}

function hip(exerciseId: string, routeId: string, body: Body): MomentAtHip {
  const moment = momentAtHip(laid(exerciseId, routeId, body));
  if (moment === undefined) throw new Error(`no moment at the hip in ${exerciseId}`);
  return moment;
}

describe('skills', () => {
  it('hold every document of their folder', () => {
    const files = readdirSync(new URL('../skills', import.meta.url));
    expect(SKILLS.map(({ id }) => `${id}.json`).sort()).toEqual(files.sort());
  });

  it('name exercises that exist, and routes that each of their levels can take somewhere', () => {
    for (const { beyond = [], hangs, id, levels: list, target } of SKILLS) {
      const exercises = [...list.map((level) => level.exercise), ...beyond].map(exercise);
      for (const { routes, where } of hangs) {
        for (const route of routes) {
          expect(exercises.some((one) => one.routes?.some((other) => other.id === route)))
            .withContext(`${id}, ${where}: ${route}`)
            .toBeTrue();
        }
      }
      for (const one of exercises) {
        const hung = hangs.flatMap(({ routes }) => routes);
        const left = (one.routes ?? []).filter((route) => !hung.includes(route.id));
        expect(left.map((route) => route.id))
          .withContext(`${id}: routes of ${one.id} that hang nowhere`)
          .toEqual([]);
        if (target !== undefined) expect(one.contacts?.[target]).withContext(id).toBeDefined();
      }
    }
  });

  for (const body of BODIES) {
    describe(`for ${body.stature_m} m and ${body.mass_kg} kg`, () => {
      // What stretches away from the shoulders has its weight farther from them.
      for (const id of ['front-lever', 'planche']) {
        it(`rise strictly from tuck to full in the ${id}`, () => {
          const found = levels(skill(id), body);
          expect(found.map(({ level }) => level.exercise)).toEqual(
            skill(id).levels.map((level) => level.exercise),
          );
          found.slice(1).forEach(({ demand }, i) => {
            expect(demand).toBeGreaterThan(1.03 * (found[i]?.demand ?? Infinity));
          });
        });
      }

      it('keep the order of the data where both hands carry the whole, one arm last', () => {
        const found = levels(skill('pull'), body);
        expect(found.map(({ level }) => level.exercise)).toEqual([
          'chin-up',
          'pull-up',
          'wide-pull-up',
          'one-arm-pull',
        ]);
        expect(found[3]?.demand).toBeCloseTo(2 * (found[0]?.demand ?? 0), 9);
      });

      it('ask more the farther down a Nordic lowering goes', () => {
        const [third, two, all] = levels(skill('nordic'), body).map(({ demand }) => demand);
        expect(third).toBeLessThan(0.8 * (two ?? 0));
        expect(two).toBeLessThan(0.95 * (all ?? 0));
      });

      // The foot comes up with the body and the bar stays: the band gets shorter all the way.
      it('lose help at the foot from the bottom to the top of a pull-up', () => {
        const { curve } = help('pull-up', 'hung-sole', body);
        curve.slice(1).forEach(({ help: now }, i) => {
          expect(now).toBeLessThan(curve[i]?.help ?? -Infinity);
        });
      });

      // The foot is farther from the bar than the shin, and the shin than the knee.
      it('help more at the foot than at the shin, and there more than at the knee', () => {
        const [foot, shin, knee] = ['hung-sole', 'hung-shin', 'hung-knee'].map(
          (route) => help('pull-up', route, body).start.help,
        );
        expect(foot).toBeGreaterThan(shin ?? Infinity);
        expect(shin).toBeGreaterThan(knee ?? Infinity);
      });

      // Both hang about as far under the bar; the hips are farther from the shoulders, about which
      // the moment is taken.
      it('help more at the hips than at the lower back in every lever', () => {
        for (const { exercise: id } of skill('front-lever').levels) {
          const [hips, back] = ['hung-hips', 'hung-lowerBack'].map(
            (route) => help(id, route, body, SHORT).middle.help,
          );
          expect(hips)
            .withContext(id)
            .toBeGreaterThan(back ?? Infinity);
          expect(back).withContext(id).toBeGreaterThan(0);
        }
      });

      // A band at the feet carries the legs, which the hip else holds up.
      it('unload the hip from the feet, and not from the hips', () => {
        const feet = hip('front-lever', 'hung-sole', body);
        const hips = hip('front-lever', 'hung-hips', body);
        expect(feet.with).toBeLessThan(feet.without);
        expect(hips.with).toBeCloseTo(hips.without, 9);
      });

      it('tell the help that a solution tells', () => {
        const setup = laid('pull-up', 'hung-sole', body);
        const solved = solveSetup(setup);
        if (!solved.ok) return fail(JSON.stringify(solved.faults));
        const { curve, mounting_N } = help('pull-up', 'hung-sole', body);
        expect(curve.map(({ share }) => share)).toEqual([...(solved.value.assist ?? [])]);
        const [run] = solved.value.runs;
        expect(mounting_N).toBe(2 * (run?.strand_N[0] ?? NaN));
      });
    });
  }
});

const BODY: Body = { stature_m: 1.75, mass_kg: 70 };

function prepared(of: ExerciseDocument): PreparedExercise {
  const result = prepareExercise(of, BODY);
  if (!result.ok) throw new Error(JSON.stringify(result.faults));
  return result.value;
}

describe('a slack band', () => {
  const slackness = (routeId: string, band: Band, girth_m = BAR_GIRTH_M, id = 'front-lever') => {
    const of = exercise(id);
    const { routes = [] } = of;
    return slacknessOf(
      {
        exercise: of,
        body: BODY,
        anchor: { height_m: 2.31, distance_m: 0, girth_m },
        routes: routes.filter((route) => route.id === routeId),
        bands: [band],
      },
      routes.filter(({ id: other }) => other === 'folded-hips'),
    );
  };

  it('is told how much shorter it must hang, and the fewest turns or the fold that make it taut', () => {
    const long = { ...BAND, flatLength_m: 0.8 };
    const found = slackness('hung-hips', long);
    if (found === undefined || found.turned === null) return fail('taut, or beyond turns');
    // A turn takes the girth off each strand: just enough of them, and not one too many.
    expect(found.turned.turns).toBe(Math.floor(found.shorter_m / BAR_GIRTH_M) + 1);
    expect(found.folded).toEqual({ routeId: 'folded-hips', turns: 0 });
    const shorter = { ...long, flatLength_m: long.flatLength_m - found.shorter_m - 1e-6 };
    expect(slackness('hung-hips', shorter)).toBeUndefined();
    const longer = { ...long, flatLength_m: long.flatLength_m - found.shorter_m + 1e-6 };
    expect(slackness('hung-hips', longer)?.shorter_m).toBeCloseTo(1e-6, 9);
  });

  it('has no turns where there is nothing to lie round, and no cure where none is within its limit', () => {
    const bare = slackness('hung-hips', { ...BAND, flatLength_m: 0.8 }, 0);
    expect(bare?.turned).toBeNull();
    const endless = slackness('hung-hips', { ...BAND, flatLength_m: 4 });
    expect(endless?.turned).toBeNull();
    expect(endless?.folded).toBeNull();
  });

  it('counts only at the start of a movement', () => {
    expect(slackness('hung-knee', BAND, BAR_GIRTH_M, 'pull-up')).toBeUndefined();
  });
});

describe('balance', () => {
  it('has the centre of mass of a tucked body nearer to the shoulders than of a straight one', () => {
    const ahead = (id: string): number => {
      const of = prepared(exercise(id));
      const shoulder = of.contacts.x[(of.contacts.index.get('shoulderR') ?? 0) * of.samples];
      return Math.abs((centreOfMass(of, 0)?.[0] ?? NaN) - (shoulder ?? NaN));
    };
    expect(ahead('tuck-front-lever')).toBeLessThan(ahead('front-lever'));
  });

  it('lets the hips sink by what they sag, with the shoulders where they are', () => {
    const of = exercise('front-lever');
    const [before, after] = [prepared(of), prepared(sagged(of, BODY, 0.1))];
    const at = (laid: PreparedExercise, name: string): number => heightsOf(laid, name)?.[0] ?? NaN;
    expect(at(before, 'hipR') - at(after, 'hipR')).toBeCloseTo(0.1, 9);
    expect(at(after, 'shoulderR')).toBeCloseTo(at(before, 'shoulderR'), 9);
    const nordic = exercise('nordic-lowering');
    expect(sagged(nordic, BODY, 0.1)).toBe(nordic);
  });
});

describe('a target under the chest', () => {
  const nordic = prepared(exercise('nordic-lowering'));

  it('ends the way down where the chest comes to it', () => {
    const heights = heightsOf(nordic, 'chest') ?? [];
    const half = heights[20] ?? NaN;
    expect(phaseAtHeight(nordic, 'chest', half)).toBeCloseTo(0.5, 9);
    const [above, below] = [heights[29] ?? NaN, heights[30] ?? NaN];
    expect(phaseAtHeight(nordic, 'chest', (above + below) / 2)).toBeCloseTo(29.5 / 40, 9);
  });

  it('is reached at the end where it lies lower, and nowhere above the start', () => {
    expect(phaseAtHeight(nordic, 'chest', 0)).toBe(1);
    expect(phaseAtHeight(nordic, 'chest', 3)).toBeUndefined();
    expect(phaseAtHeight(nordic, 'no-contact', 0.5)).toBeUndefined();
  });
});
