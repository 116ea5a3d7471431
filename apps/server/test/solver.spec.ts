import type { ProblemDocument, SetupRecord } from '@wiry-otter/contracts';
import { v7 as uuidv7 } from 'uuid';
import { createSolverPool, type Solver } from '../src/platform/solving/solver.js';
import { demoSetup, inputOf } from './support/inputs.js';
import {
  buildTestApp,
  type Client,
  openTestStudio,
  signIn,
  type TestStudio,
} from './support/studio.js';

/** Nobody waits longer for a refusal, ms; generous, since a busy machine may stand still meanwhile. */
const PATIENCE_MS = 20_000;

describe('solving in threads of their own', () => {
  let studio: TestStudio;
  let solver: Solver;
  beforeEach(async () => {
    studio = await openTestStudio();
  });
  afterEach(async () => {
    await solver.close();
    await studio.close();
  });

  async function appWith(
    limit_ms?: number,
  ): Promise<{ client: Client; close: () => Promise<void> }> {
    solver = createSolverPool(limit_ms === undefined ? {} : { limit_ms });
    const app = await buildTestApp(studio.database, { solver });
    return {
      close: async (): Promise<void> => app.close(),
      client: await signIn(app, 'mika@canalside.example', 'towpath'),
    };
  }

  it('comes to the same figures and cautions as in place', async () => {
    const { client, close } = await appWith(PATIENCE_MS);
    const setup = await demoSetup(studio.mika, 'Tobias Quill');
    const input = inputOf(setup, 0);
    const here = await studio.mika.put<SetupRecord>(`/setups/${uuidv7()}`, input);
    const there = await client.put<SetupRecord>(`/setups/${uuidv7()}`, input);
    expect(there.status).toBe(200);
    expect(there.body.figures).toEqual(here.body.figures);
    expect(there.body.cautions.map(({ text }) => text)).toEqual(
      here.body.cautions.map(({ text }) => text),
    );
    expect((await client.file(`/setups/${setup.id}/marks.pdf`)).status).toBe(200);
    await close();
  });

  it('refuses what takes longer than its limit, and answers others meanwhile and afterwards', async () => {
    // No set-up is solved in no time at all: every task comes over this limit.
    const { client, close } = await appWith(0);
    const input = inputOf(await demoSetup(studio.mika, 'Tobias Quill'), 0);
    const [slow, people] = await Promise.all([
      client.put<ProblemDocument>(`/setups/${uuidv7()}`, input),
      client.get<unknown>('/changes'),
    ]);
    expect([slow.status, slow.body.code]).toEqual([422, 'too-costly']);
    expect(slow.body.faults?.[0]?.path).toBe('$.document');
    expect(people.status).toBe(200);
    await close();
  });

  it('refuses at once documents larger than anybody could build', async () => {
    const { client, close } = await appWith(PATIENCE_MS);
    const { document, ...rest } = inputOf(await demoSetup(studio.mika, 'Tobias Quill'), 0);
    const put = async (part: object): Promise<ProblemDocument> =>
      (
        await client.put<ProblemDocument>(`/setups/${uuidv7()}`, {
          ...rest,
          document: { ...document, ...part },
        })
      ).body;
    const links = Object.fromEntries(Array.from({ length: 500 }, (_, i) => [`l${i}`, [1, 1, 0]]));
    const many = await put({ links });
    expect(many.faults?.map(({ path }) => path)).toEqual(['$.document.links']);
    const far = await put({ links: { knot: [1e150, 1, 0] } });
    expect(far.faults?.map(({ path }) => path)).toEqual(['$.document.links.knot[0]']);
    const fine = await put({ samples: 10_001 });
    expect(fine.faults?.map(({ path }) => path)).toEqual(['$.document.samples']);
    await close();
  });
});
