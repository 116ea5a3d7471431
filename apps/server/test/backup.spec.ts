import { mkdtempSync, readFileSync, rmSync, truncateSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { RECORD_SOURCES, RECOUNTS } from '../src/areas/areas.js';
import { openDatabase } from '../src/open-database.js';
import { createRecordKeeper } from '../src/platform/records/record-keeper.js';
import { ensureRecords } from '../src/platform/records/rebuild-records.js';
import { allRecords } from './support/records.js';
import {
  buildTestApp,
  createEmptyDatabase,
  openTestStudio,
  signIn,
  type TestStudio,
  urlOfStudio,
} from './support/studio.js';

interface BackupProgram {
  readonly backUp: (url: string, file: string, password?: string) => void;
  readonly restore: (url: string, file: string, password?: string) => void;
}
const PROGRAM: string = new URL('../../../scripts/machine/backup.mjs', import.meta.url).href;

describe('a back-up', () => {
  let studio: TestStudio;
  let program: BackupProgram;
  let folder: string;
  let file: string;
  beforeEach(async () => {
    program = (await import(PROGRAM)) as BackupProgram;
    studio = await openTestStudio();
    folder = mkdtempSync(join(tmpdir(), 'otter-backup-spec-'));
    file = join(folder, 'practice.backup');
  });
  afterEach(async () => {
    rmSync(folder, { recursive: true, force: true });
    await studio.close();
  });

  it('restored into an empty database is the same practice, on another server', async () => {
    program.backUp(await urlOfStudio(studio), file);
    const empty = await createEmptyDatabase();
    program.restore(empty.url, file);
    const database = await openDatabase(empty.url);
    await ensureRecords(database, createRecordKeeper(RECORD_SOURCES), RECOUNTS);
    const app = await buildTestApp(database);
    const mika = await signIn(app, 'mika@canalside.example', 'towpath');
    const byId = (a: { id: string }, b: { id: string }): number => (a.id < b.id ? -1 : 1);
    expect((await allRecords(mika)).toSorted(byId)).toEqual(
      (await allRecords(studio.mika)).toSorted(byId),
    );
    // Numbers of transactions mean something else here: devices fill anew.
    const [epoch] = await database.query<{ id: string }[]>('SELECT id FROM feed_epoch');
    const [before] = await studio.database.query<{ id: string }[]>('SELECT id FROM feed_epoch');
    expect(epoch?.id).not.toBe(before?.id ?? '');
    await app.close();
    await database.destroy();
    await empty.drop();
  });

  it('is encrypted where a password is given, and opens with it alone', async () => {
    program.backUp(await urlOfStudio(studio), file, 'a towing line');
    expect(readFileSync(file).includes('canalside')).toBeFalse();
    const empty = await createEmptyDatabase();
    expect(() => program.restore(empty.url, file)).toThrowError(/is encrypted/);
    expect(() => program.restore(empty.url, file, 'tow rope')).toThrowError(/does not open/);
    program.restore(empty.url, file, 'a towing line');
    await empty.drop();
  });

  it('is not restored over what there is, nor from a file that is cut short', async () => {
    const url = await urlOfStudio(studio);
    program.backUp(url, file);
    expect(() => program.restore(url, file)).toThrowError(/has tables/);
    const empty = await createEmptyDatabase();
    truncateSync(file, 40_000);
    expect(() => program.restore(empty.url, file)).toThrowError();
    const database = await openDatabase(empty.url);
    expect(await database.query<object[]>('SELECT FROM studio')).toEqual([]);
    await database.destroy();
    await empty.drop();
  });
});
