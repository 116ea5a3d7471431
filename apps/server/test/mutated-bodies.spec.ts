import { RECORDS } from '@wiry-otter/contracts';
import { v7 as uuidv7 } from 'uuid';
import { mutant, random } from './support/mutants.js';
import { allRecords } from './support/records.js';
import { sampleRequests } from './support/requests.js';
import { openTestStudio, type TestStudio } from './support/studio.js';

/** `npm run bench` sends 20 000. */
const COUNT = Number(process.env['OTTER_MUTANTS'] ?? 600);
const SEED = Number(process.env['OTTER_SEED'] ?? 2026);

describe('bodies that nobody would send', () => {
  let studio: TestStudio;
  beforeAll(async () => {
    studio = await openTestStudio();
  });
  afterAll(() => studio.close());

  it(
    'are answered without a failure of the server, and leave every record readable',
    async () => {
      const { app, mika } = studio;
      const samples = Object.entries(await sampleRequests(mika)).filter(
        ([, { body }]) => body !== undefined,
      );
      const next = random(SEED);
      const tally = { taken: 0, refused: 0 };
      for (let i = 0; i < COUNT; i++) {
        const [route, { body, method, path }] = samples[i % samples.length] ?? [
          '',
          samples[0]?.[1] as never,
        ];
        // Half of them are about records that are there, half about new ones.
        const url = next() < 0.5 ? path : path.replace(/[^/]+$/, uuidv7());
        const payload = JSON.stringify(mutant(body, next) ?? null);
        const answer = await app.inject({
          method,
          url: `/api${url}`,
          headers: { cookie: mika.cookie, 'content-type': 'application/json' },
          payload,
        });
        expect(answer.statusCode)
          .withContext(`${route} ${payload.slice(0, 400)}: ${answer.body.slice(0, 400)}`)
          .toBeLessThan(500);
        tally[answer.statusCode < 400 ? 'taken' : 'refused'] += 1;
      }
      // Neither all of them, or nothing would be proved.
      expect(tally.taken).toBeGreaterThan(COUNT / 100);
      expect(tally.refused).toBeGreaterThan(COUNT / 4);
      const records = await allRecords(mika);
      expect(records.length).toBeGreaterThan(40);
      for (const { id, kind, record } of records) {
        const { error } = RECORDS[kind].safeParse(record);
        expect(error?.message).withContext(`${kind} ${id}`).toBeUndefined();
      }
    },
    // Far longer than it takes, for a machine that is busy.
    60_000 + 200 * COUNT,
  );
});
