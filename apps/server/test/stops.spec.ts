import type {
  PersonRecord,
  ProblemDocument,
  SessionRecord,
  StopInput,
  StopRecord,
} from '@wiry-otter/contracts';
import { derivedId, personFields } from '@wiry-otter/derived';
import { v7 as uuidv7 } from 'uuid';
import { demoSetup, doneSet, prescribed, startedSession } from './support/inputs.js';
import { decisionOf, recordsOf } from './support/records.js';
import { openTestStudio, type TestStudio } from './support/studio.js';

describe('stops', () => {
  let studio: TestStudio;

  beforeEach(async () => {
    studio = await openTestStudio();
  });
  afterEach(() => studio.close());

  const setupOf = () => demoSetup(studio.mika, 'Tobias Quill');
  /** Begins a session of Tobias's row; what the server answers. */
  const begin = async (knownTo?: string) =>
    studio.mika.put<ProblemDocument & SessionRecord>(`/sessions/${uuidv7()}`, {
      prescriptionId: await prescribed(studio.mika, await setupOf()),
      startedAt: new Date().toISOString(),
      ...(knownTo === undefined ? {} : { knownTo }),
    });
  const stops = (): Promise<StopRecord[]> => recordsOf(studio.mika, 'stop');

  async function flagged(cause: StopInput['cause']): Promise<string> {
    const session = await startedSession(studio.mika, await setupOf());
    await studio.mika.put(`/sessions/${session.id}/sets/${uuidv7()}`, doneSet(10));
    const id = uuidv7();
    const at = new Date().toISOString();
    const { exerciseId } = session.prescription;
    const { personId } = session;
    const stop = { personId, cause, said: '', sessionId: session.id, exerciseId, at };
    expect((await studio.mika.put(`/stops/${id}`, stop)).status).toBe(200);
    return id;
  }

  it('are written with the set that hurt, and refuse the next session', async () => {
    const session = await startedSession(studio.mika, await setupOf());
    const setId = uuidv7();
    await studio.mika.put(`/sessions/${session.id}/sets/${setId}`, doneSet(10, { pain: 7 }));
    const [stop] = await stops();
    expect(stop?.id).toBe(derivedId('stop', setId));
    expect([stop?.cause, stop?.scope.all, stop?.lifted]).toEqual(['pain', false, null]);
    const refused = await begin();
    expect([refused.status, refused.body.code]).toEqual([409, 'stopped']);
    expect(refused.body.faults?.[0]?.found).toContain('pain of 6 or more');
  });

  it('are lifted by a trainer’s "go on" where the cause allows it, and then ease the work', async () => {
    const id = await flagged('numbness');
    const [stop] = await stops();
    expect(stop?.scope.all).toBeTrue();
    const [session] = (await recordsOf(studio.mika, 'session')).filter(
      ({ id: one }) => one === stop?.sessionId,
    );
    expect(session?.finishedAt).not.toBeNull();
    expect(session?.decision?.code).toBe('stop');
    const why = { why: 'It was the strap: looked at, no feeling lost.' };
    expect((await studio.mika.post(`/stops/${id}/lift`, why)).status).toBe(200);
    expect((await begin()).status).toBe(200);
    if (session === undefined) return fail('no session');
    expect((await decisionOf(studio.mika, session)).decision.code).toBe('lighter');
  });

  it('of chest pain are lifted by a clearance made after them alone', async () => {
    const id = await flagged('chestPain');
    const refused = await studio.mika.post<ProblemDocument>(`/stops/${id}/lift`, { why: 'Fine.' });
    expect([refused.status, refused.body.code]).toEqual([409, 'needs-clearance']);
    const people = await recordsOf(studio.mika, 'person');
    const person = people.find(({ name }) => name === 'Tobias Quill') as PersonRecord;
    const [stop] = await stops();
    const clearance = {
      ...{ by: 'Dr. Wren Sallow', limits: '', profession: 'Physician' },
      ...{ on: stop?.day ?? '', until: '2199-01-01' },
    };
    const written = await studio.mika.put(`/people/${person.id}`, {
      ...personFields(person),
      clearance,
    });
    expect(written.status).toBe(200);
    expect((await stops())[0]?.lifted).toEqual(
      jasmine.objectContaining({ by: 'clearance', name: 'Dr. Wren Sallow' }),
    );
    expect((await begin()).status).toBe(200);
  });

  it('ticked by mistake are taken back with a reason that stays, and leave the reviews', async () => {
    const id = await flagged('dizziness');
    await studio.mika.post(`/stops/${id}/take-back`, { why: 'A slip of the thumb.' });
    const [stop] = await stops();
    expect(stop?.takenBack?.why).toBe('A slip of the thumb.');
    expect((await begin()).status).toBe(200);
    const session = (await recordsOf(studio.mika, 'session')).find(
      (one) => one.id === stop?.sessionId,
    );
    if (session === undefined) return fail('no session');
    expect((await decisionOf(studio.mika, session)).decision.code).not.toBe('stop');
  });

  it('keep and mark a session of a device that they had not reached', async () => {
    const { body } = await studio.mika.get<{ cursor: string }>('/changes');
    await flagged('numbness');
    const kept = await begin(body.cursor);
    expect([kept.status, kept.body.againstStop]).toEqual([200, true]);
    let known = (await studio.mika.get<{ cursor: string; more: boolean }>('/changes')).body;
    while (known.more) {
      known = (
        await studio.mika.get<{ cursor: string; more: boolean }>(`/changes?after=${known.cursor}`)
      ).body;
    }
    expect((await begin(known.cursor)).status).toBe(409);
  });

  it('come of the next morning too, after a decision that was taken', async () => {
    const session = await startedSession(studio.mika, await setupOf());
    for (const _ of [1, 2, 3]) {
      await studio.mika.put(`/sessions/${session.id}/sets/${uuidv7()}`, doneSet(12));
    }
    const ended = await studio.mika.post<SessionRecord>(`/sessions/${session.id}/finish`, {
      redFlag: false,
    });
    await studio.mika.post(`/decisions/${ended.body.decision?.id}/accept`);
    await studio.mika.put(`/sessions/${session.id}/next-morning`, { pain: 5 });
    const eased = await decisionOf(studio.mika, ended.body);
    expect([eased.decision.code, eased.status]).toEqual(['lighter', 'waiting']);
    expect(eased.outcomesBefore.length).toBe(1);
    await studio.mika.put(`/sessions/${session.id}/next-morning`, { pain: 8 });
    expect((await decisionOf(studio.mika, ended.body)).decision.code).toBe('stop');
    expect((await begin()).status).toBe(409);
  });
});
