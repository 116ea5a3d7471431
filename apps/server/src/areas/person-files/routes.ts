import {
  idParams,
  LARGEST_PERSON_FILE,
  peopleDeleted,
  personFile,
  personFileQuery,
  personFileRead,
} from '@wiry-otter/contracts';
import * as z from 'zod';
import type { App } from '../../platform/app-context.js';
import { TrainerEntity } from '../studio/entities.js';
import { deletePerson } from './delete-person.js';
import { PersonDeletedEntity } from './entities.js';
import { readPersonFile } from './read-person-file.js';
import { takePersonFile } from './take-person-file.js';

/** All that is on record of one person: taken away, read back in, deleted for good. */
export function personFileRoutes(app: App, _options: unknown, done: () => void): void {
  app.get(
    '/people/:id/file',
    { schema: { params: idParams, response: { 200: z.unknown() } } },
    ({ params, scoped }) => takePersonFile(scoped, params.id),
  );

  app.post(
    '/people/import',
    {
      bodyLimit: LARGEST_PERSON_FILE,
      schema: { querystring: personFileQuery, body: personFile, response: { 200: personFileRead } },
    },
    ({ body, query, scoped }) =>
      scoped.transaction((inside) => readPersonFile(inside, body, query.save === 'yes')),
  );

  app.delete(
    '/people/:id',
    { schema: { params: idParams, response: { 204: z.null() } } },
    async ({ params, scoped }, reply) => {
      await scoped.transaction((inside) => deletePerson(inside, params.id));
      return reply.code(204).send(null);
    },
  );

  app.get(
    '/people-deleted',
    { config: { owners: true }, schema: { response: { 200: peopleDeleted } } },
    async ({ scoped }) => {
      const rows = await scoped.find(PersonDeletedEntity, {}, { order: { deletedAt: 'DESC' } });
      const trainers = await scoped.find(TrainerEntity, {});
      const names = new Map(trainers.map(({ id, name }) => [id, name]));
      return rows.map(({ deletedAt, deletedBy, studioId: _studio, ...row }) => ({
        ...row,
        deletedAt: deletedAt.toISOString(),
        deletedBy: names.get(deletedBy) ?? '',
      }));
    },
  );
  done();
}
