import type {
  Account,
  PreferencesRecord,
  ProblemDocument,
  SetupRecord,
  StudioRecord,
} from '@wiry-otter/contracts';
import { USUAL_PREFERENCES } from '@wiry-otter/core';
import { v7 as uuidv7 } from 'uuid';
import { demoSetup, doneSet, inputOf, startedSession } from './support/inputs.js';
import { type Client, openTestStudio, type TestStudio } from './support/studio.js';
import { bandsOf, recordsOf } from './support/records.js';

const studioOf = async (client: Client): Promise<StudioRecord> =>
  (await recordsOf(client, 'studio'))[0] as StudioRecord;

describe('the studio', () => {
  let studio: TestStudio;
  beforeEach(async () => {
    studio = await openTestStudio();
  });
  afterEach(() => studio.close());

  const readRules = async () => {
    const { version, forceUnit, inspectionDays, inspectionCycles, eyesRule } = await studioOf(
      studio.mika,
    );
    return { version, forceUnit, inspectionDays, inspectionCycles, eyesRule };
  };

  it('tells its trainers and rules, and the account carries the same', async () => {
    const body = await studioOf(studio.mika);
    expect(body.trainers.map(({ name }) => name)).toEqual(['Mika Ferrow']);
    expect(body).toEqual(jasmine.objectContaining({ inspectionDays: 30, inspectionCycles: 1500 }));
    expect((await studio.mika.get<Account>('/account')).body.studioId).toBe(body.id);
  });

  it('keeps what a trainer would rather have of what is found, for that trainer alone', async () => {
    const finderOf = async (client = studio.mika) =>
      (await recordsOf(client, 'preferences'))[0]?.finder;
    expect(await finderOf()).toEqual(USUAL_PREFERENCES);
    const wanted = { ...USUAL_PREFERENCES, stacking: 'smallestSteps', closeToSet: true } as const;
    const { body } = await studio.mika.put<PreferencesRecord>(
      '/account/finder-preferences',
      wanted,
    );
    expect(body.finder).toEqual(wanted);
    expect(await finderOf()).toEqual(wanted);
    expect(await finderOf(studio.stranger)).toEqual(USUAL_PREFERENCES);
    const wrong = await studio.mika.put<ProblemDocument>('/account/finder-preferences', {
      ...wanted,
      stacking: 'heaviest',
    });
    expect([wrong.status, wrong.body.code]).toEqual([400, 'invalid-request']);
  });

  it('makes inspections due by its own rule', async () => {
    const due = async (): Promise<string[]> =>
      (await bandsOf(studio.mika))
        .filter(({ state, copies }) => state !== 'retired' && copies.some((c) => c.inspectionDue))
        .map(({ name }) => name)
        .sort();
    const rules = await readRules();
    expect(await due()).toEqual(['Ribbonweed roll', 'Sluice']);
    const long = { ...rules, inspectionDays: 365 };
    expect((await studio.mika.put('/studio/rules', long)).status).toBe(200);
    expect(await due()).toEqual([]);
    const short = { ...rules, version: rules.version + 1, inspectionDays: 1 };
    expect((await studio.mika.put('/studio/rules', short)).status).toBe(200);
    expect((await due()).length).toBeGreaterThan(3);
  });

  it('keeps a pull toward the face from being ready under the rule "eyes"', async () => {
    const setup = await demoSetup(studio.mika, 'Tobias Quill');
    const input = inputOf(setup, 0);
    const [name = ''] = Object.keys(setup.document.points);
    const toTheFace = {
      ...input,
      acknowledged: ['face-line', 'door-side', 'slack-start', 'let-go', 'stretch-high'],
      document: { ...input.document, points: { [name]: [1.9, 0.2, 0] } },
    };
    const save = async (): Promise<SetupRecord> =>
      (await studio.mika.put<SetupRecord>(`/setups/${uuidv7()}`, toTheFace)).body;
    expect(await save()).toEqual(jasmine.objectContaining({ ready: true }));
    await studio.mika.put('/studio/rules', { ...(await readRules()), eyesRule: true });
    const refused = await save();
    expect(refused.ready).toBeFalse();
    expect(refused.cautions[0]).toEqual(
      jasmine.objectContaining({ rule: 'face-line', level: 'refuse' }),
    );
  });

  it('weighs decisions by its own break, and keeps the rules a device of before leaves out', async () => {
    const gates = { breakDays: 21, painLimit: 2 };
    const rules = await readRules();
    expect((await studio.mika.put('/studio/rules', { ...rules, ...gates })).status).toBe(200);
    await studio.mika.put('/studio/rules', { ...rules, version: rules.version + 1 });
    expect(await studioOf(studio.mika)).toEqual(jasmine.objectContaining(gates));
    const setup = await demoSetup(studio.mika, 'Tobias Quill');
    const session = await startedSession(studio.mika, setup);
    await studio.mika.put(`/sessions/${session.id}/sets/${uuidv7()}`, doneSet(10));
    await studio.mika.post(`/sessions/${session.id}/finish`, { redFlag: false });
    const decisions = await recordsOf(studio.mika, 'decision');
    const decided = decisions.find(({ sessionId }) => sessionId === session.id);
    expect(decided?.review.limits).toEqual({ pain: 3, breakDays: 21 });
  });

  it('holds a change to the version it was made from', async () => {
    const rules = await readRules();
    expect((await studio.mika.put('/studio/rules', rules)).status).toBe(200);
    const late = await studio.mika.put<ProblemDocument>('/studio/rules', rules);
    expect(late.status).toBe(409);
    expect(late.body.code).toBe('version-conflict');
  });

  it('refuses what is no rule and says where', async () => {
    const rules = await readRules();
    const bad = { ...rules, inspectionDays: 0, inspectionCycles: 1e9, colour: 'red' };
    const { status, body } = await studio.mika.put<ProblemDocument>('/studio/rules', bad);
    expect(status).toBe(400);
    expect(body.faults?.map(({ path }) => path).sort()).toEqual([
      '$.colour',
      '$.inspectionCycles',
      '$.inspectionDays',
    ]);
  });

  it('is each trainer’s own: a stranger’s change leaves it alone', async () => {
    const theirs = await studioOf(studio.stranger);
    const { version, forceUnit, inspectionCycles, eyesRule } = theirs;
    const rules = { version, forceUnit, inspectionCycles, eyesRule, inspectionDays: 7 };
    expect((await studio.stranger.put('/studio/rules', rules)).status).toBe(200);
    expect((await readRules()).inspectionDays).toBe(30);
  });
});
