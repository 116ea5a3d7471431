import type {
  Account,
  NoteRecord,
  PersonInput,
  PersonRecord,
  PlaceRecord,
  ProblemDocument,
} from '@wiry-otter/contracts';
import { v7 as uuidv7 } from 'uuid';
import { StudioEntity } from '../src/areas/studio/entities.js';
import { dayInZone, NOTHING_SAID_YET, personFields } from '@wiry-otter/derived';
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
        ...NOTHING_SAID_YET,
        bodyMasses: [{ on: dayInZone(new Date(), 'Europe/Amsterdam'), mass_kg: 77 }],
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
      if (tobias === undefined) return fail('no person');
      const { id, trainedSince } = tobias;
      const cleared = { ...personFields(tobias), clearance: CLEARANCE };
      const changed = await studio.mika.put<PersonRecord>(`/people/${id}`, cleared);
      expect(changed.body.clearance).toEqual(CLEARANCE);
      expect(changed.body.trainedSince).toEqual(trainedSince);
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

    it('keep what a device of before leaves out, and what they weigh from then on', async () => {
      const id = uuidv7();
      const places = await recordsOf(studio.mika, 'place');
      const said = {
        figuresShown: false,
        bodyMasses: [{ on: '2026-10-01', mass_kg: 77 }],
        freeSlots: [{ weekday: 'monday', from: '17:00', to: '18:30' }],
        rehabStage: 'isometric',
        noGo: ['front-raise'],
        placeIds: places.slice(0, 1).map((place) => place.id),
        consent: { by: 'Hanna Kolk', on: '2026-09-01' },
      };
      await studio.mika.put(`/people/${id}`, { ...PILOT, ...said });
      const older = { ...PILOT, version: 1, mass_kg: 76 };
      const { body } = await studio.mika.put<PersonRecord>(`/people/${id}`, older);
      const today = dayInZone(new Date(), 'Europe/Amsterdam');
      const bodyMasses = [...said.bodyMasses, { on: today, mass_kg: 76 }];
      expect(body).toEqual(jasmine.objectContaining({ ...said, bodyMasses }));
      const stranger = await recordsOf(studio.stranger, 'place');
      const elsewhere = {
        ...older,
        version: 2,
        placeIds: [uuidv7(), ...stranger.map((p) => p.id)],
      };
      expect((await studio.mika.put(`/people/${id}`, elsewhere)).status).toBe(404);
    });

    it('have notes that are changed and taken away, and stay whose they were', async () => {
      const [person] = await recordsOf(studio.mika, 'person');
      const id = uuidv7();
      const noted = {
        ...{ version: 0, personId: person?.id ?? '', day: '2026-11-20' },
        ...{ text: ' Rows well below the gate. ', removed: false },
      };
      const { body } = await studio.mika.put<NoteRecord>(`/notes/${id}`, noted);
      expect([body.text, body.writtenBy]).toEqual(['Rows well below the gate.', 'Mika Ferrow']);
      const gone = { ...noted, version: 1, removed: true };
      expect((await studio.mika.put<NoteRecord>(`/notes/${id}`, gone)).body.removed).toBeTrue();
      expect((await studio.mika.put(`/notes/${id}`, gone)).status).toBe(409);
      expect((await studio.stranger.put(`/notes/${id}`, noted)).status).toBe(404);
      const people = await recordsOf(studio.mika, 'person');
      const other = people.find((one) => one.id !== person?.id);
      const moved = { ...gone, version: 2, personId: other?.id ?? '' };
      expect((await studio.mika.put(`/notes/${id}`, moved)).status).toBe(404);
    });

    const WEIGHED = { on: '2026-10-01', mass_kg: 77 };

    it('are refused by place where they could not be', async () => {
      const wrong = [
        [{ name: '  ' }, '$.name'],
        [{ stature_m: 174 }, '$.stature_m'],
        [{ mass_kg: 3 }, '$.mass_kg'],
        [{ bornOn: '1066-10-14' }, '$.bornOn'],
        [{ clearance: { ...CLEARANCE, by: '' } }, '$.clearance.by'],
        [{ clearance: { ...CLEARANCE, on: '2027-03-01' } }, '$.clearance.until'],
        [{ freeSlots: [{ weekday: 'monday', from: '18:00', to: '17:00' }] }, '$.freeSlots[0].to'],
        [{ bodyMasses: [WEIGHED, WEIGHED] }, '$.bodyMasses'],
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
