import type { PersonInput, PersonRecord } from '@wiry-otter/contracts';
import { shown, type WriteKindOf } from '../write-kind';

/** What of a person is written; the rest is known from the log. */
export function personFields({
  id: _id,
  trainedSince: _since,
  trainerIds: _trainers,
  ...fields
}: PersonRecord): PersonInput {
  return fields;
}

export const putPerson: WriteKindOf<{ readonly id: string }, PersonInput> = {
  method: 'PUT',
  path: ({ id }) => `/people/${id}`,
  answers: 'person',
  fieldsOf: (record) => personFields(record as PersonRecord),
  about: ({ id }) => [id],
  show(view, { body, params: { id } }) {
    const { trainedSince = {}, trainerIds = [] } = view.get('person', id) ?? {};
    const version = body.version + 1;
    return [shown('person', { ...body, id, version, trainedSince, trainerIds })];
  },
};
