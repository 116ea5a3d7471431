import { idParams, skillTest, skillTestInput } from '@wiry-otter/contracts';
import * as z from 'zod';
import type { App } from '../../platform/app-context.js';
import { addSkillTest, listSkillTests } from './skill-test-store.js';

/** What people can do of a skill, as it was shown. */
export function skillRoutes(app: App, _options: unknown, done: () => void): void {
  const { database } = app;

  app.get('/skill-tests', { schema: { response: { 200: z.array(skillTest) } } }, ({ scope }) =>
    listSkillTests(database.manager, scope),
  );

  app.put(
    '/skill-tests/:id',
    { schema: { params: idParams, body: skillTestInput, response: { 200: skillTest } } },
    ({ scope, params, body }) =>
      database.transaction((manager) => addSkillTest(manager, scope, params.id, body)),
  );
  done();
}
