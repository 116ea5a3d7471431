import type {
  Account,
  FirstStartRequest,
  ProblemDocument,
  StudioRecord,
} from '@wiry-otter/contracts';
import { firstStartCode } from '../src/areas/account/first-start.js';
import { allRecords, recordsOf } from './support/records.js';
import { type EmptyServer, openEmptyServer, openTestStudio, signIn } from './support/studio.js';

describe('the first start', () => {
  let server: EmptyServer;
  beforeEach(async () => {
    server = await openEmptyServer();
  });
  afterEach(() => server.close());

  const asked = (code: string): FirstStartRequest => ({
    code,
    studio: {
      name: 'Lock Five Strength',
      zone: 'Europe/Amsterdam',
      forceUnit: 'kgf',
      lengthUnit: 'in',
      massUnit: 'lb',
      weekStart: 'sunday',
    },
    owner: { name: 'Ines Weir', email: 'Ines@lockfive.example', password: 'a mooring line' },
  });
  const code = async (): Promise<string> => (await firstStartCode(server.database)) ?? '';

  it('makes the studio and its owner with the code, and lets them in', async () => {
    const printed = await code();
    expect((await server.nobody.get('/first-start')).body).toEqual({ open: true });
    const sloppy = ` ${printed.toLowerCase().replaceAll('-', ' ')}`;
    const made = await server.nobody.post<Account>('/first-start', asked(sloppy));
    expect(made.status).toBe(200);
    expect(made.body.trainer.email).toBe('ines@lockfive.example');
    const ines = await signIn(server.app, 'ines@lockfive.example', 'a mooring line');
    const [studio] = (await recordsOf(ines, 'studio')) as [StudioRecord];
    expect(studio).toEqual(jasmine.objectContaining(asked('').studio));
    expect(studio.trainers.map(({ name }) => name)).toEqual(['Ines Weir']);
    const kinds = (await allRecords(ines)).map(({ kind }) => kind).sort();
    expect(kinds).toEqual(['preferences', 'studio']);
  });

  it('prints one code however many processes start, and none once there is a studio', async () => {
    const [one, other] = await Promise.all([code(), code()]);
    expect(one).toMatch(/^[A-Z2-9]{4}-[A-Z2-9]{4}-[A-Z2-9]{4}$/);
    expect(other).toBe(one);
    await server.nobody.post('/first-start', asked(one));
    expect(await firstStartCode(server.database)).toBeUndefined();
    expect((await server.nobody.get('/first-start')).body).toEqual({ open: false });
  });

  it('of many at once makes one studio', async () => {
    const request = asked(await code());
    const answers = await Promise.all(
      Array.from({ length: 6 }, () => server.nobody.post('/first-start', request)),
    );
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 409, 409, 409, 409, 409]);
    const studios = await server.database.query<object[]>('SELECT FROM studio');
    expect(studios.length).toBe(1);
  });

  it('takes no other code, no short password and no zone that there is not', async () => {
    await code();
    const guessed = await server.nobody.post<ProblemDocument>('/first-start', asked('AAAA-AAAA'));
    expect([guessed.status, guessed.body.code]).toEqual([403, 'wrong-code']);
    const { owner, studio, ...rest } = asked(await code());
    const wrong = {
      ...rest,
      owner: { ...owner, password: 'short' },
      studio: { ...studio, zone: 'Canal/Lock' },
    };
    const { body, status } = await server.nobody.post<ProblemDocument>('/first-start', wrong);
    expect(status).toBe(400);
    expect(body.faults?.map(({ path }) => path).sort()).toEqual([
      '$.owner.password',
      '$.studio.zone',
    ]);
    expect(await server.database.query<object[]>('SELECT FROM studio')).toEqual([]);
  });

  it('is over where the demo was loaded', async () => {
    const studio = await openTestStudio();
    expect((await studio.nobody.get('/first-start')).body).toEqual({ open: false });
    const late = await studio.nobody.post<ProblemDocument>('/first-start', asked('AAAA'));
    expect([late.status, late.body.code]).toEqual([409, 'studio-exists']);
    await studio.close();
  });
});
