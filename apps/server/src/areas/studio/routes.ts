import { backUps, studioRulesInput } from '@wiry-otter/contracts';
import * as z from 'zod';
import { forgetAfterWrites } from '../../platform/access/forget-after-writes.js';
import type { App } from '../../platform/app-context.js';
import { writeRoute } from '../../platform/records/write.js';
import { saveRules } from './studio-store.js';

/** The studio's rules, and when its database was backed up. */
export function studioRoutes(app: App, _options: unknown, done: () => void): void {
  forgetAfterWrites(app);
  app.get(
    '/studio/back-ups',
    { config: { owners: true }, schema: { response: { 200: backUps } } },
    async ({ scoped }) => {
      const rows = await scoped.query<{ madeAt: Date; encrypted: boolean }>(
        'back-ups',
        `SELECT made_at AS "madeAt", encrypted FROM backup_made
          WHERE $1::uuid IS NOT NULL ORDER BY made_at DESC LIMIT 12`,
      );
      return rows.map(({ encrypted, madeAt }) => ({ encrypted, madeAt: madeAt.toISOString() }));
    },
  );
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
