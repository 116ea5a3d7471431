import { findExercise } from '@wiry-otter/catalogue';
import { v7 as uuidv7 } from 'uuid';
import { PROBLEMS } from '../src/platform/problems/catalogue.js';
import { demoSetup } from './support/inputs.js';
import { bringUp, count, takeBack } from './support/migrations.js';
import { openTestStudio, type TestStudio } from './support/studio.js';

describe('database', () => {
  let studio: TestStudio;
  beforeEach(async () => {
    studio = await openTestStudio();
  });
  afterEach(() => studio.close());

  it('carries the studio in every table of records', async () => {
    const rows = await studio.database.query<{ name: string }[]>(
      `SELECT table_name AS name FROM information_schema.tables t
       WHERE table_schema = 'public' AND NOT EXISTS (
         SELECT 1 FROM information_schema.columns c
         WHERE c.table_name = t.table_name AND c.column_name = 'studio_id')`,
    );
    expect(rows.map(({ name }) => name).sort()).toEqual([
      'attempt_limit',
      'backup_made',
      'feed_epoch',
      'first_start',
      'migrations',
      'studio',
    ]);
  });

  it('can be taken back and brought up again', async () => {
    await takeBack(studio.database, 'FirstSlice');
    await bringUp(studio.database);
    expect(await count(studio.database, 'band')).toBe('0');
  });

  it('keeps what sets count through the step to holds, there and back', async () => {
    const works = (): Promise<unknown> =>
      studio.database.query('SELECT id, work FROM prescription ORDER BY id');
    const before = await works();
    await takeBack(studio.database, 'NetPull');
    expect(await count(studio.database, "prescription WHERE reps ? 'from'")).not.toBe('0');
    await bringUp(studio.database);
    expect(await works()).toEqual(before);
  });

  it('keeps exercises, alone and in set-ups, through the word of how the body is held', async () => {
    const exercises = (): Promise<unknown> =>
      studio.database.query(
        `SELECT document->'exercise' AS exercise FROM setup_version
         UNION ALL SELECT document FROM own_exercise ORDER BY exercise`,
      );
    const document = { ...findExercise('standing-row'), id: 'own-row', title: 'Capstan row' };
    await studio.mika.put(`/exercises/${uuidv7()}`, { version: 0, document });
    const before = await exercises();
    await takeBack(studio.database, 'Posture');
    const inOld = (what: string) => count(studio.database, `${what} ? 'stance'`);
    expect(await inOld('own_exercise WHERE document')).toBe('1');
    expect(await inOld("setup_version WHERE document->'exercise'")).not.toBe('0');
    await bringUp(studio.database);
    expect(await exercises()).toEqual(before);
  });

  it('keeps what a saved set-up asks through the step to how sure it is', async () => {
    const saved = await demoSetup(studio.mika, 'Tobias Quill');
    expect(saved.figures.meanStd).toBeGreaterThan(0);
    await takeBack(studio.database, 'HowSureTheMeanIs');
    expect(await count(studio.database, "setup_version WHERE figures ? 'meanStd'")).toBe('0');
    await bringUp(studio.database);
    const again = await demoSetup(studio.mika, 'Tobias Quill');
    expect(again.figures).toEqual({ ...saved.figures, model: 1, meanStd: null });
  });

  it('keeps every band, state and pull through the step to copies and measurements', async () => {
    const readings = await count(studio.database, 'band_reading');
    await takeBack(studio.database, 'KnowTheBands');
    expect(await count(studio.database, "band WHERE state = 'watch'")).toBe('1');
    expect(await count(studio.database, 'band_reading')).toBe(readings);
    await bringUp(studio.database);
    expect(await count(studio.database, "band_copy WHERE state = 'watch'")).toBe('1');
    expect(await count(studio.database, 'band_copy')).toBe('12');
    // Old Mooring was measured on two days, three bands never.
    expect(await count(studio.database, 'band_measurement')).toBe('11');
    expect(await count(studio.database, 'band_reading WHERE measurement_id IS NOT NULL')).toBe(
      readings,
    );
  });
});

describe('the catalogue of problems', () => {
  it('gives every code a status of its class and words', () => {
    for (const [code, { status, title }] of Object.entries(PROBLEMS)) {
      expect(status).withContext(code).toBeGreaterThanOrEqual(400);
      expect(status).withContext(code).toBeLessThan(600);
      expect(title.length).withContext(code).toBeGreaterThan(10);
      expect(code).toMatch(/^[a-z]+(-[a-z]+)*$/);
    }
  });
});
