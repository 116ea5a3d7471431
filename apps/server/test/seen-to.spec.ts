import type { SetupRecord } from '@wiry-otter/contracts';
import { v7 as uuidv7 } from 'uuid';
import { hashPassword } from '../src/areas/account/passwords.js';
import { PersonTrainerEntity } from '../src/areas/people/entities.js';
import { TrainerEntity } from '../src/areas/studio/entities.js';
import { demoSetup, inputOf } from './support/inputs.js';
import { bringUp, takeBack } from './support/migrations.js';
import { type Client, openTestStudio, signIn, type TestStudio } from './support/studio.js';

const WARNINGS = ['face-line', 'let-go', 'slack-start', 'stretch-high', 'door-side'];

describe('who saw to a warning', () => {
  let studio: TestStudio;
  let setup: SetupRecord;
  beforeEach(async () => {
    studio = await openTestStudio();
    setup = await demoSetup(studio.mika, 'Tobias Quill');
    setup = await save(studio.mika, { ...pulledFrom(1.9), acknowledged: WARNINGS });
  });
  afterEach(() => studio.close());

  /** Another trainer of the person's, signed in. */
  const colleague = async (): Promise<Client> => {
    const { manager } = studio.database;
    const [{ studioId }] = await manager.query<[{ studioId: string }]>(
      'SELECT studio_id AS "studioId" FROM setup WHERE id = $1',
      [setup.id],
    );
    const email = 'wren@canalside.example';
    const trainerId = uuidv7();
    await manager.insert(TrainerEntity, {
      id: trainerId,
      studioId,
      email,
      name: 'Wren Sluice',
      passwordHash: await hashPassword('lock keeper'),
    });
    await manager.insert(PersonTrainerEntity, { personId: setup.personId, trainerId, studioId });
    return signIn(studio.app, email, 'lock keeper');
  };

  const save = async (by: Client, change: object, version = setup.version): Promise<SetupRecord> =>
    (await by.put<SetupRecord>(`/setups/${setup.id}`, { ...inputOf(setup, version), ...change }))
      .body;
  /** The set-up with its anchor low and so far away: the recoil passes the head. */
  const pulledFrom = (x_m: number): Pick<SetupRecord, 'document'> => {
    const [name = ''] = Object.keys(setup.document.points);
    return { document: { ...setup.document, points: { [name]: [x_m, 0.2, 0] } } };
  };
  const namesOf = ({ cautions }: SetupRecord): Record<string, string | undefined> =>
    Object.fromEntries(
      cautions
        .filter(({ level }) => level === 'warn')
        .map(({ rule, seen }) => [rule, seen?.name] as const),
    );

  it('stays on record as long as the warning says the same', async () => {
    const wren = await colleague();
    const again = await save(wren, { title: 'Renamed' });
    expect(Object.keys(namesOf(setup)).length).toBeGreaterThan(0);
    expect(namesOf(again)).toEqual(namesOf(setup));
    expect(again.cautions).toEqual(setup.cautions);
    expect(again.ready).toBeTrue();
  });

  it('is whoever saw to what the warning says now', async () => {
    const wren = await colleague();
    const changed = await save(wren, { ...pulledFrom(2), acknowledged: WARNINGS });
    const saidAnew = changed.cautions.filter(
      ({ level, text }) =>
        level === 'warn' && !setup.cautions.some((caution) => caution.text === text),
    );
    expect(saidAnew.length).toBeGreaterThan(0);
    for (const { rule, seen } of saidAnew) {
      expect(seen?.name).withContext(rule).toBe('Wren Sluice');
      expect(seen?.at).withContext(rule).toBe(changed.savedAt);
    }
    const untold = await save(wren, { acknowledged: [] }, changed.version);
    expect(untold.ready).toBeFalse();
    expect(Object.values(namesOf(untold))).not.toContain(jasmine.any(String));
  });

  it('is nobody for what was not warned of: a note and a refusal cannot be seen to', async () => {
    const { document } = pulledFrom(2.8);
    const refused = await save(studio.mika, {
      document: { ...document, exercise: { ...document.exercise, cautions: ['back-form'] } },
      acknowledged: ['stretch-limit', 'hands', 'back-form'],
    });
    expect(refused.ready).toBeFalse();
    expect(refused.cautions.some(({ level }) => level === 'refuse')).toBeTrue();
    const unseen = refused.cautions.filter(({ level }) => level !== 'warn');
    expect(unseen.some(({ level }) => level === 'note')).toBeTrue();
    for (const { rule, seen } of unseen) expect(seen).withContext(rule).toBeUndefined();
  });

  it('is kept through the step back to one list of rules, and forward again', async () => {
    const { database } = studio;
    await takeBack(database, 'WhoSawToIt');
    const [{ acknowledged, cautions }] = await database.query<
      [{ acknowledged: string[]; cautions: SetupRecord['cautions'] }]
    >('SELECT acknowledged, cautions FROM setup_version WHERE setup_id = $1 AND version = $2', [
      setup.id,
      setup.version,
    ]);
    const seenTo = setup.cautions.filter(({ seen }) => seen !== undefined);
    expect(acknowledged).toEqual(seenTo.map(({ rule }) => rule));
    expect(cautions.some(({ seen }) => seen !== undefined)).toBeFalse();
    await bringUp(database);
    expect((await demoSetup(studio.mika, 'Tobias Quill')).cautions).toEqual(setup.cautions);
  });
});
