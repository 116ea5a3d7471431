import * as z from 'zod';
import type { App } from './app-context.js';

const answer = z.object({ status: z.enum(['up', 'ready', 'not ready']) });
const open = { schema: { hide: true, response: { 200: answer, 503: answer } } };

/** For whoever watches the processes: whether this one runs, and whether it can answer. */
export function health(app: App, _options: unknown, done: () => void): void {
  let isStopping = false;
  app.addHook('preClose', () => {
    isStopping = true;
  });
  app.get('/health', open, () => ({ status: 'up' as const }));
  app.get('/ready', open, async (_request, reply) => {
    const isReady = !isStopping && (await answersQueries(app));
    return reply.code(isReady ? 200 : 503).send({ status: isReady ? 'ready' : 'not ready' });
  });
  done();
}

async function answersQueries({ database }: App): Promise<boolean> {
  try {
    await database.query('SELECT 1');
    return true;
  } catch {
    return false;
  }
}
