import { studioRulesInput } from '@wiry-otter/contracts';
import * as z from 'zod';
import type { App } from '../../platform/app-context.js';
import { writeRoute } from '../../platform/records/write.js';
import { saveRules } from './studio-store.js';

/** The studio's rules. */
export function studioRoutes(app: App, _options: unknown, done: () => void): void {
  writeRoute(app, {
    method: 'PUT',
    url: '/studio/rules',
    config: { owners: true },
    params: z.strictObject({}),
    body: studioRulesInput,
    answers: 'studio',
    async work(scoped, { body }) {
      const id = await saveRules(scoped, body);
      app.signIns.forget();
      return id;
    },
  });
  done();
}
