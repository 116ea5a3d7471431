import type {
  BandRecord,
  DecisionRecord,
  PrescriptionRecord,
  ProblemDocument,
  SessionRecord,
  SetupRecord,
} from '@wiry-otter/contracts';
import { v7 as uuidv7 } from 'uuid';
import {
  demoSetup,
  doneSet,
  happen,
  inputOf,
  prescribed,
  startedSession,
} from './support/inputs.js';
import { openTestStudio, type TestStudio } from './support/studio.js';
import { decisionOf, recordsOf, sessionsOf, waitingDecisions } from './support/records.js';

describe('set-ups, sessions and decisions', () => {
  let studio: TestStudio;
  beforeEach(async () => {
    studio = await openTestStudio();
  });
  afterEach(() => studio.close());

  async function trained(setup: SetupRecord, ...reps: number[]): Promise<SessionRecord> {
    const { mika } = studio;
    const session = await startedSession(mika, setup);
    for (const count of reps) {
      await mika.put(`/sessions/${session.id}/sets/${uuidv7()}`, doneSet(count));
    }
    const finish = { redFlag: false };
    return (await mika.post<SessionRecord>(`/sessions/${session.id}/finish`, finish)).body;
  }

  it('lives through six weeks of two people in the demo', async () => {
    const sessions = await sessionsOf(studio.mika);
    expect(sessions.length).toBe(24);
    expect(new Set(sessions.map(({ personId }) => personId)).size).toBe(2);
    expect(sessions.filter(({ decision }) => decision?.status === 'overruled').length).toBe(1);
    const waiting = await waitingDecisions(studio.mika);
    expect(waiting.map(({ decision }) => decision.code)).toEqual(['heavier']);
  });

  it('assesses a set-up by the laws on record, not by those sent', async () => {
    const setup = await demoSetup(studio.mika, 'Tobias Quill');
    const input = inputOf(setup, 0);
    const forged = {
      ...input,
      document: {
        ...input.document,
        bands: input.document.bands.map((band) => ({
          ...band,
          law: { c1_N: 1, c2_N: 0, c3_N: 0 },
        })),
      },
    };
    const saved = await studio.mika.put<SetupRecord>(`/setups/${uuidv7()}`, forged);
    expect(saved.body.figures).toEqual(setup.figures);
  });

  it('keeps every version of a set-up; a session shows the one it began with', async () => {
    const setup = await demoSetup(studio.mika, 'Tobias Quill');
    const session = await startedSession(studio.mika, setup);
    const renamed = { ...inputOf(setup, setup.version), title: 'Renamed' };
    const saved = await studio.mika.put<SetupRecord>(`/setups/${setup.id}`, renamed);
    expect(saved.body.version).toBe(setup.version + 1);
    const read = await studio.mika.get<SessionRecord>(`/records/session/${session.id}`);
    expect(read.body.setups[0]?.title).toBe(setup.title);
  });

  it('puts a set-up away and takes it back; its versions stay', async () => {
    const setup = await demoSetup(studio.mika, 'Tobias Quill');
    const ids = async (): Promise<string[]> =>
      (await recordsOf(studio.mika, 'setup')).map(({ id }) => id);
    expect((await studio.mika.delete<SetupRecord>(`/setups/${setup.id}`)).body.removed).toBeTrue();
    expect(await ids()).not.toContain(setup.id);
    await studio.mika.post(`/setups/${setup.id}/restore`);
    expect(await ids()).toContain(setup.id);
    expect((await studio.stranger.post(`/setups/${setup.id}/restore`)).status).toBe(404);
  });

  it('does not start with a set-up that a caution stands against', async () => {
    const setup = await demoSetup(studio.mika, 'Tobias Quill');
    const { document, ...rest } = inputOf(setup, 0);
    const far = { ...rest, document: { ...document, points: { anchor: [2.8, 1.25, 0] } } };
    const saved = await studio.mika.put<SetupRecord>(`/setups/${uuidv7()}`, far);
    expect(saved.body.ready).toBeFalse();
    expect(saved.body.cautions[0]).toEqual(
      jasmine.objectContaining({ rule: 'stretch-limit', level: 'refuse' }),
    );
    const prescriptionId = uuidv7();
    await studio.mika.put(`/prescriptions/${prescriptionId}`, {
      personId: setup.personId,
      setupIds: [saved.body.id],
      school: 'fill-range',
      sets: 1,
      work: { kind: 'reps', from: 8, to: 15 },
      rest_s: 60,
      target: [8],
    });
    const refused = await studio.mika.put<ProblemDocument>(`/sessions/${uuidv7()}`, {
      prescriptionId,
      startedAt: new Date().toISOString(),
    });
    expect([refused.status, refused.body.code]).toEqual([409, 'not-ready']);
  });

  it('refuses a retired band: in a set-up, and at the start of a session', async () => {
    const setup = await demoSetup(studio.mika, 'Tobias Quill');
    const bandId = setup.document.bands[0]?.id ?? '';
    const { body: band } = await studio.mika.get<BandRecord>(`/records/band/${bandId}`);
    for (const copy of band.copies) {
      const one = { ...band, copies: [copy] };
      await happen(studio.mika, one, { kind: 'retired', reason: 'A nick at the hitch.' });
    }
    const saved = await studio.mika.put<ProblemDocument>(`/setups/${uuidv7()}`, inputOf(setup, 0));
    expect([saved.status, saved.body.code]).toEqual([409, 'band-unusable']);
    expect(saved.body.faults?.[0]?.found).toContain(`"${band.name}", retired`);
    const started = await studio.mika.put<ProblemDocument>(`/sessions/${uuidv7()}`, {
      prescriptionId: await prescribed(studio.mika, setup),
      startedAt: new Date().toISOString(),
    });
    expect([started.status, started.body.code]).toEqual([409, 'band-unusable']);
  });

  it('answers 422 with the fault when no figure can be computed', async () => {
    const setup = await demoSetup(studio.mika, 'Tobias Quill');
    const { document, ...rest } = inputOf(setup, 0);
    const lost = { ...rest, document: { ...document, points: {} } };
    const answer = await studio.mika.put<ProblemDocument>(`/setups/${uuidv7()}`, lost);
    expect([answer.status, answer.body.code]).toEqual([422, 'document-fault']);
    expect(answer.body.faults?.[0]).toEqual(
      jasmine.objectContaining({ in: 'document', path: '$.document.runs[0].path[0]' }),
    );
  });

  it('decides with reasons when a session is finished, and once only', async () => {
    const setup = await demoSetup(studio.mika, 'Tobias Quill');
    const session = await trained(setup, 12, 11, 10);
    const decided = await decisionOf(studio.mika, session);
    expect(decided.decision).toEqual(
      jasmine.objectContaining({ code: 'more', target: [13, 12, 11] }),
    );
    const rules = decided.decision.reasons.map(({ rule }) => rule);
    expect(rules).toEqual([
      'gate.red-flag',
      'gate.pain',
      'gate.break',
      'gate.form',
      'pain-rising',
      'done-lighter',
      'fill-range.more',
      'ladder.gap',
      'ladder.source',
    ]);
    const finish = `/sessions/${session.id}/finish`;
    const twice = await studio.mika.post<SessionRecord>(finish, { redFlag: false });
    expect(twice.body).toEqual(session);
  });

  it('keeps a set that comes after the end, and decides again while nobody has', async () => {
    const { mika } = studio;
    const session = await trained(await demoSetup(mika, 'Tobias Quill'), 12, 11);
    const path = `/sessions/${session.id}/sets/`;
    const late = await mika.put<SessionRecord>(path + uuidv7(), doneSet(10, { pain: 7 }));
    expect(late.body.sets.length).toBe(3);
    expect(late.body.decision?.id).toBe(session.decision?.id ?? '');
    expect((await decisionOf(mika, late.body)).decision.code).toBe('stop');
    await mika.post(`/decisions/${session.decision?.id}/accept`);
    const settled = await mika.put<SessionRecord>(path + uuidv7(), doneSet(10));
    expect(settled.body.sets.length).toBe(4);
    expect(settled.body.decision?.status).toBe('accepted');
  });

  it('never loses a red flag, though the session was ended elsewhere without one', async () => {
    const { mika } = studio;
    const session = await trained(await demoSetup(mika, 'Tobias Quill'), 12, 11, 10);
    const path = `/sessions/${session.id}/finish`;
    const flagged = (await mika.post<SessionRecord>(path, { redFlag: true })).body;
    expect(flagged.redFlag).toBeTrue();
    expect((await decisionOf(mika, flagged)).decision.code).toBe('stop');
    expect((await mika.post<SessionRecord>(path, { redFlag: false })).body.redFlag).toBeTrue();
  });

  it('ends a session whose set-up was put away or changed meanwhile', async () => {
    const { mika } = studio;
    const setup = await demoSetup(mika, 'Tobias Quill');
    const session = await startedSession(mika, setup);
    await mika.put(`/setups/${setup.id}`, { ...inputOf(setup, setup.version), title: 'Changed' });
    await mika.delete(`/setups/${setup.id}`);
    await mika.put(`/sessions/${session.id}/sets/${uuidv7()}`, doneSet(12));
    const ended = await mika.post<SessionRecord>(`/sessions/${session.id}/finish`, {
      redFlag: false,
    });
    expect(ended.status).toBe(200);
    expect(ended.body.decision).not.toBeNull();
    const [used] = ended.body.setups;
    expect([used?.title, used?.version]).toEqual([setup.title, setup.version]);
    const asItWas = await mika.get<SetupRecord>(`/setups/${setup.id}/versions/${setup.version}`);
    expect(asItWas.body.document).toEqual(setup.document);
  });

  it('keeps a set sent twice once, and a set taken back on record', async () => {
    const setup = await demoSetup(studio.mika, 'Tobias Quill');
    const session = await startedSession(studio.mika, setup);
    const path = `/sessions/${session.id}/sets/${uuidv7()}`;
    const set = doneSet(12);
    await studio.mika.put(path, set);
    const twice = await studio.mika.put<SessionRecord>(path, set);
    expect(twice.body.sets.length).toBe(1);
    const back = await studio.mika.put<SessionRecord>(`${path}/set-aside`, { setAside: true });
    expect(back.body.sets).toEqual([]);
    const [count] = await studio.database.query<{ n: string }[]>(
      'SELECT count(*) AS n FROM training_set WHERE session_id = $1',
      [session.id],
    );
    expect(count?.n).toBe('2');
  });

  it('opens the next session with what was accepted', async () => {
    const setup = await demoSetup(studio.mika, 'Tobias Quill');
    const session = await trained(setup, 12, 11, 10);
    const decisionId = session.decision?.id;
    const accepted = await studio.mika.post<DecisionRecord>(`/decisions/${decisionId}/accept`);
    expect(accepted.body.outcome).toEqual(
      jasmine.objectContaining({ decidedBy: 'Mika Ferrow', target: [13, 12, 11] }),
    );
    const inForce = await prescriptionOf(setup.personId);
    expect(inForce?.target).toEqual([13, 12, 11]);
    expect(inForce?.fromDecisionId).toBe(decisionId);
    const again = await studio.mika.post<ProblemDocument>(`/decisions/${decisionId}/accept`);
    expect([again.status, again.body.code]).toEqual([409, 'already-decided']);
  });

  it('keeps who overruled a decision, when and why', async () => {
    const setup = await demoSetup(studio.mika, 'Tobias Quill');
    const session = await trained(setup, 12, 11, 10);
    const before = Date.now();
    const overruled = await studio.mika.post<DecisionRecord>(
      `/decisions/${session.decision?.id}/overrule`,
      { setupIds: [setup.id], target: [9, 9, 9], note: 'Short of sleep.' },
    );
    expect(overruled.body.status).toBe('overruled');
    expect(overruled.body.outcome?.note).toBe('Short of sleep.');
    expect(Date.parse(overruled.body.outcome?.decidedAt ?? '')).toBeGreaterThanOrEqual(before);
    expect((await prescriptionOf(setup.personId))?.target).toEqual([9, 9, 9]);
  });

  it('lets nobody take a decision that a newer session has overtaken', async () => {
    const setup = await demoSetup(studio.mika, 'Tobias Quill');
    const older = (await trained(setup, 12, 11, 10)).decision;
    const statusOf = async (): Promise<string | undefined> =>
      (await sessionsOf(studio.mika)).find(({ decision }) => decision?.id === older?.id)?.decision
        ?.status;
    const begun = await startedSession(studio.mika, setup);
    expect(await statusOf()).toBe('waiting');
    await studio.mika.put(`/sessions/${begun.id}/sets/${uuidv7()}`, doneSet(12));
    expect(await statusOf()).toBe('void');
    const waiting = await waitingDecisions(studio.mika);
    expect(waiting.map(({ id }) => id)).not.toContain(older?.id ?? '');
    for (const [what, body] of [
      ['accept', undefined],
      ['overrule', { setupIds: [setup.id], target: [9, 9, 9], note: 'Late.' }],
    ] as const) {
      const taken = await studio.mika.post<ProblemDocument>(
        `/decisions/${older?.id}/${what}`,
        body,
      );
      expect([taken.status, taken.body.code]).toEqual([409, 'decision-void']);
    }
  });

  it('gives up a session without a set, takes it up again with one, and never one with sets', async () => {
    const setup = await demoSetup(studio.mika, 'Tobias Quill');
    const session = await startedSession(studio.mika, setup);
    const listed = async (): Promise<boolean> =>
      (await sessionsOf(studio.mika)).some(({ id }) => id === session.id);
    expect((await studio.mika.delete(`/sessions/${session.id}`)).status).toBe(200);
    expect(await listed()).toBeFalse();
    await studio.mika.post(`/sessions/${session.id}/restore`);
    expect(await listed()).toBeTrue();
    await studio.mika.delete(`/sessions/${session.id}`);
    // A device that was offline meanwhile still logs its set.
    await studio.mika.put(`/sessions/${session.id}/sets/${uuidv7()}`, doneSet(9));
    expect(await listed()).toBeTrue();
    const late = await studio.mika.delete<ProblemDocument>(`/sessions/${session.id}`);
    expect([late.status, late.body.code]).toEqual([409, 'session-begun']);
  });

  it('logs holds in seconds, and asks for two more of each', async () => {
    const { mika } = studio;
    const setup = await demoSetup(mika, 'Tobias Quill');
    const prescriptionId = uuidv7();
    await mika.put(`/prescriptions/${prescriptionId}`, {
      personId: setup.personId,
      setupIds: [setup.id],
      school: 'hold',
      sets: 2,
      work: { kind: 'hold', from_s: 10, to_s: 20 },
      rest_s: 90,
      target: [12, 12],
    });
    const session = (
      await mika.put<SessionRecord>(`/sessions/${uuidv7()}`, {
        prescriptionId,
        startedAt: new Date().toISOString(),
      })
    ).body;
    for (const hold_s of [12.5, 11]) {
      await mika.put(`/sessions/${session.id}/sets/${uuidv7()}`, doneSet(0, { hold_s }));
    }
    const { body } = await mika.post<SessionRecord>(`/sessions/${session.id}/finish`, {
      redFlag: false,
    });
    expect(body.sets.map(({ hold_s, reps }) => [hold_s, reps])).toEqual([
      [12.5, 0],
      [11, 0],
    ]);
    const decided = await decisionOf(mika, body);
    expect(decided.decision).toEqual(jasmine.objectContaining({ code: 'more', target: [14, 13] }));
    expect(decided.review.sessions.at(-1)?.sets[0]).toEqual(
      jasmine.objectContaining({ hold_s: 12.5 }),
    );
  });

  it('keeps a set of a device that knows nothing of holds', async () => {
    const session = await startedSession(studio.mika, await demoSetup(studio.mika, 'Tobias Quill'));
    const { hold_s: _none, ...old } = doneSet(12);
    const kept = await studio.mika.put<SessionRecord>(
      `/sessions/${session.id}/sets/${uuidv7()}`,
      old,
    );
    expect(kept.status).toBe(200);
    expect(kept.body.sets[0]?.hold_s).toBeNull();
  });

  it('refuses what is beyond a clearance, and a session of what was ready before it', async () => {
    const { mika } = studio;
    const setup = await demoSetup(mika, 'Odile Brandt');
    expect(setup.ready).toBeTrue();
    const prescriptionId = await prescribed(mika, setup);
    await studio.database.query(
      `UPDATE person SET clearance = jsonb_set(clearance, '{enforced,pull_N}', $2) WHERE id = $1`,
      [setup.personId, JSON.stringify(0.8 * setup.figures.peak)],
    );
    const beyond = await mika.put<SetupRecord>(`/setups/${uuidv7()}`, inputOf(setup, 0));
    const refusal = beyond.body.cautions.find(({ rule }) => rule === 'clearance-limit');
    expect(beyond.body.ready).toBeFalse();
    expect(refusal?.level).toBe('refuse');
    expect(refusal?.cure?.kind).toBe('distance');
    const answer = await mika.put<ProblemDocument>(`/sessions/${uuidv7()}`, {
      prescriptionId,
      startedAt: new Date().toISOString(),
    });
    expect([answer.status, answer.body.code]).toEqual([409, 'not-ready']);
    expect(answer.body.faults?.[0]?.found).toContain('clearance-limit');
  });

  it('stops on a red flag and prescribes nothing', async () => {
    const setup = await demoSetup(studio.mika, 'Odile Brandt');
    const before = await prescriptionOf(setup.personId);
    const session = await startedSession(studio.mika, setup);
    await studio.mika.put(`/sessions/${session.id}/sets/${uuidv7()}`, doneSet(10));
    const finish = { redFlag: true };
    const { body } = await studio.mika.post<SessionRecord>(
      `/sessions/${session.id}/finish`,
      finish,
    );
    expect(body.decision?.code).toBe('stop');
    await studio.mika.post(`/decisions/${body.decision?.id}/accept`);
    const after = await prescriptionOf(setup.personId);
    expect(after?.fromDecisionId).not.toBe(body.decision?.id ?? '');
    expect(after?.id).not.toBe(before?.id ?? '');
  });

  async function prescriptionOf(personId: string): Promise<PrescriptionRecord | undefined> {
    const all = await recordsOf(studio.mika, 'prescription');
    return all.find((entry) => entry.personId === personId);
  }
});
