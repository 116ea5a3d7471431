import type { SessionRecord, SetRecord, SkillTestRecord } from '@wiry-otter/contracts';
import { SKILLS } from '@wiry-otter/catalogue';
import { levelKey, nextLevelOf, shownWords, standingOf } from './standing';

const PULL = SKILLS.find(({ id }) => id === 'pull') as (typeof SKILLS)[number];

const test = (part: Partial<SkillTestRecord>): SkillTestRecord => ({
  id: 'test',
  personId: 'runa',
  exerciseId: 'pull-up',
  phases: null,
  day: '2026-11-20',
  effort: { kind: 'reps', reps: 5, spare: 1 },
  helpedBy: 'Sluice',
  load: 500,
  help: 0.25,
  enteredAt: '2026-11-20T09:00:00Z',
  ...part,
});

const doneSet = (part: Partial<SetRecord>): SetRecord => ({
  id: 'set',
  performedAt: '2026-11-22T09:00:00Z',
  setupId: 'slim',
  reps: 8,
  partial: 0,
  hold_s: null,
  lowering_s: null,
  spare: 1,
  form: 'clean',
  pain: 0,
  ...part,
});

/** What is looked at of a session: a set-up with a band and one without. */
const session = (...sets: SetRecord[]): SessionRecord =>
  ({
    personId: 'runa',
    day: '2026-11-22',
    prescription: { exerciseId: 'pull-up' },
    sets,
    setups: [setup('slim', 'Slim at the foot', 1, 560), setup('bare', 'no band', 0, 667)],
  }) as unknown as SessionRecord;

function setup(id: string, title: string, bands: number, mean: number): object {
  return { id, title, bands, phases: null, figures: { mean } };
}

describe('where a person stands', () => {
  it('is what was shown last, of one day the strongest, by tests and sets alike', () => {
    const tests = [test({}), test({ day: '2026-11-10', load: 900 }), test({ personId: 'odile' })];
    const before = standingOf(PULL, 'runa', tests, []);
    expect(before.shown.get('pull-up')?.load).toBe(500);
    const after = standingOf(PULL, 'runa', tests, [
      session(doneSet({}), doneSet({ reps: 12 }), doneSet({ reps: 0 })),
    ]);
    const shown = after.shown.get('pull-up');
    expect(shown?.load).toBe(560);
    expect(shown === undefined ? '' : shownWords(shown)).toBe(
      '12, 1 to spare, with Slim at the foot, 22 Nov',
    );
  });

  it('goes without help once it was done without, not with a band nor by lowering', () => {
    const of = (...sets: SetRecord[]) =>
      standingOf(PULL, 'runa', [], [session(...sets)]).unassisted;
    expect(of(doneSet({})).size).toBe(0);
    expect(of(doneSet({ setupId: 'bare', hold_s: 2, lowering_s: 5 })).size).toBe(0);
    expect([...of(doneSet({ setupId: 'bare', reps: 1 }))]).toEqual(['pull-up']);
    const held = test({ effort: { kind: 'hold', held_s: 9 }, helpedBy: null });
    expect(standingOf(PULL, 'runa', [held], []).unassisted.size).toBe(0);
  });

  it('leads to the first level that does not go without help, at last to the hardest', () => {
    const levels = PULL.levels.map((level) => ({ key: levelKey(level) }));
    const bare = (exerciseId: string) => test({ exerciseId, helpedBy: null });
    expect(nextLevelOf(levels, standingOf(PULL, 'runa', [], []))).toBe(0);
    const two = [bare('chin-up'), bare('pull-up')];
    expect(nextLevelOf(levels, standingOf(PULL, 'runa', two, []))).toBe(2);
    const all = PULL.levels.map(({ exercise }) => bare(exercise));
    expect(nextLevelOf(levels, standingOf(PULL, 'runa', all, []))).toBe(levels.length - 1);
  });

  it('tells parts of one movement apart: who has gone all the way has gone a third of it', () => {
    const nordic = SKILLS.find(({ id }) => id === 'nordic') as (typeof SKILLS)[number];
    const [third, two, whole] = nordic.levels.map(levelKey) as [string, string, string];
    const down = (to: number | null) =>
      test({
        exerciseId: 'nordic-lowering',
        helpedBy: null,
        phases: to === null ? null : { from: 0, to },
      });
    const done = (to: number | null) => standingOf(nordic, 'runa', [down(to)], []).unassisted;
    expect([...done(0.34)]).toEqual([third]);
    expect([...done(0.5)]).toEqual([third]);
    expect([...done(null)]).toEqual([third, two, whole]);
  });
});
