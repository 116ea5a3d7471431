import { RECORD_KINDS } from '@wiry-otter/contracts';
import { bandRecord, personRecord } from '../../../testing/records';
import { type AllEntities, viewOf } from './overlay';
import { subjectOf } from './subject';
import type { Write } from './write';

describe('what a write is about', () => {
  const person = personRecord();
  const entities = {
    ...Object.fromEntries(RECORD_KINDS.map((kind) => [kind, {}])),
    person: { [person.id]: person },
    band: { plank: bandRecord({ id: 'plank' }) },
    setup: { high: { id: 'high', personId: person.id, title: 'Plank at 2.00 m' } },
    session: { row: { id: 'row', personId: person.id } },
    prescription: { asked: { id: 'asked', personId: person.id } },
  } as unknown as AllEntities;
  const view = viewOf(entities, []);
  const subject = (kind: string, params: object, body: object | null = null): string =>
    subjectOf({ kind, params, body } as unknown as Write, view);

  it('is a person, by the session, the prescription or their own id', () => {
    expect(subject('logSet', { id: 'row', setId: '1' }, {})).toBe(person.name);
    expect(subject('acceptDecision', { id: 'd', sessionId: 'row' })).toBe(person.name);
    expect(subject('startSession', { id: 'new' }, { prescriptionId: 'asked' })).toBe(person.name);
    expect(subject('putSetup', { id: 'new' }, { personId: person.id })).toBe(person.name);
  });

  it('is a set-up by its title, beside whose it is', () => {
    expect(subject('putSetupAway', { id: 'high' })).toBe(`${person.name}, Plank at 2.00 m`);
  });

  it('is a band, a place or an exercise by its name, one that is new as well', () => {
    expect(subject('addReading', { id: 'plank', readingId: 'r' }, {})).toBe('Plank');
    expect(subject('putBand', { id: 'plank' }, { name: 'Keel' })).toBe('Plank');
    expect(subject('putPlace', { id: 'loft' }, { name: 'Loft' })).toBe('Loft');
    expect(subject('putExercise', { id: 'new' }, { document: { title: 'Row' } })).toBe('Row');
  });

  it('is nothing where nothing tells', () => {
    expect(subject('removeExercise', { id: 'unknown' })).toBe('');
  });
});
