import type { NoteInput, NoteRecord, PersonInput, PersonRecord } from '@wiry-otter/contracts';
import { dayInZone, liftedByClearance, personFields, writePerson } from '@wiry-otter/derived';
import { shown, type WriteKindOf } from '../write-kind';

export const putPerson: WriteKindOf<{ readonly id: string }, PersonInput> = {
  method: 'PUT',
  path: ({ id }) => `/people/${id}`,
  answers: 'person',
  fieldsOf: (record) => personFields(record as PersonRecord),
  about: ({ id }) => [id],
  show(view, { at, body, by, params: { id } }) {
    const before = view.get('person', id);
    const [studio] = view.all('studio');
    const today = dayInZone(new Date(at), studio?.zone ?? 'UTC');
    const trainerIds = before?.trainerIds ?? [by.id];
    const stops = view.all('stop').filter(({ personId }) => personId === id);
    return [
      shown('person', { ...writePerson(before, body, today), id, trainerIds }),
      ...(before === undefined
        ? []
        : liftedByClearance(stops, before, body, today).map((stop) => shown('stop', stop))),
    ];
  },
};

/** What of a note is written. */
export function noteFields({
  id: _id,
  writtenAt: _at,
  writtenBy: _by,
  ...fields
}: NoteRecord): NoteInput {
  return fields;
}

export const putNote: WriteKindOf<{ readonly id: string }, NoteInput> = {
  method: 'PUT',
  path: ({ id }) => `/notes/${id}`,
  answers: 'note',
  fieldsOf: (record) => noteFields(record as NoteRecord),
  about: ({ id }, { personId }) => [id, personId],
  show(view, { at, body, by, params: { id } }) {
    const { writtenAt = at, writtenBy = by.name } = view.get('note', id) ?? {};
    const written = { ...body, id, version: body.version + 1, writtenAt, writtenBy };
    return [shown('note', written)];
  },
};
