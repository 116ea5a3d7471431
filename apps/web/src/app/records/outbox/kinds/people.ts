import type { PersonInput, PersonRecord } from '@wiry-otter/contracts';
import { clearancesBefore } from '@wiry-otter/core';
import { shown, type WriteKindOf } from '../write-kind';

/** What of a person is written; the rest is known from the log. */
export function personFields({
  id: _id,
  trainedSince: _since,
  trainerIds: _trainers,
  clearancesBefore: _before,
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
    const before = view.get('person', id);
    const { clearance = null, trainedSince = {}, trainerIds = [] } = before ?? {};
    const kept = clearancesBefore(before?.clearancesBefore ?? [], clearance, body.clearance);
    return [
      shown('person', {
        ...{ ...body, id, version: body.version + 1, trainedSince, trainerIds },
        clearancesBefore: [...kept],
      }),
    ];
  },
};
