import { findExercise } from '@wiry-otter/catalogue';
import type {
  DecisionRecord,
  PersonRecord,
  PrescriptionInput,
  PrescriptionRecord,
  ProblemDocument,
  SessionRecord,
  SetInput,
  SetupInput,
  SetupRecord,
  SkillTestInput,
  SkillTestRecord,
} from '@wiry-otter/contracts';
import { canBeUsed, composeSetup, fittedBand, knowBands } from '@wiry-otter/core';
import { v7 as uuidv7 } from 'uuid';
import { demoSetup, doneSet } from './support/inputs.js';
import { bringUp, count, takeBack } from './support/migrations.js';
import { openTestStudio, type TestStudio } from './support/studio.js';
import { bandsOf, recordsOf, sessionsOf, waitingDecisions, decisionOf } from './support/records.js';

type Work = Omit<PrescriptionInput, 'personId' | 'rest_s' | 'drop'>;

describe('skills', () => {
  let studio: TestStudio;
  beforeEach(async () => {
    studio = await openTestStudio();
  });
  afterEach(() => studio.close());

  async function runa(): Promise<PersonRecord> {
    const people = await recordsOf(studio.mika, 'person');
    const found = people.find(({ name }) => name === 'Runa Halvard');
    if (found === undefined) throw new Error('no Runa in the demo');
    return found;
  }

  /** Runa's pull-up with these bands under one foot, ready; without any it is the bare exercise. */
  async function pullUp(...names: string[]): Promise<SetupRecord> {
    const { mika } = studio;
    const person = await runa();
    const places = await recordsOf(mika, 'place');
    const place = places.find(({ anchors }) => anchors.some(({ kind }) => kind === 'bar'));
    const anchor = place?.anchors.find(({ kind }) => kind === 'bar');
    const exercise = findExercise('pull-up');
    if (place === undefined || anchor === undefined || exercise === undefined) {
      throw new Error('no bar in the demo');
    }
    const bands = knowBands(await bandsOf(mika)).filter(
      (band) => canBeUsed(band) && names.includes(band.record.name),
    );
    const input: SetupInput = {
      version: 0,
      personId: person.id,
      placeId: place.id,
      anchorId: anchor.id,
      title: names.join(' + ') || 'no band',
      routeId: 'hung-sole',
      document: {
        format: 'wiry-otter.setup',
        version: 1,
        ...composeSetup({
          exercise,
          body: person,
          anchor: { height_m: anchor.highest_m, distance_m: 0, girth_m: anchor.girth_m ?? 0 },
          routes: (exercise.routes ?? []).filter(({ id }) => id === 'hung-sole'),
          bands: bands.map(fittedBand),
        }),
      },
      acknowledged: [],
    };
    const id = uuidv7();
    const saved = (await mika.put<SetupRecord>(`/setups/${id}`, input)).body;
    if (saved.ready) return saved;
    const acknowledged = saved.cautions.map(({ rule }) => rule);
    return (await mika.put<SetupRecord>(`/setups/${id}`, { ...input, version: 1, acknowledged }))
      .body;
  }

  async function prescribe(part: Work): Promise<PrescriptionRecord> {
    const input = { ...part, personId: (await runa()).id, rest_s: 120, drop: null };
    return (await studio.mika.put<PrescriptionRecord>(`/prescriptions/${uuidv7()}`, input)).body;
  }

  async function trained(
    prescription: PrescriptionRecord,
    sets: readonly Partial<SetInput>[],
  ): Promise<SessionRecord> {
    const { mika } = studio;
    const started = await mika.put<SessionRecord>(`/sessions/${uuidv7()}`, {
      prescriptionId: prescription.id,
      startedAt: new Date().toISOString(),
    });
    const path = `/sessions/${started.body.id}`;
    for (const set of sets) await mika.put(`${path}/sets/${uuidv7()}`, doneSet(0, set));
    return (await mika.post<SessionRecord>(`${path}/finish`, { redFlag: false })).body;
  }

  const inForce = async (): Promise<PrescriptionRecord[]> => {
    const { id } = await runa();
    const all = await recordsOf(studio.mika, 'prescription');
    return all.filter(({ personId }) => personId === id);
  };

  const taperOf = (setups: readonly SetupRecord[]): Work => ({
    setupIds: setups.map(({ id }) => id),
    track: 'main',
    school: 'taper',
    sets: 3,
    work: { kind: 'reps', from: 3, to: 15 },
    target: [10, 6, 3],
  });

  it('taper over three set-ups, and take help from all of them when the rules say so', async () => {
    const setups: SetupRecord[] = [];
    for (const names of [['Towline'], ['Sluice'], ['Heron'], ['Reed']]) {
      setups.push(await pullUp(...names));
    }
    const [most, , , least] = setups.map(({ figures }) => figures.mean);
    expect(most).toBeLessThan(least ?? 0);
    const prescription = await prescribe(taperOf(setups.slice(0, 3)));
    const session = await trained(
      prescription,
      [12, 10, 5].map((reps, i) => ({ reps, setupId: setups[i]?.id ?? null })),
    );
    expect(session.setups.map(({ title }) => title)).toEqual(['Towline', 'Sluice', 'Heron']);
    expect(session.sets.map(({ setupId }) => setupId)).toEqual(prescription.setupIds);
    const decision = await decisionOf(studio.mika, session);
    expect(decision.decision.code).toBe('heavier');
    expect(decision.decision.rungs).toEqual([1, 2, 3]);
    expect(decision.decision.target).toEqual([10, 6, 3]);
    // The bare exercise is the last rung, though nobody saved it.
    expect(decision.review.ladder.at(-1)?.id).toBe('without help');
    expect(decision.ladder.length).toBe(4);
    await studio.mika.post<DecisionRecord>(`/decisions/${decision.id}/accept`);
    const [next] = await inForce();
    expect(next?.setupIds).toEqual(setups.slice(1).map(({ id }) => id));
    expect(next?.school).toBe('taper');
  });

  it('do not send a set to no help where that is too far, and graduate on the bare exercise', async () => {
    const setups = [await pullUp('Sluice'), await pullUp('Heron'), await pullUp('Reed')];
    const reps = (last: string | undefined): Partial<SetInput>[] =>
      [12, 10, 5].map((done, i) => ({
        reps: done,
        setupId: i === 2 ? (last ?? null) : (setups[i]?.id ?? null),
      }));
    const short = await trained(await prescribe(taperOf(setups)), reps(setups[2]?.id));
    const shortOf = await decisionOf(studio.mika, short);
    expect(shortOf.decision).toEqual(
      jasmine.objectContaining({ code: 'more', rungs: [0, 1, 2], target: [10, 10, 5] }),
    );
    // The bare exercise asks so much more that two repetitions of it are not likely yet.
    expect(shortOf.decision.reasons.map(({ rule }) => rule)).toContain('gap-too-wide');
    const bare = await pullUp();
    const [first, second] = setups as [SetupRecord, SetupRecord];
    const last = await trained(await prescribe(taperOf([first, second, bare])), reps(bare.id));
    expect(last.decision?.code).toBe('graduate');
  });

  it('stand twice for one exercise: slow lowerings beside the taper, neither overtakes the other', async () => {
    const setup = await pullUp('Sluice');
    const main = await prescribe(taperOf([setup, setup, setup]));
    const taper = await trained(main, [{ reps: 8 }, { reps: 6 }, { reps: 4 }]);
    const lowering = await prescribe({
      setupIds: [setup.id],
      track: 'lowering',
      school: 'lowering',
      sets: 2,
      work: { kind: 'lowering', hold_s: 1, lower_s: 1, reps: 3 },
      target: [1, 1],
    });
    expect((await inForce()).map(({ track }) => track).sort()).toEqual(['lowering', 'main']);
    const slow = { reps: 3, hold_s: 1, lowering_s: 2 };
    const first = await trained(lowering, [slow, slow]);
    // The pace of a slow lowering stands for six days before it slows.
    const waits = await decisionOf(studio.mika, first);
    expect(waits.decision).toEqual(jasmine.objectContaining({ code: 'repeat', target: [1, 1] }));
    expect(waits.decision.reasons.map(({ rule }) => rule)).toContain('lowering.stands');
    expect(first.sets[0]).toEqual(jasmine.objectContaining(slow));
    await studio.mika.post(`/decisions/${first.decision?.id}/accept`);
    const present = (await inForce()).find(({ track }) => track === 'lowering');
    expect(present?.target).toEqual([1, 1]);
    // The session before kept its second: this is the first that is short.
    const short = { ...slow, lowering_s: 0 };
    const second = await trained(present as PrescriptionRecord, [short, short]);
    expect(second.decision?.code).toBe('repeat');
    const { review } = await decisionOf(studio.mika, second);
    expect(review.prescription.hold_s).toBe(1);
    expect(review.sessions.length).toBe(2);
    const waiting = await waitingDecisions(studio.mika);
    expect(waiting.map(({ id }) => id)).toContain(taper.decision?.id ?? '');
  });

  it('refuse set-ups of two exercises, as many as there are no sets of, and a set with another', async () => {
    const [one, other] = [await pullUp('Sluice'), await demoSetup(studio.mika, 'Tobias Quill')];
    const { id: personId } = await runa();
    const put = (part: object) =>
      studio.mika.put<ProblemDocument>(`/prescriptions/${uuidv7()}`, {
        ...taperOf([one, one, one]),
        personId,
        rest_s: 120,
        ...part,
      });
    expect((await put({ setupIds: [one.id, one.id, other.id] })).status).toBe(404);
    const two = await put({ setupIds: [one.id, one.id] });
    expect([two.status, two.body.faults?.[0]?.path]).toEqual([400, '$.setupIds']);
    const prescription = await prescribe(taperOf([one, one, one]));
    const started = await studio.mika.put<SessionRecord>(`/sessions/${uuidv7()}`, {
      prescriptionId: prescription.id,
      startedAt: new Date().toISOString(),
    });
    const set = await studio.mika.put(
      `/sessions/${started.body.id}/sets/${uuidv7()}`,
      doneSet(5, { setupId: other.id }),
    );
    expect(set.status).toBe(404);
  });

  it('keep every session and set through the step to a set-up for each set, there and back', async () => {
    const { database } = studio;
    const setups = [await pullUp('Towline'), await pullUp('Sluice'), await pullUp('Heron')];
    const { decision } = await trained(
      await prescribe(taperOf(setups)),
      setups.map(({ id }) => ({ reps: 5, setupId: id })),
    );
    await studio.mika.post(`/decisions/${decision?.id}/accept`);
    const [sets, sessions] = [
      await count(database, 'training_set'),
      await count(database, 'training_session'),
    ];
    await takeBack(database, 'SetUpsOfEachSet');
    expect(await count(database, `prescription WHERE setup_id = '${setups[0]?.id}'`)).toBe('2');
    expect(await count(database, "decision WHERE outcome ? 'setupId'")).not.toBe('0');
    await bringUp(database);
    expect(await count(database, 'training_set WHERE setup_id IS NOT NULL')).toBe(sets);
    expect(await count(database, 'training_session')).toBe(sessions);
    expect(await count(database, "decision WHERE outcome ? 'setupId'")).toBe('0');
    const read = await sessionsOf(studio.mika);
    expect(String(read.length)).toBe(sessions ?? '');
    expect(read.every((session) => session.setups.length === 1)).toBeTrue();
  });

  describe('tests', () => {
    const test = async (part: Partial<SkillTestInput> = {}): Promise<SkillTestInput> => ({
      personId: (await runa()).id,
      exerciseId: 'pull-up',
      phases: null,
      day: '2026-11-20',
      effort: { kind: 'reps', reps: 5, spare: 1 },
      helpedBy: 'Sluice at the foot',
      load: 505,
      help: 0.24,
      ...part,
    });

    it('are entered once and kept; another under the same id is refused', async () => {
      const id = uuidv7();
      const input = await test();
      const entered = await studio.mika.put<SkillTestRecord>(`/skill-tests/${id}`, input);
      expect(entered.body).toEqual(jasmine.objectContaining({ id, ...input }));
      await studio.mika.put(`/skill-tests/${id}`, input);
      const other = await test({ load: 1 });
      expect((await studio.mika.put(`/skill-tests/${id}`, other)).status).toBe(409);
      const nothing = await test({ effort: null, helpedBy: null });
      await studio.mika.put(`/skill-tests/${uuidv7()}`, nothing);
      const all = await recordsOf(studio.mika, 'skillTest');
      expect(all.map(({ effort, load }) => [effort?.kind, load])).toEqual([
        ['reps', 505],
        [undefined, 505],
      ]);
    });

    it('are of one’s own people alone, and refused where they cannot be', async () => {
      const id = uuidv7();
      await studio.mika.put(`/skill-tests/${id}`, await test());
      expect(await recordsOf(studio.stranger, 'skillTest')).toEqual([]);
      const theirs = await studio.stranger.put(`/skill-tests/${uuidv7()}`, await test());
      expect(theirs.status).toBe(404);
      for (const wrong of [{ load: 0 }, { effort: { kind: 'hold', held_s: -1 } }]) {
        const answer = await studio.mika.put(`/skill-tests/${uuidv7()}`, {
          ...(await test()),
          ...wrong,
        });
        expect(answer.status).toBe(400);
      }
    });
  });
});
