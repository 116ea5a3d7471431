import type { Account, PersonRecord, PlaceRecord } from '@wiry-otter/contracts';
import { v7 as uuidv7 } from 'uuid';
import { hashPassword } from '../src/account/passwords.js';
import { StudioEntity, TrainerEntity } from '../src/database/entities/studio.js';
import { dayInZone } from '../src/platform/days.js';
import { demoSetup } from './support/inputs.js';
import { openTestStudio, signIn, type TestStudio } from './support/studio.js';

describe('people and places', () => {
  let studio: TestStudio;
  beforeEach(async () => {
    studio = await openTestStudio();
  });
  afterEach(() => studio.close());

  it('come with the demo: four people, three places with anchors', async () => {
    const people = (await studio.mika.get<PersonRecord[]>('/people')).body;
    expect(people.map(({ name }) => name)).toEqual([
      'Odile Brandt',
      'Runa Halvard',
      'Tobias Quill',
      'Ylva Marsh',
    ]);
    const places = (await studio.mika.get<PlaceRecord[]>('/places')).body;
    expect(places.length).toBe(3);
    for (const { anchors } of places) expect(anchors.length).toBeGreaterThan(1);
  });

  it('keep the clearance of the demo ahead of its last session', async () => {
    const people = (await studio.mika.get<PersonRecord[]>('/people')).body;
    const cleared = people.find(({ clearance }) => clearance !== null);
    expect(cleared?.goal).toBe('rehab');
    expect((cleared?.clearance?.until ?? '') > dayInZone(new Date(), 'UTC')).toBeTrue();
  });

  it('are shown to the trainer they were given to, not to a colleague', async () => {
    const [first] = await studio.database.manager.find(StudioEntity, {
      where: { name: 'Towpath Training' },
    });
    await studio.database.manager.insert(TrainerEntity, {
      id: uuidv7(),
      studioId: first?.id ?? '',
      email: 'colleague@canalside.example',
      name: 'A colleague',
      passwordHash: await hashPassword('tiller'),
    });
    const colleague = await signIn(studio.app, 'colleague@canalside.example', 'tiller');
    const setup = await demoSetup(studio.mika, 'Odile Brandt');
    expect((await colleague.get<Account>('/account')).body.studio.name).toBe('Towpath Training');
    expect((await colleague.get<unknown[]>('/bands')).body.length).toBe(12);
    expect((await colleague.get<unknown[]>('/people')).body).toEqual([]);
    for (const path of [`/people/${setup.personId}`, `/setups/${setup.id}`]) {
      expect((await colleague.get(path)).status)
        .withContext(path)
        .toBe(404);
    }
    for (const path of ['/setups', '/sessions', '/prescriptions', '/decisions']) {
      expect((await colleague.get<unknown[]>(path)).body)
        .withContext(path)
        .toEqual([]);
    }
  });
});
