import { derivedId } from '@wiry-otter/derived';
import { v7 as uuidv7 } from 'uuid';
import { Stops1766600000000 } from '../src/migrations/1766600000000-stops.js';
import { demoSetup, doneSet, startedSession } from './support/inputs.js';
import { openTestStudio, type TestStudio } from './support/studio.js';

/** A stop as the table has it. */
interface Row {
  readonly id: string;
  readonly cause: string;
  readonly said: string;
  readonly scope: { readonly all: boolean; readonly groups: readonly string[] };
  readonly lifted: { readonly by: string } | null;
  readonly wants_look: boolean;
}

describe('a log of before stops were kept', () => {
  let studio: TestStudio;

  beforeEach(async () => {
    studio = await openTestStudio();
  });
  afterEach(() => studio.close());

  it('gets a stop for each flag and each pain of 6 or more; those of long ago are lifted for a look', async () => {
    const { database, mika } = studio;
    const setup = await demoSetup(mika, 'Tobias Quill');
    const sessions = [];
    for (let i = 0; i < 3; i++) sessions.push(await startedSession(mika, setup));
    const [old, flagged, hurt] = sessions.map(({ id }) => id);
    const [mild, severe, undone] = [uuidv7(), uuidv7(), uuidv7()];
    await mika.put(`/sessions/${hurt}/sets/${mild}`, doneSet(10, { pain: 5 }));
    await mika.put(`/sessions/${hurt}/sets/${severe}`, doneSet(10, { pain: 8 }));
    await mika.put(`/sessions/${hurt}/sets/${undone}`, doneSet(10, { pain: 9 }));
    await mika.put(`/sessions/${hurt}/sets/${undone}/set-aside`, { setAside: true });
    await database.query(
      `UPDATE training_session SET red_flag = true,
        started_at = CASE WHEN id = $1 THEN now() - interval '40 days' ELSE started_at END
       WHERE id IN ($1, $2)`,
      [old, flagged],
    );
    const runner = database.createQueryRunner();
    const migration = new Stops1766600000000();
    await migration.down(runner);
    await migration.up(runner);
    await runner.release();

    const rows = await database.query<Row[]>('SELECT * FROM training_stop');
    const byId = new Map(rows.map((row) => [row.id, row]));
    expect(rows.length).toBe(3);
    const ofOld = byId.get(derivedId('stop', old ?? '', 'flag'));
    expect([ofOld?.cause, ofOld?.lifted?.by, ofOld?.wants_look]).toEqual([
      'other',
      'migration',
      true,
    ]);
    const ofFlag = byId.get(derivedId('stop', flagged ?? '', 'flag'));
    expect([ofFlag?.said, ofFlag?.scope.all, ofFlag?.lifted]).toEqual(['', true, null]);
    const ofSet = byId.get(derivedId('stop', severe));
    expect([ofSet?.cause, ofSet?.scope.all, ofSet?.lifted]).toEqual(['pain', false, null]);
    expect(ofSet?.scope.groups).toContain('lats');
  });
});
