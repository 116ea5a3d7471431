import type { BandRecord, ProblemDocument } from '@wiry-otter/contracts';
import { v7 as uuidv7 } from 'uuid';
import { BAND, reading } from './support/inputs.js';
import { openTestStudio, type TestStudio } from './support/studio.js';

describe('bands', () => {
  let studio: TestStudio;
  beforeEach(async () => {
    studio = await openTestStudio();
  });
  afterEach(() => studio.close());

  const newBand = async (): Promise<BandRecord> =>
    (await studio.mika.put<BandRecord>(`/bands/${uuidv7()}`, BAND)).body;

  it('come with the demo: eleven, of mixed kinds', async () => {
    const { body } = await studio.mika.get<BandRecord[]>('/bands');
    expect(body.length).toBe(11);
    expect(new Set(body.map(({ kind }) => kind)).size).toBeGreaterThanOrEqual(4);
  });

  it('are refused with path, found and expected when the body breaks the schema', async () => {
    const { status, body } = await studio.mika.put<ProblemDocument>(`/bands/${uuidv7()}`, {
      ...BAND,
      flatLength_m: -1,
      maker: 'someone',
    });
    expect(status).toBe(400);
    expect(body.code).toBe('invalid-request');
    expect(body.faults).toEqual([
      { in: 'body', path: '$.flatLength_m', found: '-1', expected: 'at least 0.05' },
      { in: 'body', path: '$.maker', found: 'unknown key "maker"', expected: 'no such key' },
    ]);
  });

  it('are refused when the body is no JSON, as a problem document', async () => {
    const answer = await studio.app.inject({
      method: 'POST',
      url: '/api/sign-in',
      headers: { 'content-type': 'application/json' },
      payload: '{"email":',
    });
    expect(answer.statusCode).toBe(400);
    expect(answer.headers['content-type']).toContain('application/problem+json');
    expect(answer.json<ProblemDocument>().faults?.[0]?.expected).toBe('a JSON document');
  });

  it('keep their fields, and a change asks for the version it was made from', async () => {
    const band = await newBand();
    expect(band).toEqual(jasmine.objectContaining({ name: 'Plank', version: 1, readings: [] }));
    const changed = { ...BAND, version: 1, name: 'Stout plank' };
    expect((await studio.mika.put<BandRecord>(`/bands/${band.id}`, changed)).body.version).toBe(2);
    const stale = await studio.mika.put<ProblemDocument>(`/bands/${band.id}`, changed);
    expect(stale.status).toBe(409);
    expect(stale.body.faults?.[0]).toEqual({
      in: 'body',
      path: '$.version',
      found: 'version 1',
      expected: 'version 2, the one on record',
    });
  });

  it('keep a pull sent twice once, and a pull set aside for ever', async () => {
    const band = await newBand();
    const id = uuidv7();
    const path = `/bands/${band.id}/readings/${id}`;
    await studio.mika.put(path, reading(1.56, 74));
    const twice = await studio.mika.put<BandRecord>(path, reading(1.56, 74));
    expect(twice.body.readings.length).toBe(1);
    expect(twice.body.readings[0]).toEqual(
      jasmine.objectContaining({ id, force_N: 74, takenBy: 'Mika Ferrow', setAside: false }),
    );
    const aside = await studio.mika.put<BandRecord>(`${path}/set-aside`, { setAside: true });
    expect(aside.body.readings[0]?.setAside).toBeTrue();
    const back = await studio.mika.put<BandRecord>(`${path}/set-aside`, { setAside: false });
    expect(back.body.readings[0]?.setAside).toBeFalse();
    const rows = await studio.database.query<unknown[]>(
      'SELECT sequence FROM band_reading WHERE reading_id = $1',
      [id],
    );
    expect(rows.length).toBe(3);
  });

  it('refuse a pull beyond three times the length', async () => {
    const band = await newBand();
    const path = `/bands/${band.id}/readings/${uuidv7()}`;
    const far = await studio.mika.put<ProblemDocument>(path, reading(3.2, 200));
    expect(far.status).toBe(400);
    expect(far.body.faults?.[0]?.path).toBe('$.length_m');
    expect((await studio.mika.put(path, reading(3.12, 200))).status).toBe(200);
  });

  it('leave the rail and come back', async () => {
    const band = await newBand();
    const ids = async (): Promise<string[]> =>
      (await studio.mika.get<BandRecord[]>('/bands')).body.map(({ id }) => id);
    await studio.mika.delete(`/bands/${band.id}`);
    expect(await ids()).not.toContain(band.id);
    await studio.mika.post(`/bands/${band.id}/restore`);
    expect(await ids()).toContain(band.id);
  });
});
