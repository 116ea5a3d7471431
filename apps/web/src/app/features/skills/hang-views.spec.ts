import { findExercise, SKILLS } from '@wiry-otter/catalogue';
import type { ExerciseDocument, SkillDocument } from '@wiry-otter/contracts';
import { createRigger, knowBand, rigSetup, solveSetup, USUAL_UNITS } from '@wiry-otter/core';
import { measuredBand, personRecord, placeRecord, pull } from '../../../testing/records';
import { solveWorkbench, type WorkbenchInput } from '../setups/workbench/solve-workbench';
import { EMPTY_WORKBENCH } from '../setups/workbench/workbench-state';
import { balanceOf, phasesTo, shiftsOf, targetHeight } from './balance';
import { bandsAtPlaces, type HangView, hangDetails, hangViews } from './hang-views';
import { amountWords, liftWords, mountingWords, pointNames, shareWords } from './skill-words';

const PLANK = knowBand(measuredBand([pull(1.35, 48), pull(1.77, 88), pull(2.18, 121)]));

function skill(id: string): SkillDocument {
  return SKILLS.find((one) => one.id === id) as SkillDocument;
}

function exercise(id: string): ExerciseDocument {
  return findExercise(id) as ExerciseDocument;
}

function inputOf(id: string, part: Partial<WorkbenchInput> = {}): WorkbenchInput {
  const of = exercise(id);
  const person = personRecord();
  const anchor = placeRecord().anchors[0];
  if (anchor === undefined || of.anchor === undefined) throw new Error('no anchor');
  return {
    person,
    exercise: of,
    placeId: null,
    anchor: { ...anchor, kind: 'bar', girth_m: 0.1 },
    bands: [PLANK],
    today: '2026-11-23',
    eyesRule: false,
    units: USUAL_UNITS,
    state: {
      ...EMPTY_WORKBENCH,
      exerciseId: id,
      bandIds: [PLANK.record.id],
      height_m: of.anchor.height * person.stature_m,
      distance_m: of.anchor.distance * person.stature_m,
    },
    ...part,
  };
}

const viewsOf = (input: WorkbenchInput, of: string): HangView[] =>
  hangViews(input, skill(of), {}, createRigger());

function viewAt(views: readonly HangView[], where: string): HangView {
  const found = views.find(({ place }) => place.where === where);
  if (found === undefined) throw new Error(`nothing hangs at the ${where}`);
  return found;
}

describe('the places of a skill', () => {
  it('tell to the last digit what a solution of the same set-up tells', () => {
    const views = viewsOf(inputOf('pull-up'), 'pull');
    expect(views.map(({ place }) => place.where)).toEqual([
      'foot',
      'shin',
      'knee',
      'both knees',
      'across the hands',
      'hips',
    ]);
    for (const { help, setup } of views) {
      const solved = solveSetup(setup);
      if (!solved.ok) return fail(JSON.stringify(solved.faults));
      const { assist, unassisted, demand } = solved.value;
      expect(help.curve.map(({ share }) => share)).toEqual([...(assist ?? [])]);
      if (help.lifts !== null) continue;
      help.curve.forEach((at, k) => {
        expect(amountWords(at.help, help.unit, 'N')).toBe(
          amountWords((unassisted[k] ?? 0) - (demand[k] ?? 0), help.unit, 'N'),
        );
      });
    }
  });

  it('are laid as the workbench lays them, the one that is set among them', () => {
    const input = inputOf('pull-up');
    const knee = viewAt(viewsOf(input, 'pull'), 'knee');
    const taken = { ...input, state: { ...input.state, ...knee.part } };
    const solved = solveWorkbench(taken);
    if (!('document' in solved)) return fail(JSON.stringify(solved));
    expect(solved.document.runs).toEqual(knee.setup.runs as typeof solved.document.runs);
    expect(
      viewsOf(taken, 'pull')
        .filter(({ isSet }) => isSet)
        .map(({ place }) => place.where),
    ).toEqual(['knee']);
  });

  it('hang a band on the route that was chosen there', () => {
    const folded = hangViews(
      inputOf('pull-up'),
      skill('pull'),
      { foot: 'folded-sole' },
      createRigger(),
    );
    const once = viewAt(viewsOf(inputOf('pull-up'), 'pull'), 'foot');
    expect(viewAt(folded, 'foot').route.id).toBe('folded-sole');
    expect(viewAt(folded, 'foot').help.start.help).toBeGreaterThan(3 * once.help.start.help);
    expect(viewAt(folded, 'knee').route.id).toBe('hung-knee');
  });

  it('say of a slack lever what makes it taut, and what the hip holds', () => {
    const input = inputOf('front-lever');
    const views = viewsOf(input, 'front-lever');
    const hips = hangDetails(input, skill('front-lever'), viewAt(views, 'hips'));
    expect(hips.slackness?.shorter_m).toBeGreaterThan(0.1);
    expect(hips.slackness?.folded?.routeId).toBe('folded-hips');
    const foot = hangDetails(input, skill('front-lever'), viewAt(views, 'foot'));
    expect(foot.slackness).toBeUndefined();
    expect(foot.hip?.with).toBeLessThan(foot.hip?.without ?? 0);
  });

  it('tell of each band alone, folded where it would hang slack', () => {
    const [row] = bandsAtPlaces(
      inputOf('front-lever'),
      skill('front-lever'),
      [PLANK],
      createRigger(),
    );
    const hips = row?.helps.find(({ where }) => where === 'hips');
    expect(hips?.isFolded).toBeTrue();
    expect(hips?.help.slackShare).toBe(0);
    expect(row?.helps.find(({ where }) => where === 'foot')?.isFolded).toBeFalse();
  });

  it('are none without a band', () => {
    expect(viewsOf(inputOf('pull-up', { bands: [] }), 'pull')).toEqual([]);
  });
});

describe('words of a skill', () => {
  const namesOf = (id: string) => {
    const input = inputOf(id);
    const solved = solveWorkbench(input);
    if (!('document' in solved)) throw new Error(JSON.stringify(solved));
    return pointNames(input.exercise, solved.solved.rig.prepared);
  };

  it('name the ends of a movement by where the body goes', () => {
    expect(namesOf('pull-up')).toEqual({ start: 'bottom', middle: 'middle', end: 'top' });
    expect(namesOf('nordic-lowering')).toEqual({ start: 'top', middle: 'middle', end: 'bottom' });
    expect(namesOf('front-lever').start).toBe('start');
  });

  it('say a lift as what it is, and stepping in against the limit', () => {
    expect(liftWords({ phase: 0, by: 150 }, 'N', 'Runa', 'N')).toBe(
      'lifts Runa by 150 N more than is needed',
    );
    expect(liftWords({ phase: 0, by: 12 }, 'N·m', 'Runa', 'N')).toContain(
      'the other way with 12.0 N·m',
    );
    const pulls = { mounting_N: 260, lettingGo_N: 260 } as HangView['help'];
    expect(mountingWords(pulls, 250, 'N')).toEqual({
      words: 'stepping in, letting go 260 N, over the limit of 250 N',
      isOver: true,
    });
    expect(mountingWords({ ...pulls, mounting_N: 90 }, 250, 'N').words).toBe(
      'stepping in 90 N, letting go 260 N, limit 250 N',
    );
    expect([shareWords(0.254), shareWords(null)]).toEqual(['25 %', '–']);
  });
});

describe('balance of a skill', () => {
  it('tells what sagging hips and nearer hands do, and nothing where they do nothing', () => {
    const body = personRecord();
    const folded = inputOf('front-lever');
    const state = { ...folded.state, routeIds: { continuous: 'folded-hips', open: null } };
    const shifts = shiftsOf({ ...folded, state }, body);
    expect(shifts.map(({ words }) => words)).toContain('hips 10 cm lower');
    const cradle = { ...folded.state, routeIds: { continuous: 'cradle', open: null }, slip_m: 0.3 };
    const words = shiftsOf({ ...folded, state: cradle }, body).map((shift) => shift.words);
    expect(words).toContain('hands 5 cm nearer each other');
  });

  it('has the weight of a planche beside the shoulders and near over the hands', () => {
    const of = exercise('planche');
    const solved = rigSetup({
      body: personRecord(),
      exercise: of,
      points: {},
      bands: [],
      runs: [],
    });
    if (!solved.ok) return fail(JSON.stringify(solved.faults));
    const point = balanceOf(of, solved.value.rig.prepared);
    expect(point?.supportWords).toBe('shoulders');
    expect(point?.carried?.words).toBe('hands');
    expect(Math.abs(point?.carried?.away_m ?? 1)).toBeLessThan(0.25);
  });

  it('ends a way down at the height of the target, to the centimetre', () => {
    const of = exercise('nordic-lowering');
    const body = personRecord();
    const whole = targetHeight(of, body, 'chest', 1);
    if (whole === undefined) return fail('no chest');
    const height_m = (whole.lowest_m + whole.highest_m) / 2;
    const phases = phasesTo(of, body, 'chest', height_m);
    const reached = targetHeight(of, body, 'chest', phases?.to ?? 0);
    expect(reached?.present_m).toBeCloseTo(height_m, 2);
    expect(phasesTo(of, body, 'chest', 0)).toBeNull();
  });
});
