import { PROBLEMS } from '../src/problems/catalogue.js';
import { openTestStudio, type TestStudio } from './support/studio.js';

describe('database', () => {
  let studio: TestStudio;
  beforeEach(async () => {
    studio = await openTestStudio();
  });
  afterEach(() => studio.close());

  it('puts a set into the partition of its month', async () => {
    const rows = await studio.database.query<{ table: string }[]>(
      'SELECT DISTINCT tableoid::regclass::text AS table FROM training_set',
    );
    expect(rows.length).toBeGreaterThan(0);
    for (const { table } of rows) expect(table).toMatch(/^training_set_\d{4}_\d{2}$/);
  });

  it('carries the studio in every table of records', async () => {
    const rows = await studio.database.query<{ name: string }[]>(
      `SELECT table_name AS name FROM information_schema.tables t
       WHERE table_schema = 'public' AND NOT EXISTS (
         SELECT 1 FROM information_schema.columns c
         WHERE c.table_name = t.table_name AND c.column_name = 'studio_id')`,
    );
    expect(rows.map(({ name }) => name).sort()).toEqual([
      'migrations',
      'sign_in_failure',
      'studio',
    ]);
  });

  it('can be taken back and brought up again', async () => {
    await studio.database.undoLastMigration();
    await studio.database.runMigrations();
    const [count] = await studio.database.query<{ n: string }[]>('SELECT count(*) AS n FROM band');
    expect(count?.n).toBe('0');
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
