import { studioRulesInput } from '@wiry-otter/contracts';
import * as z from 'zod';
import { forgetAfterWrites } from '../../platform/access/forget-after-writes.js';
import type { App } from '../../platform/app-context.js';
import { writeRoute } from '../../platform/records/write.js';
import { saveRules } from './studio-store.js';

/** The studio's rules. */
export function studioRoutes(app: App, _options: unknown, done: () => void): void {
  forgetAfterWrites(app);
  writeRoute(app, {
    method: 'PUT',
    url: '/studio/rules',
    config: { owners: true },
    params: z.strictObject({}),
    body: studioRulesInput,
    answers: 'studio',
    work: (scoped, { body }) => saveRules(scoped, body),
  });
  done();
}
