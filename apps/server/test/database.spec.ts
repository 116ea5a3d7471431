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

  const count = async (what: string): Promise<string | undefined> =>
    (await studio.database.query<{ n: string }[]>(`SELECT count(*) AS n FROM ${what}`))[0]?.n;

  /** Takes back the migration whose name begins so, and all after it. */
  const takeBack = async (name: string): Promise<void> => {
    while ((await count(`migrations WHERE name LIKE '${name}%'`)) !== '0') {
      await studio.database.undoLastMigration();
    }
  };

  it('can be taken back and brought up again', async () => {
    await takeBack('FirstSlice');
    await studio.database.runMigrations();
    expect(await count('band')).toBe('0');
  });

  it('keeps every band, state and pull through the step to copies and measurements', async () => {
    const readings = await count('band_reading');
    await takeBack('KnowTheBands');
    expect(await count("band WHERE state = 'watch'")).toBe('1');
    expect(await count('band_reading')).toBe(readings);
    await studio.database.runMigrations();
    expect(await count("band_copy WHERE state = 'watch'")).toBe('1');
    expect(await count('band_copy')).toBe('12');
    // Old Mooring was measured on two days, three bands never.
    expect(await count('band_measurement')).toBe('11');
    expect(await count('band_reading WHERE measurement_id IS NOT NULL')).toBe(readings);
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
