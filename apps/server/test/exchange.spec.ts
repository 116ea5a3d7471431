import type { BandToday, ImportPlan, ProblemDocument, StudioRecord } from '@wiry-otter/contracts';
import { knowBand, POUND_FORCE_N } from '@wiry-otter/core';
import { papers, streams } from './support/pdf.js';
import { openTestStudio, signIn, type TestStudio } from './support/studio.js';
import { bandsOf, recordsOf } from './support/records.js';

/** How far down a sheet of tags goes, mm: each is a rectangle, the squares of its code are smaller. */
function lowestTag(pdf: Buffer): number {
  const tags = streams(pdf).flatMap((page) => [...page.matchAll(/^\S+ (\S+) \S+ (\S+) re$/gm)]);
  return (Math.max(...tags.map(([, y, height]) => Number(y) + Number(height))) * 25.4) / 72;
}

describe('bands in and out', () => {
  let studio: TestStudio;
  let cookie: string;
  beforeEach(async () => {
    studio = await openTestStudio();
    const answer = await studio.app.inject({
      method: 'POST',
      url: '/api/sign-in',
      payload: { email: 'mika@canalside.example', password: 'towpath' },
    });
    cookie = `${answer.cookies[0]?.name}=${answer.cookies[0]?.value}`;
  });
  afterEach(() => studio.close());

  async function send<Body = ImportPlan>(
    payload: string | Buffer,
    { save = '', type = 'text/csv' } = {},
  ): Promise<{ status: number; body: Body }> {
    const answer = await studio.app.inject({
      method: 'POST',
      url: `/api/bands/import${save === '' ? '' : `?save=${save}`}`,
      headers: { cookie, 'content-type': type },
      payload,
    });
    return { status: answer.statusCode, body: answer.json() };
  }

  async function fetched(path: string): Promise<{ type: string; body: Buffer }> {
    const file = await studio.mika.file(`/bands/export/${path}`);
    expect(file.status).withContext(file.body.subarray(0, 200).toString()).toBe(200);
    return file;
  }

  const fetchedJson = async () =>
    JSON.parse((await fetched('bands.json')).body.toString()) as { bands: object[] };

  const bands = async (): Promise<BandToday[]> => await bandsOf(studio.mika);
  const named = async (name: string): Promise<BandToday> => {
    const found = (await bands()).find((band) => band.name === name);
    if (found === undefined) throw new Error(`no ${name}`);
    return found;
  };

  it('take inches, pounds, decimal commas, semicolons, a mark and Windows line ends, and say so', async () => {
    const file =
      '\uFEFFName;Kind;Flat length [in];Width (mm);Label from [lb];Label to [lb];Note\r\n' +
      'Keel;loop;41,0;22,5;15,0;35,0;from the yard\r\n';
    const { status, body } = await send(file);
    expect(status).toBe(200);
    expect(body.said).toEqual([
      'separated by semicolons',
      'decimal comma',
      'flat length [in]',
      'width [mm]',
      'label from [lb]',
      'label to [lb]',
    ]);
    expect(body.rows[0]).toEqual(jasmine.objectContaining({ row: 2, name: 'Keel', does: 'add' }));
    expect(body.rows[0]?.words[0]).toContain('104.1 cm flat');
    // Said back, nothing saved yet.
    expect(body.saved).toBeFalse();
    expect((await bands()).some(({ name }) => name === 'Keel')).toBeFalse();
    expect((await send(file, { save: body.digest })).body.saved).toBeTrue();
    const keel = await named('Keel');
    expect(keel.flatLength_m).toBeCloseTo(41 * 0.0254, 9);
    expect(keel.label?.min_N).toBeCloseTo(15 * POUND_FORCE_N, 6);
    expect(keel.note).toBe('from the yard');
  });

  it('are said back in what the studio writes pulls in', async () => {
    const [rulesNow] = await recordsOf(studio.mika, 'studio');
    const { version, inspectionDays, inspectionCycles, eyesRule } = rulesNow as StudioRecord;
    const rules = { version, forceUnit: 'kgf', inspectionDays, inspectionCycles, eyesRule };
    expect((await studio.mika.put('/studio/rules', rules)).status).toBe(200);
    const file =
      'name,kind,flat length [cm],width [mm],label from [lb],label to [lb]\nKeel,loop,104,22,15,35';
    // 15 and 35 pounds are 6.8 and 15.9 kilograms.
    expect((await send(file)).body.rows[0]?.words).toEqual([
      'loop, 104.0 cm flat, 22 mm wide, label 6.8–15.9 kg',
    ]);
    const pulls = 'band,day,length [cm],pull [N]\nReed,2026-11-20,150,49.03325';
    expect((await send(pulls)).body.rows[0]?.words[0]).toBe('150.0 cm, 5.0 kg');
  });

  it('show per row what is added, changed, left or refused and why, and save the good ones', async () => {
    const file = [
      'name,kind,flat length [cm],width [mm],tag',
      'Keel,loop,104,22,3',
      'Willow,loop,104,21,2',
      'Rudder,rope,104,22,',
      'Oakum,loop,-4,22,',
      'Half,loop',
      'Keel,loop,104,22,3',
    ].join('\n');
    const { body } = await send(file);
    expect(body.counts).toEqual({ add: 1, change: 1, same: 0, refuse: 4 });
    expect(body.rows.map(({ row, does }) => [row, does])).toEqual([
      [2, 'add'],
      [3, 'change'],
      [4, 'refuse'],
      [5, 'refuse'],
      [6, 'refuse'],
      [7, 'refuse'],
    ]);
    expect(body.rows[1]?.words).toEqual(['width [mm]: 19 → 21']);
    expect(body.rows[2]?.words[0]).toContain('kind: found "rope", expected loop');
    expect(body.rows[3]?.words[0]).toBe('flatLength_m: found -0.04, expected at least 0.05');
    expect(body.rows[4]?.words[0]).toBe('found 2 cells, expected 5');
    expect(body.rows[5]?.words[0]).toContain('again, expected it once (line 2)');
    await send(file, { save: body.digest });
    expect((await named('Willow')).width_mm).toBe(21);
    expect((await named('Keel')).tag).toBe(3);
    expect((await bands()).length).toBe(13);
    // The same file again changes nothing.
    expect((await send(file)).body.counts).toEqual({ add: 0, change: 0, same: 2, refuse: 4 });
  });

  it('save what was shown, or nothing', async () => {
    const file = 'name,kind,flat length [cm],width [mm]\nKeel,loop,104,22\n';
    const stale = await send<ProblemDocument>(file, { save: 'another' });
    expect([stale.status, stale.body.code]).toEqual([409, 'plan-changed']);
    expect((await bands()).length).toBe(12);
  });

  it('take measurements: pulls of one day are one measurement, those known are left', async () => {
    const file = [
      'band;day;rigging;length [cm];pull [kg];read',
      'Lock beam;2026-11-20;end;135;14,2;',
      'Lock beam;2026-11-20;end;177;26,1;',
      'Lock beam;2026-11-20;end;218;33,0;',
      'Lock beam;2026-11-20;end;300;60,0;',
      'Lock beam;soon;end;150;20,0;',
      'Nobody;2026-11-20;end;150;20,0;',
    ].join('\r\n');
    const { body } = await send(file);
    expect(body.about).toBe('measurements');
    expect(body.counts).toEqual({ add: 3, change: 0, same: 0, refuse: 3 });
    expect(body.rows[3]?.words[0]).toContain('at most the limit of ×2.5');
    expect(body.rows[4]?.words[0]).toContain('startedAt');
    expect(body.rows[5]?.words[0]).toContain('expected the name of a band on the rail');
    await send(file, { save: body.digest });
    const beam = await named('Lock beam');
    expect(beam.measurements.length).toBe(1);
    expect(knowBand(beam).calibration?.grade).toBe('measured');
    expect((await send(file)).body.counts.same).toBe(3);
  });

  it('come back from their own export unchanged: tables and documents', async () => {
    const table = await fetched('bands.csv');
    expect(table.type).toContain('text/csv');
    const again = (await send(table.body)).body;
    expect(again.counts).toEqual({ add: 0, change: 0, same: 12, refuse: 0 });
    const pulls = await fetched('measurements.csv');
    const { counts } = (await send(pulls.body)).body;
    expect(counts.refuse).withContext('rolls name the length they were taken on').toBe(0);
    expect(counts.add).toBe(0);
    const documents = await fetched('bands.json');
    const stranger = await signIn(studio.app, 'stranger@elsewhere.example', 'far away');
    const strange = await studio.app.inject({
      method: 'POST',
      url: '/api/sign-in',
      payload: { email: 'stranger@elsewhere.example', password: 'far away' },
    });
    cookie = `${strange.cookies[0]?.name}=${strange.cookies[0]?.value}`;
    const plan = (await send(documents.body, { type: 'application/json' })).body;
    expect(plan.counts).toEqual({ add: 12, change: 0, same: 0, refuse: 0 });
    await send(documents.body, { type: 'application/json', save: plan.digest });
    const theirs = await bandsOf(stranger);
    expect(theirs.length).toBe(12);
    const ours = await bandsOf(studio.mika);
    const law = (list: BandToday[], name: string) => {
      const band = list.find((entry) => entry.name === name);
      return band === undefined ? undefined : knowBand(band).calibration?.law;
    };
    expect(law(theirs, 'Willow')).toEqual(law(ours, 'Willow'));
    expect(theirs.find(({ name }) => name === 'Ribbonweed')?.cutFrom).not.toBeNull();
    expect(theirs.find(({ name }) => name === 'Old Mooring')?.events.length).toBe(1);
  });

  it('write a cell that a spreadsheet would run with a quote before it, and read it back', async () => {
    const file = 'name,kind,flat length [cm],width [mm],note\n=1+1,loop,104,22,@sum\n';
    const { body } = await send(file);
    await send(file, { save: body.digest });
    const text = (await fetched('bands.csv')).body.toString('utf8');
    expect(text).toContain("'=1+1,");
    expect(text).toContain("'@sum");
    expect(text).not.toMatch(/(^|,)[=@+-]/m);
    expect((await send(text)).body.counts.refuse).toBe(0);
  });

  describe('of a hostile file', () => {
    const refusal = async (payload: string | Buffer): Promise<string> => {
      const { status, body } = await send<ProblemDocument>(payload);
      expect(status).toBeGreaterThanOrEqual(400);
      expect(status).toBeLessThan(500);
      return body.faults?.[0] === undefined
        ? body.code
        : `${body.faults[0].found} | ${body.faults[0].expected}`;
    };

    it('of 50 MB are refused unread', async () => {
      expect(await refusal(Buffer.alloc(50_000_000, 'a,'))).toBe('too-large');
    });

    it('of 10 000 columns, of none, of too many rows are refused by their count', async () => {
      expect(await refusal(`${'a,'.repeat(10_000)}\n1`)).toBe('10001 columns | at most 60 columns');
      expect(await refusal('\n\n')).toContain('a header line');
      const rows = 'x,loop,104,22\n'.repeat(6000);
      expect(await refusal(`name,kind,flat length [cm],width [mm]\n${rows}`)).toContain(
        'more than 5000 rows',
      );
    });

    it('of wrong encodings and binary are refused by name', async () => {
      const latin = Buffer.from([...Buffer.from('name,kind\nM'), 0xf6, ...Buffer.from('we,loop')]);
      expect(await refusal(latin)).toContain('bytes that are no UTF-8');
      expect(await refusal(Buffer.from('name\0kind\n'))).toContain('a zero character');
    });

    it('of unknown columns or units is refused by the column', async () => {
      expect(await refusal('name,kind,flat length [cm],width [mm],maker\n')).toContain(
        'a column "maker"',
      );
      expect(await refusal('name,kind,flat length [ell],width [mm]\n')).toContain('in ell');
      expect(await refusal('name,kind\n')).toContain('a column "flat length", "width"');
    });

    it('with a quote that is never closed are refused by the line, not read without the rows after it', async () => {
      const rows = Array.from({ length: 20 }, (_, i) => `Keel ${i},loop,104,22`);
      rows[7] = '"Keel 7,loop,104,22';
      const header = 'name,kind,flat length [cm],width [mm]';
      expect(await refusal([header, ...rows].join('\n'))).toContain('a quote in line 9 without');
      rows[7] = '"Keel" 7,loop,104,22';
      expect(await refusal([header, ...rows].join('\r\n'))).toContain('a quote in line 9 without');
      // A cell of two lines counts as such; an inch within a cell opens nothing.
      rows[7] = '"Keel, the\nseventh",loop,104,22';
      rows[9] = 'Keel 41" long,loop,minus one,22';
      const { body } = await send([header, ...rows].join('\n'));
      expect(body.counts).toEqual({ add: 19, change: 0, same: 0, refuse: 1 });
      expect(body.rows.find(({ does }) => does === 'refuse')?.row).toBe(12);
    });

    it('in UTF-16 with its mark is read', async () => {
      const text = '\uFEFFname,kind,flat length [cm],width [mm]\nKeel,loop,104,22\n';
      const { body } = await send(Buffer.from(text, 'utf16le'));
      expect(body.counts.add).toBe(1);
    });

    it('of JSON that is none, or no band, is refused with its place', async () => {
      const none = await send<ProblemDocument>('{"format":', { type: 'application/json' });
      expect(none.body.faults?.[0]?.found).toBe('text that is no JSON');
      const { body } = await send('[{"name":"Keel"}]', { type: 'application/json' });
      expect(body.counts.refuse).toBe(1);
      expect(body.rows[0]?.words.some((words) => words.startsWith('$.format: found'))).toBeTrue();
    });

    it('of JSON with a name that is no text, or none that can be kept, is a fault of its row', async () => {
      const [sound] = (await fetchedJson()).bands;
      const named = (name: unknown): object => ({ ...sound, name });
      const file = JSON.stringify([
        ...[named(7), named({ toString: 'Keel' }), named('Ke\u0000el'), named('\ud800')],
        named('Keel of its own'),
      ]);
      const { body, status } = await send(file, { type: 'application/json' });
      expect(status).toBe(200);
      expect(body.counts).toEqual({ add: 1, change: 0, same: 0, refuse: 4 });
      expect(body.rows[0]?.words.join()).toContain('$.name: found 7, expected a text');
      const saved = await send(file, { save: body.digest, type: 'application/json' });
      expect(saved.body.saved).toBeTrue();
    });
  });

  it('give a sheet of tags as PDF', async () => {
    const { type, body } = await fetched('tags.pdf');
    expect(type).toBe('application/pdf');
    expect(body.subarray(0, 5).toString()).toBe('%PDF-');
    expect(body.length).toBeGreaterThan(10_000);
  });

  it('give tags that fit on the paper of the studio', async () => {
    const rows = Array.from({ length: 30 }, (_, i) => `Cleat ${i},loop,104,13`);
    const file = ['name,kind,flat length [cm],width [mm]', ...rows].join('\n');
    await send(file, { save: (await send(file)).body.digest });
    const printed = async (): Promise<Buffer> => (await fetched('tags.pdf')).body;
    const [record] = await recordsOf(studio.mika, 'studio');
    const { eyesRule, forceUnit, inspectionCycles, inspectionDays, version } =
      record as StudioRecord;
    const a4 = await printed();
    expect(papers(a4)[0]).toEqual({ width: 210, height: 297 });
    expect(lowestTag(a4)).toBeCloseTo(283.2, 1);
    const rules = { version, forceUnit, inspectionDays, inspectionCycles, eyesRule };
    await studio.mika.put('/studio/rules', { ...rules, lengthUnit: 'in' });
    const letter = await printed();
    expect(papers(letter)[0]).toEqual({ width: 215.9, height: 279.4 });
    expect(lowestTag(letter)).toBeCloseTo(249.3, 1);
  });

  it('give tags that lead where the studio says, whichever way they were asked for', async () => {
    const size = async (host: string): Promise<number> => {
      const url = '/api/bands/export/tags.pdf';
      const answer = await studio.app.inject({ url, headers: { cookie, host } });
      return answer.rawPayload.length;
    };
    // A longer address needs more squares.
    const short = await size('a.example');
    expect(await size(`${'of-a-stranger.'.repeat(12)}example`)).toBe(short);
    const [record] = await recordsOf(studio.mika, 'studio');
    const { eyesRule, forceUnit, inspectionCycles, inspectionDays, version } =
      record as StudioRecord;
    await studio.mika.put('/studio/rules', {
      ...{ version, forceUnit, inspectionDays, inspectionCycles, eyesRule },
      address: `https://${'lockfive.'.repeat(15)}example`,
    });
    expect(await size('a.example')).toBeGreaterThan(short);
  });

  it('are nobody’s without a sign-in', async () => {
    for (const path of ['bands.csv', 'measurements.csv', 'bands.json', 'tags.pdf']) {
      expect((await studio.nobody.get(`/bands/export/${path}`)).status).toBe(401);
    }
    cookie = '';
    expect((await send('name,kind\n')).status).toBe(401);
  });
});
