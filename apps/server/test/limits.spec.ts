import type { BandRecord, ProblemDocument } from '@wiry-otter/contracts';
import { once } from 'node:events';
import { v7 as uuidv7 } from 'uuid';
import { newBandInput } from './support/inputs.js';
import { openTestStudio, type TestStudio } from './support/studio.js';

describe('waiting', () => {
  let studio: TestStudio;
  beforeEach(async () => {
    studio = await openTestStudio();
  });
  afterEach(() => studio.close());

  it('for a lock has an end, and says that trying again may help', async () => {
    const { database, mika } = studio;
    const path = `/bands/${uuidv7()}`;
    const input = newBandInput();
    await mika.put<BandRecord>(path, input);
    const holder = database.createQueryRunner();
    await holder.startTransaction();
    await holder.query('SELECT 1 FROM band FOR UPDATE');
    const change = { ...input, version: 1, name: 'Spar' };
    const answer = await studio.app.inject({
      method: 'PUT',
      url: `/api${path}`,
      headers: { cookie: studio.mika.cookie },
      payload: change,
    });
    expect(answer.statusCode).toBe(503);
    expect(answer.json<ProblemDocument>().code).toBe('busy');
    expect(answer.headers['retry-after']).toBe('1');
    await holder.rollbackTransaction();
    await holder.release();
    expect((await mika.put<BandRecord>(path, change)).body.name).toBe('Spar');
  });
});

describe('the stream of changes', () => {
  it('tells a browser to look when another server process has written', async () => {
    const studio = await openTestStudio();
    const address = await studio.app.listen({ host: '127.0.0.1', port: 0 });
    const abort = new AbortController();
    const response = await fetch(`${address}/api/changes/stream`, {
      headers: { cookie: studio.mika.cookie },
      signal: abort.signal,
    });
    expect(response.headers.get('content-type')).toBe('text/event-stream');
    const reader = (response.body as ReadableStream<Uint8Array>).getReader();
    const next = async (): Promise<string> => new TextDecoder().decode((await reader.read()).value);
    expect(await next()).toBe('data: look\n\n');
    await studio.mika.put(`/bands/${uuidv7()}`, newBandInput());
    expect(await next()).toBe('data: look\n\n');
    // Of another studio it is told nothing: the next word is of its own again.
    await studio.stranger.put(`/bands/${uuidv7()}`, newBandInput());
    await studio.mika.put(`/bands/${uuidv7()}`, newBandInput());
    expect(await next()).toBe('data: look\n\n');
    const closed = once(studio.app.server, 'close');
    await reader.cancel();
    abort.abort();
    await studio.close();
    await closed;
  });
});
