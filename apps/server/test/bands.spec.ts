import type { BandRecord, ProblemDocument } from '@wiry-otter/contracts';
import { knowBand } from '@wiry-otter/core';
import { v7 as uuidv7 } from 'uuid';
import {
  BAND,
  copiesOf,
  measuredBand,
  measurementOf,
  newBandInput,
  reading,
  readingsOf,
} from './support/inputs.js';
import { openTestStudio, type TestStudio } from './support/studio.js';
import { bandOf, bandsOf } from './support/records.js';

describe('bands', () => {
  let studio: TestStudio;
  beforeEach(async () => {
    studio = await openTestStudio();
  });
  afterEach(() => studio.close());

  const newBand = async (): Promise<BandRecord> =>
    (await studio.mika.put<BandRecord>(`/bands/${uuidv7()}`, newBandInput())).body;

  it('come with the demo: eleven, of mixed kinds', async () => {
    const body = await bandsOf(studio.mika);
    expect(body.filter(({ stock }) => stock === 'band').length).toBe(11);
    expect(body.filter(({ stock }) => stock === 'roll').length).toBe(1);
    expect(new Set(body.map(({ kind }) => kind)).size).toBeGreaterThanOrEqual(4);
  });

  it('are refused with path, found and expected when the body breaks the schema', async () => {
    const { status, body } = await studio.mika.put<ProblemDocument>(`/bands/${uuidv7()}`, {
      ...newBandInput(),
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
    expect(band).toEqual(jasmine.objectContaining({ name: 'Plank', version: 1, measurements: [] }));
    const changed = { ...BAND, copies: copiesOf(band), version: 1, name: 'Stout plank' };
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

  it('keep a pull sent twice once, and a pull set aside for ever, with its reason', async () => {
    const { band, path } = await measuredBand(studio.mika);
    const id = uuidv7();
    await studio.mika.put(`${path}/readings/${id}`, reading(1.56, 74));
    const twice = await studio.mika.put<BandRecord>(`${path}/readings/${id}`, reading(1.56, 74));
    expect(readingsOf(twice.body).length).toBe(1);
    expect(readingsOf(twice.body)[0]).toEqual(
      jasmine.objectContaining({ id, force_N: 74, takenBy: 'Mika Ferrow', setAside: false }),
    );
    const aside = await studio.mika.put<BandRecord>(`${path}/readings/${id}/set-aside`, {
      setAside: true,
      reason: 'The hook slipped.',
    });
    expect(readingsOf(aside.body)[0]).toEqual(
      jasmine.objectContaining({ setAside: true, setAsideReason: 'The hook slipped.' }),
    );
    const back = await studio.mika.put<BandRecord>(`${path}/readings/${id}/set-aside`, {
      setAside: false,
      reason: '',
    });
    expect(readingsOf(back.body)[0]?.setAside).toBeFalse();
    const rows = await studio.database.query<unknown[]>(
      'SELECT sequence FROM band_reading WHERE reading_id = $1',
      [id],
    );
    expect(rows.length).toBe(3);
    expect(band.measurements.length).toBe(1);
  });

  it('refuse a pull beyond their own limit, and take one at it', async () => {
    const { path } = await measuredBand(studio.mika);
    const far = await studio.mika.put<ProblemDocument>(
      `${path}/readings/${uuidv7()}`,
      reading(2.7, 200),
    );
    expect(far.status).toBe(400);
    expect(far.body.faults?.[0]?.path).toBe('$.length_m');
    expect(far.body.faults?.[0]?.expected).toContain('×2.5');
    const at = await studio.mika.put(`${path}/readings/${uuidv7()}`, reading(2.6, 200));
    expect(at.status).toBe(200);
  });

  it('take the law of the latest finished measurement unless another is chosen', async () => {
    const { band, path } = await measuredBand(studio.mika, [reading(1.56, 74)]);
    const [first] = band.measurements;
    const [copy] = band.copies;
    if (first === undefined || copy === undefined) throw new Error('no measurement');
    await studio.mika.put(path, { ...measurementOf(copy.id), finishedAt: '2026-11-20T09:10:00Z' });
    const second = `/bands/${band.id}/measurements/${uuidv7()}`;
    await studio.mika.put(second, {
      ...measurementOf(copy.id),
      startedAt: '2026-11-22T09:00:00Z',
      finishedAt: '2026-11-22T09:10:00Z',
    });
    const later = await studio.mika.put<BandRecord>(
      `${second}/readings/${uuidv7()}`,
      reading(1.56, 60),
    );
    const pull = async ({ id }: BandRecord): Promise<number> =>
      knowBand(await bandOf(studio.mika, id)).calibration?.law.c1_N ?? Number.NaN;
    const before = await pull(later.body);
    const chosen = await studio.mika.put<BandRecord>(`/bands/${band.id}/law`, {
      version: later.body.version,
      measurementId: first.id,
    });
    expect(chosen.status).toBe(200);
    expect(await pull(chosen.body)).toBeGreaterThan(before);
    const unknown = await studio.mika.put(`/bands/${band.id}/law`, {
      version: chosen.body.version,
      measurementId: uuidv7(),
    });
    expect(unknown.status).toBe(404);
  });

  it('are cut from a roll, which gets shorter and gives them its law', async () => {
    const bands = await bandsOf(studio.mika);
    const roll = bands.find(({ stock }) => stock === 'roll');
    if (roll === undefined) throw new Error('no roll in the demo');
    const cut = {
      version: roll.version,
      pieceId: uuidv7(),
      copyId: uuidv7(),
      name: 'Short piece',
      tag: null,
      length_m: 1.2,
    };
    const piece = await studio.mika.post<BandRecord>(`/bands/${roll.id}/cut`, cut);
    expect(piece.status).toBe(200);
    expect(piece.body).toEqual(
      jasmine.objectContaining({ cutFrom: roll.id, flatLength_m: 1.2, stock: 'band' }),
    );
    const left = await bandOf(studio.mika, roll.id);
    expect(left.flatLength_m).toBeCloseTo(roll.flatLength_m - 1.2, 9);
    expect(knowBand(await bandOf(studio.mika, piece.body.id), left).calibration?.law).toEqual(
      knowBand(left).calibration?.law,
    );
    // Sent twice it is cut once; more than is left is refused.
    await studio.mika.post(`/bands/${roll.id}/cut`, cut);
    const same = await bandOf(studio.mika, roll.id);
    expect(same.flatLength_m).toBe(left.flatLength_m);
    const long = await studio.mika.post<ProblemDocument>(`/bands/${roll.id}/cut`, {
      ...cut,
      version: left.version,
      pieceId: uuidv7(),
      copyId: uuidv7(),
      length_m: 90,
    });
    expect(long.status).toBe(400);
    expect(long.body.faults?.[0]?.expected).toContain('left on the roll');
  });

  it('leave the rail and come back', async () => {
    const band = await newBand();
    const ids = async (): Promise<string[]> => (await bandsOf(studio.mika)).map(({ id }) => id);
    await studio.mika.delete(`/bands/${band.id}`);
    expect(await ids()).not.toContain(band.id);
    await studio.mika.post(`/bands/${band.id}/restore`);
    expect(await ids()).toContain(band.id);
  });
});
