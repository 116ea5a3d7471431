import type {
  Account,
  PersonInput,
  PersonRecord,
  PlaceRecord,
  ProblemDocument,
} from '@wiry-otter/contracts';
import { v7 as uuidv7 } from 'uuid';
import { StudioEntity } from '../src/areas/studio/entities.js';
import { dayInZone } from '@wiry-otter/derived';
import { demoSetup } from './support/inputs.js';
import { addTrainer, openTestStudio, signIn, type TestStudio } from './support/studio.js';
import { bandsOf, recordsOf, sessionsOf } from './support/records.js';

describe('people and places', () => {
  let studio: TestStudio;
  beforeEach(async () => {
    studio = await openTestStudio();
  });
  afterEach(() => studio.close());

  it('come with the demo: four people, three places with anchors', async () => {
    const people = await recordsOf(studio.mika, 'person');
    expect(people.map(({ name }) => name).sort()).toEqual([
      'Odile Brandt',
      'Runa Halvard',
      'Tobias Quill',
      'Ylva Marsh',
    ]);
    const places = await recordsOf(studio.mika, 'place');
    expect(places.length).toBe(3);
    for (const { anchors } of places) expect(anchors.length).toBeGreaterThan(1);
  });

  it('keep the clearance of the demo ahead of its last session', async () => {
    const people = await recordsOf(studio.mika, 'person');
    const cleared = people.find(({ clearance }) => clearance !== null);
    expect(cleared?.goal).toBe('rehab');
    expect((cleared?.clearance?.until ?? '') > dayInZone(new Date(), 'UTC')).toBeTrue();
  });

  it('know since when each exercise is trained, from the log', async () => {
    const people = await recordsOf(studio.mika, 'person');
    const tobias = people.find(({ name }) => name === 'Tobias Quill');
    const sessions = await sessionsOf(studio.mika);
    const days = sessions
      .filter(({ personId }) => personId === tobias?.id)
      .map(({ startedAt }) => dayInZone(new Date(startedAt), 'Europe/Amsterdam'))
      .sort();
    expect(tobias?.trainedSince).toEqual({ 'standing-row': days[0] ?? '' });
    expect(people.find(({ name }) => name === 'Runa Halvard')?.trainedSince).toEqual({});
    const one = await studio.mika.get<PersonRecord>(`/records/person/${tobias?.id}`);
    expect(one.body).toEqual(jasmine.objectContaining({ trainedSince: tobias?.trainedSince }));
  });

  it('are shown to the trainer they were given to, not to a colleague', async () => {
    const [first] = await studio.database.manager.find(StudioEntity, {
      where: { name: 'Towpath Training' },
    });
    await addTrainer(studio.database, first?.id ?? '', {
      email: 'colleague@canalside.example',
      name: 'A colleague',
      password: 'tiller',
    });
    const colleague = await signIn(studio.app, 'colleague@canalside.example', 'tiller');
    const setup = await demoSetup(studio.mika, 'Odile Brandt');
    expect((await colleague.get<Account>('/account')).body.studioId).toBe(first?.id ?? '');
    expect((await bandsOf(colleague)).length).toBe(12);
    expect(await recordsOf(colleague, 'person')).toEqual([]);
    for (const path of [`/records/person/${setup.personId}`, `/records/setup/${setup.id}`]) {
      expect((await colleague.get(path)).status)
        .withContext(path)
        .toBe(404);
    }
    for (const kind of ['setup', 'session', 'prescription', 'decision', 'bandMove'] as const) {
      expect(await recordsOf(colleague, kind))
        .withContext(kind)
        .toEqual([]);
    }
  });

  it('change with their anchors; one left out is put away, its set-ups stay', async () => {
    const setup = await demoSetup(studio.mika, 'Tobias Quill');
    const placeOf = async (): Promise<PlaceRecord | undefined> =>
      (await recordsOf(studio.mika, 'place')).find(({ id }) => id === setup.placeId);
    const before = await placeOf();
    if (before === undefined) return fail('no place');
    const { id, ...fields } = before;
    const [gone, ...kept] = fields.anchors;
    const rack = {
      id: uuidv7(),
      name: 'Net rack',
      kind: 'rack' as const,
      lowest_m: 0.1,
      highest_m: 2,
      girth_m: 0.2,
      ratedLoad_N: 1500,
      door: null,
    };
    const input = { ...fields, about: 'Tidied', anchors: [...kept, rack] };
    const saved = await studio.mika.put<PlaceRecord>(`/places/${id}`, input);
    expect(saved.status).toBe(200);
    const after = await placeOf();
    expect(after?.version).toBe(before.version + 1);
    expect(after?.anchors.map(({ name }) => name)).toContain('Net rack');
    expect(after?.anchors.map(({ name }) => name)).not.toContain(gone?.name ?? '');
    expect((await studio.mika.get(`/records/setup/${setup.id}`)).status).toBe(200);
    expect((await studio.mika.put(`/places/${id}`, input)).status).toBe(409);
    const stranger = { ...input, version: 2 };
    expect((await studio.stranger.put(`/places/${id}`, stranger)).status).toBe(404);
  });

  it('refuse an anchor that cannot be, naming it', async () => {
    const bad = {
      version: 0,
      name: 'Wharf',
      about: '',
      anchors: [
        {
          id: uuidv7(),
          name: 'Bollard',
          kind: 'post',
          lowest_m: 2,
          highest_m: 1,
          girth_m: -1,
          ratedLoad_N: null,
          door: { side: 'over', opens: 'away', locked: false, foamEnd: true },
        },
      ],
    };
    const { status, body } = await studio.mika.put<ProblemDocument>(`/places/${uuidv7()}`, bad);
    expect(status).toBe(400);
    expect(body.faults?.map(({ path }) => path)).toContain('$.anchors[0].girth_m');
    const mended = { ...bad, anchors: bad.anchors.map((anchor) => ({ ...anchor, girth_m: 0.5 })) };
    const again = await studio.mika.put<ProblemDocument>(`/places/${uuidv7()}`, mended);
    expect(again.body.faults?.map(({ path }) => path).sort()).toEqual([
      '$.anchors[0].door',
      '$.anchors[0].highest_m',
    ]);
  });

  describe('that a trainer writes down', () => {
    const PILOT: PersonInput = {
      version: 0,
      name: '  Jory Lantern ',
      about: 'Pilot of the night barge',
      stature_m: 1.74,
      mass_kg: 77,
      goal: 'build',
      painLimit: 3,
      latexAllergy: false,
      bornOn: null,
      conditions: [],
      mountLimit_N: 250,
      ranges: [],
      clearance: null,
    };
    const CLEARANCE: PersonInput['clearance'] = {
      by: 'Sanne Okoro, physiotherapist',
      until: '2027-02-28',
      limits: 'Nothing overhead.',
      enforced: { handHeight_m: 1.4 },
    };

    it('are theirs from then on, and nobody else’s', async () => {
      const id = uuidv7();
      const { body, status } = await studio.mika.put<PersonRecord>(`/people/${id}`, PILOT);
      expect(status).toBe(200);
      const { id: trainerId } = (await studio.mika.get<Account>('/account')).body.trainer;
      expect(body).toEqual({
        ...{ ...PILOT, id, version: 1, name: 'Jory Lantern' },
        ...{ trainedSince: {}, trainerIds: [trainerId], clearancesBefore: [] },
      });
      const ids = (await recordsOf(studio.mika, 'person')).map((one) => one.id);
      expect(ids).toContain(id);
      const taken = await studio.stranger.put(`/people/${id}`, PILOT);
      expect(taken.status).toBe(404);
    });

    it('are changed from the version on record, and keep what the log knows of them', async () => {
      const people = await recordsOf(studio.mika, 'person');
      const tobias = people.find(({ name }) => name === 'Tobias Quill');
      const {
        id = '',
        trainedSince,
        trainerIds: _trainers,
        clearancesBefore: _kept,
        ...fields
      } = tobias ?? {};
      const cleared = { ...fields, clearance: CLEARANCE };
      const changed = await studio.mika.put<PersonRecord>(`/people/${id}`, cleared);
      expect(changed.body.clearance).toEqual(CLEARANCE);
      expect(changed.body.trainedSince).toEqual(trainedSince ?? {});
      // A word put right is the same clearance; a renewal keeps the one of before.
      const reworded = { ...CLEARANCE, limits: 'Nothing overhead, nothing fast.' };
      const renewed = { ...reworded, until: '2027-06-30' };
      const put = async (version: number, clearance: PersonInput['clearance']) =>
        (await studio.mika.put<PersonRecord>(`/people/${id}`, { ...cleared, version, clearance }))
          .body;
      const second = await put(changed.body.version, reworded);
      expect(second.clearancesBefore).toEqual([]);
      const third = await put(second.version, renewed);
      expect(third.clearancesBefore).toEqual([reworded]);
      const fourth = await put(third.version, null);
      expect(fourth.clearancesBefore).toEqual([renewed, reworded]);
      // Undone step by step.
      const fifth = await put(fourth.version, renewed);
      expect(fifth.clearancesBefore).toEqual([reworded]);
      expect((await put(fifth.version, reworded)).clearancesBefore).toEqual([]);
      const older = await studio.mika.put<ProblemDocument>(`/people/${id}`, cleared);
      expect([older.status, older.body.code]).toEqual([409, 'version-conflict']);
    });

    it('are refused by place where they could not be', async () => {
      const wrong = [
        [{ name: '  ' }, '$.name'],
        [{ stature_m: 174 }, '$.stature_m'],
        [{ mass_kg: 3 }, '$.mass_kg'],
        [{ bornOn: '1066-10-14' }, '$.bornOn'],
        [{ clearance: { ...CLEARANCE, by: '' } }, '$.clearance.by'],
        [{ ranges: [{ joint: 'knee', least_deg: 90, most_deg: 10 }] }, '$.ranges[0].most_deg'],
      ] as const;
      for (const [part, path] of wrong) {
        const input = { ...PILOT, ...part };
        const { body, status } = await studio.mika.put<ProblemDocument>(
          `/people/${uuidv7()}`,
          input,
        );
        expect(status).withContext(path).toBe(400);
        expect(body.faults?.map((fault) => fault.path)).toEqual([path]);
      }
    });
  });
});
