import { idParams, skillTestInput } from '@wiry-otter/contracts';
import type { App } from '../../platform/app-context.js';
import { writeRoute } from '../../platform/records/write.js';
import { addSkillTest } from './skill-test-store.js';

/** What people can do of a skill, as it was shown. */
export function skillRoutes(app: App, _options: unknown, done: () => void): void {
  writeRoute(app, {
    method: 'PUT',
    url: '/skill-tests/:id',
    params: idParams,
    body: skillTestInput,
    answers: 'skillTest',
    work: (scoped, { body, params }) => addSkillTest(scoped, params.id, body),
  });

  done();
}
