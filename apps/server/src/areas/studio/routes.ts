import { studio, studioRulesInput } from '@wiry-otter/contracts';
import type { App } from '../../platform/app-context.js';
import { readStudio, saveRules } from './studio-store.js';

/** The studio's trainers and rules. */
export function studioRoutes(app: App, _options: unknown, done: () => void): void {
  const { manager } = app.database;

  app.get('/studio', { schema: { response: { 200: studio } } }, ({ scope }) =>
    readStudio(manager, scope.studioId),
  );

  app.put(
    '/studio/rules',
    { schema: { body: studioRulesInput, response: { 200: studio } } },
    ({ scope, body }) => saveRules(manager, scope, body),
  );
  done();
}
