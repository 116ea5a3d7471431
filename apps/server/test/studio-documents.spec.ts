import {
  bandDocument,
  type BackUps,
  type ImportPlan,
  personFile,
  type PersonFileDocument,
  type PersonFileRead,
  placeDocument,
  type SetupRecord,
  studioSettingsDocument,
} from '@wiry-otter/contracts';
import { strFromU8, unzipSync } from 'fflate';
import { v7 as uuidv7 } from 'uuid';
import * as z from 'zod';
import { demoSetup, doneSet, inputOf, startedSession, stretchedSetup } from './support/inputs.js';
import { bandsOf, recordsOf } from './support/records.js';
import { type Client, openTestStudio, openUpstream, type TestStudio } from './support/studio.js';

const bandList = z.strictObject({
  format: z.literal('wiry-otter.bands'),
  version: z.literal(1),
  bands: z.array(bandDocument),
});

describe('a whole studio as documents', () => {
  let studio: TestStudio;
  beforeEach(async () => {
    studio = await openTestStudio();
  });
  afterEach(() => studio.close());

  const documentsOf = async (client: Client): Promise<ReadonlyMap<string, string>> => {
    const { body, status, type } = await client.file('/studio/documents.zip');
    expect([status, type]).toEqual([200, 'application/zip']);
    const files = Object.entries(unzipSync(body));
    return new Map(files.map(([path, bytes]) => [path, strFromU8(bytes)]));
  };
  const inFolder = (files: ReadonlyMap<string, string>, folder: string): unknown[] =>
    [...files].flatMap(([path, text]) =>
      path.startsWith(`${folder}/`) ? [JSON.parse(text) as unknown] : [],
    );

  it('is an archive of open documents, everybody’s people in it, and no password', async () => {
    const files = await documentsOf(studio.mika);
    const settings = studioSettingsDocument.parse(JSON.parse(files.get('studio.json') ?? ''));
    expect([settings.name, settings.trainers.map(({ name }) => name)]).toEqual([
      'Towpath Training',
      ['Mika Ferrow'],
    ]);
    expect(bandList.parse(JSON.parse(files.get('bands.json') ?? '')).bands.length).toBe(12);
    expect(z.array(placeDocument).parse(inFolder(files, 'places')).length).toBe(3);
    const people = z.array(personFile).parse(inFolder(files, 'people'));
    expect(people.map(({ person }) => person.name).sort()).toEqual([
      'Odile Brandt',
      'Runa Halvard',
      'Tobias Quill',
      'Ylva Marsh',
    ]);
    expect([...files.values()].join('')).not.toContain('argon2');
    const strangers = await documentsOf(studio.stranger);
    expect(inFolder(strangers, 'people')).toEqual([]);
  });

  it('is read in elsewhere, bands first: set-ups lie on the same bands, wear is counted', async () => {
    const stretched = await stretchedSetup(studio.mika);
    const session = await startedSession(studio.mika, stretched);
    await studio.mika.put(`/sessions/${session.id}/sets/${uuidv7()}`, doneSet(12));
    const files = await documentsOf(studio.mika);
    const upstream = await openUpstream();
    const there = upstream.trainer;
    try {
      const bands = JSON.parse(files.get('bands.json') ?? '') as object;
      const plan = await there.post<ImportPlan>('/bands/import', bands);
      await there.post(`/bands/import?save=${plan.body.digest}`, bands);
      for (const file of inFolder(files, 'people') as PersonFileDocument[]) {
        const read = await there.post<PersonFileRead>('/people/import?save=yes', file);
        expect(read.status).withContext(file.person.name).toBe(200);
      }
      const ids = async (client: Client) => (await bandsOf(client)).map(({ id }) => id);
      expect(await ids(there)).toEqual(await ids(studio.mika));
      const wear = async (client: Client) => {
        const rows = await recordsOf(client, 'bandWear');
        return rows.map(({ bandId, total }) => `${bandId} ${total}`).sort();
      };
      expect(await wear(there)).toEqual(await wear(studio.mika));
      expect((await recordsOf(there, 'session')).length).toBe(
        (await recordsOf(studio.mika, 'session')).length,
      );
      // And it is worked on: a set-up is saved again with the bands that came along.
      const setup = await demoSetup(there, 'Tobias Quill');
      const path = `/setups/${setup.id}`;
      const again = await there.put<SetupRecord>(path, inputOf(setup, setup.version));
      expect([again.status, again.body.figures.mean]).toEqual([200, setup.figures.mean]);
    } finally {
      await upstream.close();
    }
  });

  it('is told when it was backed up', async () => {
    const { body: none } = await studio.mika.get<BackUps>('/studio/back-ups');
    expect(none).toEqual([]);
    await studio.database.query('INSERT INTO backup_made (encrypted) VALUES (true)');
    const { body } = await studio.mika.get<BackUps>('/studio/back-ups');
    expect(body.map(({ encrypted }) => encrypted)).toEqual([true]);
  });
});
