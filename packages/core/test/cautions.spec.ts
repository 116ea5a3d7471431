import {
  type AnchoredExercise,
  type AnchoredSetup,
  type AnchorFacts,
  type Band,
  type Caution,
  BY_EYE,
  CAUTION_RULES,
  type CautionContext,
  type ClearanceLimits,
  clearanceWords,
  findCautions,
  type ForceUnit,
  type Units,
  USUAL_UNITS,
  type Grade,
  greatestTip,
  leastDistance,
  type Material,
  type Matrix3,
  type PersonFacts,
  RANGE_90,
  rigSetup,
  type Setup,
  type Softening,
  solutionSpread,
  type WorkFacts,
} from '../src/index.js';
import { HANG, ROW, setupOf } from './support/arbitraries.js';

const END_HELD = ['anchor', 'gripL', 'gripR'];

interface Case {
  readonly distance_m?: number;
  readonly height_m?: number;
  readonly strength?: number;
  readonly limit?: number;
  readonly grade?: Grade;
  readonly retired?: boolean;
  readonly material?: Material;
  readonly inspectionDue?: boolean;
  readonly softening?: Softening;
  readonly flatLengths?: readonly number[];
  readonly anchor?: Partial<AnchorFacts>;
  readonly person?: Partial<PersonFacts>;
  readonly movement?: readonly string[];
  readonly work?: WorkFacts;
  readonly exercise?: AnchoredExercise;
  readonly path?: readonly string[];
  readonly hitch_m?: number;
  readonly setup?: Partial<Setup>;
  readonly hasHandles?: boolean;
  readonly covariance?: Matrix3;
}

const PERSON: PersonFacts = {
  goal: 'keep',
  latexAllergy: false,
  bornOn: null,
  conditions: [],
  mountLimit_N: 250,
  ranges: [],
  clearance: null,
};
const WALL: AnchorFacts = { name: 'Wall ring', kind: 'wall', ratedLoad_N: 5000, door: null };
const DOOR: AnchorFacts = {
  name: 'Hall door',
  kind: 'door',
  ratedLoad_N: 5000,
  door: { side: 'over', opens: 'away', locked: false },
};
const TODAY = '2026-11-25';

function contextOf(options: Case): CautionContext {
  const {
    distance_m = 1.9,
    height_m = 1.2,
    strength = 1,
    limit = 2.5,
    grade = 'measured',
  } = options;
  const bands: Band[] = (options.flatLengths ?? [1.04]).map((flatLength_m, i) => ({
    id: `b${i}`,
    kind: 'loop',
    flatLength_m,
    law: { c1_N: 12 * strength, c2_N: 10 * strength, c3_N: 0.1 * strength },
    limit,
  }));
  const exercise: AnchoredExercise = {
    ...(options.exercise ?? ROW),
    cautions: options.movement ?? [],
  };
  const laid = setupOf(exercise, bands, options.path ?? END_HELD, [distance_m, height_m, 0]);
  const { hitch_m = 0 } = options;
  const setup: AnchoredSetup = {
    ...laid,
    exercise,
    runs: laid.runs.map((run) => ({ ...run, takeUp_m: hitch_m, hitch_m })),
    ...options.setup,
  };
  const rigged = rigSetup(setup);
  if (!rigged.ok) throw new Error('no rig');
  return {
    setup,
    solved: rigged.value,
    anchor: { ...WALL, ...options.anchor },
    person: { ...PERSON, ...options.person },
    today: TODAY,
    work: options.work,
    bands: bands.map(({ id, flatLength_m }) => ({
      id,
      title: `Band ${id}`,
      grade,
      retired: options.retired ?? false,
      flatLength_m,
      material: options.material ?? 'latexLayered',
      inspectionDue: options.inspectionDue ?? false,
      softening: options.softening ?? null,
      hasHandles: options.hasHandles,
      covariance: options.covariance,
    })),
  };
}

const isLetGo = ({ rule }: Caution): boolean => rule === 'let-go';

const rulesOf = (options: Case): string[] =>
  findCautions(contextOf(options)).map(({ rule }) => rule);

const inForce = (force?: ForceUnit): { units?: Units } =>
  force === undefined ? {} : { units: { ...USUAL_UNITS, force } };

describe('cautions', () => {
  it('are silent for a sound set-up', () => {
    expect(rulesOf({})).toEqual([]);
  });

  it('stretch-limit names the least distance that cures it, and it does', () => {
    const [caution] = findCautions(contextOf({ distance_m: 2.9 }));
    expect(caution?.rule).toBe('stretch-limit');
    const closer_m = caution?.cure?.kind === 'distance' ? caution.cure.closer_m : 0;
    expect(closer_m).toBeGreaterThan(0.02);
    // It lands two centimetres inside the limit, not on it.
    expect(rulesOf({ distance_m: 2.9 - closer_m + 0.02 })).not.toContain('stretch-limit');
    expect(rulesOf({ distance_m: 2.9 - closer_m + 0.03 })).toContain('stretch-limit');
  });

  it('stretch-limit leaves the solved rig as it was', () => {
    const context = contextOf({ distance_m: 2.9 });
    const before = Array.from(context.solved.buffers.signed);
    findCautions(context);
    expect(Array.from(context.solved.buffers.signed)).toEqual(before);
  });

  it('stretch-high warns within 5 % of the limit, not below', () => {
    const peak = contextOf({}).solved.summary.peakStretch;
    expect(rulesOf({ limit: peak / 0.96 })).toContain('stretch-high');
    expect(rulesOf({ limit: peak / 0.94 })).not.toContain('stretch-high');
  });

  it('slack-start warns when the band hangs loose at the start', () => {
    expect(rulesOf({ distance_m: 1.35 })).toContain('slack-start');
  });

  it('slack-start says how much of the rep is slack, and when nothing at all is trained', () => {
    const said = (distance_m: number): string | undefined =>
      findCautions(contextOf({ distance_m })).find(({ rule }) => rule === 'slack-start')?.text;
    expect(said(1.2)).toMatch(/slack for \d+ % of the rep: only the last part is trained/);
    expect(said(1.35)).toMatch(/slack for 36 % of the rep: that part is not trained/);
    expect(said(0.9)).toMatch(/slack all through the rep: nothing is trained/);
  });

  it('label-only warns of the grade label alone', () => {
    expect(rulesOf({ grade: 'label' })).toEqual(['label-only']);
    expect(rulesOf({ grade: 'partial' })).toEqual([]);
  });

  it('band-state refuses a retired band', () => {
    expect(rulesOf({ retired: true })).toEqual(['band-state']);
  });

  it('latex refuses latex for the allergic alone, fabric with latex threads too', () => {
    expect(rulesOf({ person: { latexAllergy: true } })).toEqual(['latex']);
    expect(rulesOf({ person: { latexAllergy: true }, material: 'fabric' })).toEqual(['latex']);
    expect(rulesOf({ person: { latexAllergy: true }, material: 'synthetic' })).toEqual([]);
    expect(rulesOf({ person: { latexAllergy: false } })).toEqual([]);
  });

  it('inspection-due warns of a band whose walk is due', () => {
    expect(rulesOf({ inspectionDue: true })).toEqual(['inspection-due']);
  });

  it('soft-band warns of a soft band and says by how much', () => {
    const softening = { share: 0.17, std: 0.03, soft: true };
    const [caution] = findCautions(contextOf({ softening }));
    expect(caution?.rule).toBe('soft-band');
    expect(caution?.text).toContain('17 %');
    expect(rulesOf({ softening: { ...softening, share: 0.1, soft: false } })).toEqual([]);
  });

  it('mixed-lengths notes flat lengths more than 3 % apart', () => {
    expect(rulesOf({ flatLengths: [1, 1.03] })).toEqual([]);
    expect(rulesOf({ flatLengths: [1, 1.04] })).toEqual(['mixed-lengths']);
  });

  it('tell forces in the unit asked for, newtons unless one is', () => {
    const context = contextOf({ strength: 5 });
    const pull_N = Number(findCautions(context).find(isLetGo)?.figures['pull_N']);
    const words = (unit?: ForceUnit): string | undefined =>
      /under (.*) when/.exec(
        findCautions({ ...context, ...inForce(unit) }).find(isLetGo)?.text ?? '',
      )?.[1];
    expect(words()).toBe(`${Math.round(pull_N)} N`);
    expect(words('kgf')).toBe(`${(pull_N / 9.80665).toFixed(1)} kg`);
    expect(words('lbf')).toBe(`${(pull_N / 4.4482216152605).toFixed(1)} lb`);
  });

  it('let-go and hands speak of hard pulls', () => {
    expect(rulesOf({ strength: 5 })).toContain('let-go');
    expect(rulesOf({ strength: 6 })).toContain('hands');
  });

  it('hands weighs the force at each hand, what draws the hands together with it, and spares handles', () => {
    const [caution] = findCautions(contextOf({ strength: 6 })).filter(
      ({ rule }) => rule === 'hands',
    );
    const { summary } = contextOf({ strength: 6 }).solved;
    expect(Number(caution?.figures['hand_N'])).toBeGreaterThan(summary.peak / 2);
    expect(rulesOf({ strength: 6, hasHandles: true })).not.toContain('hands');
  });

  it('face-line warns when the line of pull comes near the head', () => {
    expect(rulesOf({ height_m: 0.5 })).toContain('face-line');
  });

  it('face-line sees through bands that hang one through the other', () => {
    const flatLengths = [0.6, 0.6];
    const chained = (height_m: number): string[] => {
      const context = contextOf({ flatLengths, height_m });
      const setup: AnchoredSetup = {
        ...context.setup,
        links: { link1: [0.9, 1, 0] },
        runs: [
          { band: 'b0', path: ['anchor', 'link1'] },
          { band: 'b1', path: ['link1', 'gripL', 'gripR'] },
        ],
      };
      const solved = rigSetup(setup);
      if (!solved.ok) throw new Error('no rig');
      return findCautions({ ...context, setup, solved: solved.value }).map(({ rule }) => rule);
    };
    expect(chained(0.5)).toContain('face-line');
    expect(chained(1.2)).not.toContain('face-line');
  });

  it('face-line refuses where the studio has the rule "eyes"', () => {
    const levelOf = (eyesRule: boolean): string | undefined =>
      findCautions({ ...contextOf({ height_m: 0.5 }), eyesRule }).find(
        ({ rule }) => rule === 'face-line',
      )?.level;
    expect(levelOf(false)).toBe('warn');
    expect(levelOf(true)).toBe('refuse');
  });

  it('door-side asks at every door, and says what is on file of it', () => {
    const textOf = (door: Partial<NonNullable<AnchorFacts['door']>>): string =>
      findCautions(
        contextOf({
          anchor: { ...DOOR, door: { side: 'over', opens: 'away', locked: false, ...door } },
        }),
      ).find(({ rule }) => rule === 'door-side')?.text ?? '';
    expect(rulesOf({ anchor: DOOR })).toEqual(['door-side']);
    expect(rulesOf({})).toEqual([]);
    expect(textOf({ opens: 'toward' })).toContain('opens toward the pull');
    expect(textOf({ locked: true })).toContain('as locked');
  });

  it('door-place refuses the side of a door for a steep pull, above the shoulder, below mid-thigh', () => {
    const atSide: Partial<AnchorFacts> = {
      ...DOOR,
      door: { side: 'hinge', opens: 'away', locked: false },
    };
    const refused = (height_m: number, anchor = atSide): boolean =>
      rulesOf({ height_m, anchor }).includes('door-place');
    const [lowest, highest] = [0.407 * 1.75, 0.818 * 1.75];
    expect(refused(1.2)).toBeFalse();
    expect(refused(highest - 0.005)).toBeFalse();
    expect(refused(highest + 0.005)).toBeTrue();
    expect(refused(lowest + 0.005)).toBeFalse();
    expect(refused(lowest - 0.005)).toBeTrue();
    expect(refused(0.1, DOOR)).toBeFalse();
    const near = (distance_m: number): string[] =>
      rulesOf({ distance_m, height_m: 1, anchor: atSide, flatLengths: [0.4] });
    expect(near(1.9)).not.toContain('door-place');
    expect(near(0.95)).toContain('door-place');
  });

  it('anchor-load trusts a rating with a third, and warns of a hard pull on an unrated anchor', () => {
    const peak_N = Math.max(...contextOf({}).solved.buffers.anchorPeak_N);
    const levelOf = (options: Case): string | undefined =>
      findCautions(contextOf(options)).find(({ rule }) => rule === 'anchor-load')?.level;
    expect(levelOf({ anchor: { ratedLoad_N: 3.01 * peak_N } })).toBeUndefined();
    expect(levelOf({ anchor: { ratedLoad_N: 2.99 * peak_N } })).toBe('refuse');
    expect(levelOf({ anchor: { ratedLoad_N: null } })).toBeUndefined();
    expect(levelOf({ anchor: { ratedLoad_N: null }, strength: 301 / peak_N })).toBe('warn');
    expect(levelOf({ anchor: { ratedLoad_N: null }, strength: 299 / peak_N })).toBeUndefined();
  });

  it('slide warns of a band laid round an upright under a steep pull, not of a choked one', () => {
    const post: Partial<AnchorFacts> = { kind: 'post', name: 'Newel post' };
    expect(rulesOf({ anchor: post, height_m: 0.3 })).toContain('slide');
    expect(rulesOf({ anchor: post, height_m: 0.3, hitch_m: 0.2 })).not.toContain('slide');
    expect(rulesOf({ anchor: post, height_m: 1.2 })).not.toContain('slide');
    expect(rulesOf({ height_m: 0.3 })).not.toContain('slide');
  });

  it('condition refuses where the file asks for clearance and there is none that holds', () => {
    expect(rulesOf({ person: { goal: 'rehab' } })).toEqual(['condition']);
    expect(rulesOf({ person: { conditions: ['heart'] } })).toEqual(['condition']);
    expect(rulesOf({ person: { conditions: ['highBloodPressure'] } })).toEqual([]);
    const cleared = (until: string): string[] =>
      rulesOf({ person: { goal: 'rehab', clearance: { until } } });
    expect(cleared(TODAY)).toEqual([]);
    expect(cleared('2026-11-24')).toEqual(['condition']);
    const lapsed = { goal: 'rehab', clearance: { until: '2026-11-24' } } as const;
    const [caution] = findCautions(contextOf({ person: lapsed }));
    expect(caution?.text).toContain('(the last one ran out on 24 Nov 2026)');
  });

  it('condition names the licensed professional it defers to', () => {
    const [caution] = findCautions(contextOf({ person: { goal: 'rehab' } }));
    expect(caution?.text).toMatch(/licensed clinician \(physician or physiotherapist\)/);
  });

  it('minor warns up to the day before the sixteenth birthday', () => {
    expect(rulesOf({ person: { bornOn: '2010-11-26' } })).toEqual(['minor']);
    expect(rulesOf({ person: { bornOn: '2010-11-25' } })).toEqual([]);
  });

  it('minor asks for a guardian’s consent, and names who gave it', () => {
    const words = (consent: PersonFacts['consent']): string =>
      findCautions(contextOf({ person: { bornOn: '2012-03-01', consent } }))[0]?.text ?? '';
    expect(words(null)).toContain('ask for a guardian’s consent');
    expect(words({ by: 'Hanna Kolk', on: '2026-09-01' })).toBe(
      '14 years old: Hanna Kolk agreed on 1 Sep 2026; no maximal work.',
    );
  });

  it('no-go refuses the movements on file alone', () => {
    expect(rulesOf({ person: { noGo: [ROW.id] } })).toEqual(['no-go']);
    expect(rulesOf({ person: { noGo: [`${ROW.id}-two`] } })).toEqual([]);
  });

  it('joint-range refuses a pose past the pain-free range', () => {
    const elbow = (most_deg: number): string[] =>
      rulesOf({ person: { ranges: [{ joint: 'elbow', least_deg: -10, most_deg }] } });
    // The row's elbow bends to 120°.
    expect(elbow(121)).toEqual([]);
    expect(elbow(119)).toEqual(['joint-range']);
  });

  it('joint-range offers the part of the movement within the range, and it is', () => {
    const person = { ranges: [{ joint: 'elbow', least_deg: -10, most_deg: 90 }] } as const;
    const [caution] = findCautions(contextOf({ person }));
    const cure = caution?.cure;
    if (cure?.kind !== 'phases') return fail('no part');
    expect(cure.from).toBe(0);
    expect(caution?.text).toContain(`from the start to ${Math.round(100 * cure.to)} %`);
    const { from, to } = cure;
    expect(rulesOf({ person, setup: { phases: { from, to } } })).toEqual([]);
    expect(rulesOf({ person, setup: { phases: { from, to: to + 0.02 } } })).toEqual([
      'joint-range',
    ]);
    const stiff = { ranges: [{ joint: 'elbow', least_deg: 40, most_deg: 41 }] } as const;
    expect(findCautions(contextOf({ person: stiff }))[0]?.cure).toBeUndefined();
  });

  it('over-help says by how much the band lifts a person, in the unit asked for', () => {
    const context = contextOf({
      exercise: HANG,
      path: ['anchor', 'kneeR'],
      distance_m: 0,
      height_m: 2.2,
      strength: 40,
    });
    const lifted = Math.max(
      ...context.solved.buffers.signed.map((signed) => (signed < 0 ? -signed : 0)),
    );
    expect(lifted).toBeGreaterThan(0);
    const said = (unit?: ForceUnit): string | undefined =>
      findCautions({ ...context, ...inForce(unit) }).find(({ rule }) => rule === 'over-help')?.text;
    expect(said()).toContain(
      `lifts the person: ${Math.round(lifted)} N more than they weigh there`,
    );
    expect(said('kgf')).toContain(`${(lifted / 9.80665).toFixed(1)} kg more`);
  });

  it('slack-start of help says that the person carries all alone, not that nothing is trained', () => {
    const [caution] = findCautions(
      contextOf({
        exercise: HANG,
        path: ['anchor', 'kneeR'],
        distance_m: 0,
        height_m: 1.5,
        anchor: { kind: 'bar' },
      }),
    );
    expect(caution?.rule).toBe('slack-start');
    expect(caution?.text).toMatch(/gives no help, the person carries everything alone/);
  });

  it('reversed warns where the band does more than a tenth of the movement, and says which part', () => {
    const curl: AnchoredExercise = {
      ...ROW,
      poses: ROW.poses.map((pose, i) => ({
        ...pose,
        upperArm: -90,
        forearm: i === 0 ? -80 : 60,
      })),
      demand: { kind: 'moment', at: 'elbow', carries: ['forearm'] },
    };
    // From overhead the band lifts the hand.
    const found = findCautions(
      contextOf({ exercise: curl, path: ['anchor', 'gripR'], height_m: 2.6, distance_m: 0.4 }),
    );
    const caution = found.find(({ rule }) => rule === 'reversed');
    expect(caution?.level).toBe('warn');
    expect(caution?.text).toMatch(/the band does the movement/);
    expect(found.map(({ rule }) => rule)).not.toContain('slack-start');
    expect(
      rulesOf({ exercise: curl, path: ['anchor', 'gripR'], height_m: 0.05, distance_m: 0.1 }),
    ).not.toContain('reversed');
  });

  it('no-room refuses a pose that would reach through a wall, and names the least distance', () => {
    const near = contextOf({ distance_m: 0.5 });
    const [caution] = findCautions(near);
    expect(caution?.rule).toBe('no-room');
    const least_m = leastDistance(near) ?? NaN;
    expect(caution?.text).toContain(`at least ${Math.round(100 * least_m)} cm`);
    expect(rulesOf({ distance_m: least_m })).not.toContain('no-room');
    expect(rulesOf({ distance_m: least_m - 0.01 })).toContain('no-room');
    // One reaches past a post.
    expect(rulesOf({ distance_m: 0.5, anchor: { kind: 'post' } })).not.toContain('no-room');
    expect(caution?.cure).toEqual({ kind: 'distance', closer_m: jasmine.any(Number) });
  });

  it('over-help warns above 90 % and when the band lifts the person', () => {
    const helped = (strength: number): string[] =>
      rulesOf({
        exercise: HANG,
        path: ['anchor', 'kneeR'],
        distance_m: 0,
        height_m: 2.2,
        strength,
      });
    const { summary } = contextOf({
      exercise: HANG,
      path: ['anchor', 'kneeR'],
      distance_m: 0,
      height_m: 2.2,
    }).solved;
    const toNinety = 0.9 / (summary.assistMax ?? NaN);
    expect(helped(0.99 * toNinety)).not.toContain('over-help');
    expect(helped(1.01 * toNinety)).toContain('over-help');
    expect(rulesOf({ strength: 20 })).not.toContain('over-help');
  });

  it('mount warns when hooking in takes more than the person’s limit', () => {
    const options: Case = {
      exercise: HANG,
      path: ['anchor', 'kneeR'],
      distance_m: 0,
      height_m: 2.2,
      movement: ['mount'],
    };
    const { buffers } = contextOf(options).solved;
    const pull_N = 2 * (buffers.strand_N[0] ?? NaN);
    expect(rulesOf({ ...options, person: { mountLimit_N: pull_N + 1 } })).not.toContain('mount');
    expect(rulesOf({ ...options, person: { mountLimit_N: pull_N - 1 } })).toContain('mount');
    expect(rulesOf({ ...options, movement: [], person: { mountLimit_N: 1 } })).not.toContain(
      'mount',
    );
  });

  it('linked-weak warns when bands in series differ by more than 0.3 in stretch', () => {
    const series = (weaker: number): string[] => {
      const law = { c1_N: 20, c2_N: 16, c3_N: 0.2 };
      const setup: AnchoredSetup = {
        ...setupOf(ROW, [], []),
        exercise: ROW,
        bands: [
          { id: 'stout', kind: 'tube', flatLength_m: 0.4, law },
          {
            id: 'slim',
            kind: 'tube',
            flatLength_m: 0.4,
            law: { c1_N: weaker * 20, c2_N: weaker * 16, c3_N: weaker * 0.2 },
          },
        ],
        runs: [
          { band: 'stout', path: ['anchor', 'knot'] },
          { band: 'slim', path: ['knot', 'gripR'] },
        ],
        links: { knot: [1, 1.2, 0] },
      };
      const rigged = rigSetup(setup);
      if (!rigged.ok) throw new Error(JSON.stringify(rigged.faults));
      return findCautions({ ...contextOf({}), bands: [], setup, solved: rigged.value }).map(
        ({ rule }) => rule,
      );
    };
    expect(series(0.95)).not.toContain('linked-weak');
    expect(series(0.4)).toContain('linked-weak');
  });

  it('neck-slip warns of a band above 0.9 of the trunk in push-ups and dips', () => {
    const across = (name: string, movement = ['neck-slip']): string[] =>
      rulesOf({ path: ['gripL', name, 'gripR'], movement, flatLengths: [0.3] });
    expect(across('nape')).toContain('neck-slip');
    expect(across('upperBack')).not.toContain('neck-slip');
    expect(across('nape', [])).not.toContain('neck-slip');
  });

  it('neck-work refuses without clearance, and above 60 N with it', () => {
    const clearance = { until: TODAY };
    const { peak } = contextOf({}).solved.summary;
    const cleared = (strength: number): string[] =>
      rulesOf({ movement: ['neck-work'], strength, person: { clearance } });
    expect(rulesOf({ movement: ['neck-work'], strength: 0.1 })).toContain('neck-work');
    expect(cleared(59 / peak)).not.toContain('neck-work');
    expect(cleared(61 / peak)).toContain('neck-work');
  });

  it('shoulder-rehab speaks in rehab alone', () => {
    const clearance = { until: TODAY };
    const movement = ['shoulder-rehab'];
    expect(rulesOf({ movement, person: { goal: 'rehab', clearance } })).toEqual(['shoulder-rehab']);
    expect(rulesOf({ movement, person: { goal: 'build' } })).toEqual([]);
    expect(rulesOf({ person: { goal: 'rehab', clearance } })).toEqual([]);
  });

  it('back-form and free-hand come with the movement', () => {
    expect(rulesOf({ movement: ['back-form', 'free-hand'] })).toEqual(['back-form', 'free-hand']);
  });

  it('lowering-hard notes the first two weeks', () => {
    const since = (trainedSince: Record<string, string>): string[] =>
      rulesOf({ movement: ['lowering-hard'], person: { trainedSince } });
    expect(since({})).toEqual(['lowering-hard']);
    expect(since({ another: '2026-01-01' })).toEqual(['lowering-hard']);
    expect(since({ [ROW.id]: '2026-11-12' })).toEqual(['lowering-hard']);
    expect(since({ [ROW.id]: '2026-11-11' })).toEqual([]);
  });

  it('fast refuses speed before four clean sessions, and a fast lowering always', () => {
    const speed = (cleanSessions: number, fastLowering = false): string[] =>
      rulesOf({ work: { speed: { cleanSessions, fastLowering } } });
    expect(speed(3)).toEqual(['fast']);
    expect(speed(4)).toEqual([]);
    expect(speed(9, true)).toEqual(['fast']);
  });

  it('breath notes holds over ten seconds, and warns with high blood pressure', () => {
    const levelOf = (hold_s: number, person: Partial<PersonFacts> = {}): string | undefined =>
      findCautions(contextOf({ work: { hold_s }, person }))[0]?.level;
    expect(levelOf(10)).toBeUndefined();
    expect(levelOf(11)).toBe('note');
    expect(levelOf(11, { conditions: ['highBloodPressure'] })).toBe('warn');
    expect(rulesOf({ movement: ['breath'] })).toEqual(['breath']);
  });

  it('balance warns of standing work that the pull tips over, says how far and what holds it', () => {
    const standing = { ...ROW, posture: 'standing' } as const;
    const row = (part: Case): Case => ({ exercise: standing, strength: 3, ...part });
    expect(rulesOf(row({ strength: 0.2 }))).not.toContain('balance');
    const caution = findCautions(contextOf(row({}))).find(({ rule }) => rule === 'balance');
    expect(caution?.text).toMatch(/tips one forward.*cm outside the feet/);
    const cure = caution?.cure;
    if (cure?.kind !== 'stagger') return fail('no stagger');
    const { stagger_m } = cure;
    expect(rulesOf(row({ setup: { stagger_m } }))).not.toContain('balance');
    // Both ends of the base move by half of it, and two centimetres are let pass.
    expect(rulesOf(row({ setup: { stagger_m: stagger_m - 0.06 } }))).toContain('balance');
    expect(rulesOf({ strength: 3 })).not.toContain('balance');
  });

  it('balance is that of a hand-made sum: weight and pull about the floor', () => {
    const standing = { ...ROW, posture: 'standing' } as const;
    const bare = contextOf({ exercise: standing, strength: 1e-9 });
    const heavy = contextOf({ exercise: standing, strength: 3 });
    const { buffers, rig } = heavy.solved;
    const anchor = buffers.nodeOfTrack.indexOf(rig.prepared.contacts.kinds.length);
    const [fx, fy] = [buffers.effortX[anchor * 11] ?? NaN, buffers.effortY[anchor * 11] ?? NaN];
    const weight_N = 72 * 9.80665;
    // Both trunk and thighs lean by a degree or two, so that the middle of the mass is near the ankle.
    const tip = greatestTip(heavy) ?? NaN;
    const tipAtStart = (1.2 * -fx + 1.9 * fy) / (weight_N + fy);
    expect(greatestTip(bare)).toBe(0);
    expect(tip).toBeGreaterThan(tipAtStart - 0.3);
    expect(tip).toBeLessThan(tipAtStart + 0.3);
  });

  describe('clearance-limit', () => {
    const cleared = (enforced: ClearanceLimits): Partial<PersonFacts> => ({
      clearance: { until: TODAY, enforced },
    });
    const refused = (enforced: ClearanceLimits, part: Case = {}): Caution | undefined =>
      findCautions(contextOf({ ...part, person: cleared(enforced) })).find(
        ({ rule }) => rule === 'clearance-limit',
      );
    const { peak } = contextOf({}).solved.summary;
    const spread = solutionSpread(contextOf({}).solved, [undefined], BY_EYE);
    const upper = peak + RANGE_90 * spread.peak;

    it('refuses a joint beyond its range, with the part inside as the cure', () => {
      const elbow = (most_deg: number): ClearanceLimits => ({
        ranges: [{ joint: 'elbow', least_deg: -10, most_deg }],
      });
      // The row's elbow bends to 120°.
      expect(refused(elbow(121))).toBeUndefined();
      const refusal = refused(elbow(90));
      expect(refusal?.text).toContain('The elbow goes to 120°; the clearance ends at 90°.');
      if (refusal?.cure?.kind !== 'phases') return fail('no part');
      const { from, to } = refusal.cure;
      expect(refused(elbow(90), { setup: { phases: { from, to } } })).toBeUndefined();
      expect(refused(elbow(90), { setup: { phases: { from, to: to + 0.02 } } })).toBeDefined();
    });

    it('offers one part of the movement inside all that joints and hands may do', () => {
      // The row's elbow bends to the end of it, its shoulder begins in front of the body.
      const person: Partial<PersonFacts> = {
        ranges: [{ joint: 'elbow', least_deg: 20, most_deg: 150 }],
        clearance: {
          until: TODAY,
          enforced: { ranges: [{ joint: 'elbow', least_deg: -10, most_deg: 90 }] },
        },
      };
      const found = findCautions(contextOf({ person }));
      const [pain, cleared] = ['joint-range', 'clearance-limit'].map((id) =>
        found.find(({ rule }) => rule === id),
      );
      if (cleared?.cure?.kind !== 'phases') return fail('no part');
      expect(pain?.cure).toEqual(cleared.cure);
      const { from, to } = cleared.cure;
      expect(from).toBeGreaterThan(0);
      expect(to).toBeLessThan(1);
      expect(rulesOf({ person, setup: { phases: { from, to } } })).toEqual([]);
    });

    it('offers no part where what is free of pain is not allowed', () => {
      const person: Partial<PersonFacts> = {
        ranges: [{ joint: 'elbow', least_deg: 95, most_deg: 150 }],
        clearance: {
          until: TODAY,
          enforced: { ranges: [{ joint: 'elbow', least_deg: -10, most_deg: 90 }] },
        },
      };
      const found = findCautions(contextOf({ person }));
      expect(found.map(({ cure }) => cure)).toEqual([undefined, undefined]);
      expect(found[0]?.text).toContain('hoose another exercise');
    });

    it('names every limit that is passed, and what keeps the first', () => {
      const text = refused({
        pull_N: 0.8 * peak,
        ranges: [{ joint: 'elbow', least_deg: -10, most_deg: 90 }],
      })?.text;
      expect(text).toMatch(
        /^The elbow goes to 120°; the clearance ends at 90°\. Do it only .* movement\. Up to \d+ N at the hands; .*less\. Only the licensed/,
      );
    });

    it('has no say without limits as data', () => {
      expect(rulesOf({ person: { clearance: { until: TODAY } } })).toEqual([]);
      expect(refused({})).toBeUndefined();
    });

    it('refuses a pull beyond the limit by the upper end of its ±, and its cure is inside', () => {
      expect(refused({ pull_N: upper + 1 })).toBeUndefined();
      const caution = refused({ pull_N: upper - 1 });
      expect(caution?.level).toBe('refuse');
      expect(caution?.text).toContain('licensed clinician');
      const limits = { pull_N: 0.8 * peak };
      const cure = refused(limits)?.cure;
      if (cure?.kind !== 'distance') return fail('no step');
      expect(refused(limits, { distance_m: 1.9 - cure.closer_m })).toBeUndefined();
      expect(contextOf({ distance_m: 1.9 - cure.closer_m }).solved.summary.peak).toBeLessThan(
        limits.pull_N,
      );
    });

    it('counts marks on the floor, which make the pull surer', () => {
      const marked = { setup: { marked: true } };
      expect(refused({ pull_N: upper - 1 }, marked)).toBeUndefined();
    });

    it('refuses body weight on the hands', () => {
      const hang: Case = { exercise: HANG, path: ['anchor', 'kneeR'], distance_m: 0, height_m: 1 };
      expect(refused({ pull_N: 400 }, hang)?.rule).toBe('clearance-limit');
    });

    it('refuses a moment at one side of a joint', () => {
      const most = (most_Nm: number) => ({ moments: [{ joint: 'shoulder', most_Nm }] as const });
      expect(refused(most(500))).toBeUndefined();
      expect(refused(most(3))?.text).toMatch(/N·m at one shoulder; the clearance ends at 3 N·m/);
      expect(refused({ moments: [{ joint: 'knee', most_Nm: 500 }] })).toBeUndefined();
    });

    it('refuses hands above their height, and offers the part of the movement below', () => {
      expect(refused({ handHeight_m: 2 })).toBeUndefined();
      const raise: AnchoredExercise = {
        ...ROW,
        poses: ROW.poses.map((pose, i) => ({
          ...pose,
          upperArm: i === 0 ? -90 : 80,
          forearm: i === 0 ? -80 : 85,
        })),
      };
      const limits = { handHeight_m: 1.5 };
      const cure = refused(limits, { exercise: raise })?.cure;
      if (cure?.kind !== 'phases') return fail('no part');
      const { from, to } = cure;
      expect(refused(limits, { exercise: raise, setup: { phases: { from, to } } })).toBeUndefined();
    });

    it('refuses movements, muscle groups and stages that are not allowed', () => {
      const exercise = { ...ROW, groups: ['upperBack', 'rotatorCuff'] } as const;
      expect(refused({ movements: { not: ['row'] } })?.text).toContain('Row');
      expect(refused({ movements: { only: ['curl'] } })).toBeDefined();
      expect(refused({ movements: { only: ['row'], not: ['curl'] } })).toBeUndefined();
      expect(refused({ groups: { not: ['rotatorCuff'] } }, { exercise })?.text).toContain(
        'rotator cuff',
      );
      expect(refused({ groups: { only: ['upperBack'] } }, { exercise })).toBeDefined();
      expect(
        refused({ groups: { only: ['upperBack', 'rotatorCuff'] } }, { exercise }),
      ).toBeUndefined();
      expect(refused({ stage: 'isometric' })?.figures['stage']).toBe('dynamic');
      expect(refused({ stage: 'dynamic' })).toBeUndefined();
      const held = {
        ...ROW,
        poses: ROW.poses.map((pose, i) => ({
          ...ROW.poses[0],
          ...pose,
          ...ROW.poses[0],
          phase: i,
        })),
      };
      expect(refused({ stage: 'isometric' }, { exercise: held })).toBeUndefined();
      expect(
        refused({ stage: 'dynamic' }, { exercise: { ...ROW, stage: 'changedPosture' } }),
      ).toBeDefined();
    });
  });

  it('are all of the rules there are, each once', () => {
    const ids = CAUTION_RULES.map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
    expect(ids.length).toBe(35);
  });
});

describe('what is said of a clearance', () => {
  const clearance = { by: 'Dr Reedham', until: TODAY, limits: 'Not above the shoulder.' };

  it('is nothing for whoever needs none', () => {
    expect(clearanceWords({ goal: 'build', conditions: [], clearance }, TODAY)).toBeUndefined();
    const pressed = { goal: 'build', conditions: ['highBloodPressure'], clearance: null } as const;
    expect(clearanceWords(pressed, TODAY)).toBeUndefined();
  });

  it('names clinician, last day and limits, and whom the product defers to', () => {
    const words = clearanceWords({ goal: 'rehab', conditions: [], clearance }, TODAY) ?? '';
    expect(words).toContain('Cleared by Dr Reedham until 25 Nov 2026. Not above the shoulder.');
    expect(words).toMatch(/licensed clinician.*licensed practice come first.*estimates/);
  });

  it('names the profession and the day it was given where they are on file', () => {
    const given = { ...clearance, profession: 'physician', on: '2026-10-01' };
    const words = clearanceWords({ goal: 'rehab', conditions: [], clearance: given }, TODAY);
    expect(words).toContain('Cleared by Dr Reedham, physician, on 1 Oct 2026 until 25 Nov 2026.');
  });

  it('says where the limits stand in words alone', () => {
    const words = (enforced?: ClearanceLimits): string =>
      clearanceWords(
        { goal: 'rehab', conditions: [], clearance: { ...clearance, enforced } },
        TODAY,
      ) ?? '';
    expect(words()).toContain('no set-up is held to them');
    expect(words({ pull_N: 120 })).not.toContain('no set-up is held to them');
  });

  it('says that it ran out the day after, or that there is none', () => {
    const surgery = { goal: 'keep', conditions: ['recentSurgery'], clearance } as const;
    expect(clearanceWords(surgery, '2026-11-26')).toContain('Dr Reedham ran out on 25 Nov 2026');
    expect(clearanceWords({ ...surgery, clearance: null }, TODAY)).toContain('No clearance is on');
  });
});
