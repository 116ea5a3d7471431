import type { NoteRecord, PersonRecord, SessionRecord, StopRecord } from '@wiry-otter/contracts';
import {
  clinicianWords,
  STOP_CAUSE_WORDS,
  type Units,
  writeDay,
  writeMass,
} from '@wiry-otter/core';

/** One line of what has happened with a person. */
export interface Entry {
  readonly key: string;
  /** ISO 8601. */
  readonly day: string;
  readonly dayWords: string;
  readonly what: 'note' | 'body' | 'clearance' | 'consent' | 'session' | 'stop' | 'archive';
  readonly words: string;
  /** The note itself, which can be changed. */
  readonly note?: NoteRecord;
  /** The stop itself, of which a note for the clinician can be printed. */
  readonly stopId?: string;
}

export interface Happenings {
  readonly notes: readonly NoteRecord[];
  readonly sessions: readonly SessionRecord[];
  readonly stops: readonly StopRecord[];
  readonly units: Units;
}

/** Notes, body mass, clearances, consent, sessions and stops of a person, the latest first. */
export function personTimeLine(
  person: PersonRecord,
  { notes, sessions, stops, units }: Happenings,
): readonly Entry[] {
  const { archivedOn, bodyMasses, clearance, clearancesBefore, consent, id } = person;
  const given = [...(clearance === null ? [] : [clearance]), ...clearancesBefore];
  const entries = [
    ...notes
      .filter(({ personId }) => personId === id)
      .map((note) => ({
        ...entry('note', note.id, note.day, note.text),
        note,
      })),
    ...bodyMasses.map(({ mass_kg, on }) =>
      entry('body', `mass ${on}`, on, `weighed ${writeMass(mass_kg, units.mass)}`),
    ),
    ...given.flatMap((one, i) =>
      one.on === undefined
        ? []
        : [
            entry(
              'clearance',
              `clearance ${i}`,
              one.on,
              `cleared by ${clinicianWords(one)} until ${writeDay(one.until)}`,
            ),
          ],
    ),
    ...(consent === null
      ? []
      : [entry('consent', 'consent', consent.on, `${consent.by} agreed, as guardian`)]),
    ...(archivedOn === null ? [] : [entry('archive', 'archive', archivedOn, 'archived')]),
    ...sessions
      .filter(({ personId, sets }) => personId === id && sets.length > 0)
      .map((session) => entry('session', session.id, session.day, sessionWords(session))),
    ...stops
      .filter(({ personId }) => personId === id)
      .map((stop) => ({
        ...entry('stop', stop.id, stop.day, stopWords(stop)),
        stopId: stop.id,
      })),
  ];
  return entries.toSorted((a, b) => (a.day < b.day ? 1 : a.day > b.day ? -1 : 0));
}

function entry(what: Entry['what'], key: string, day: string, words: string): Entry {
  return { key, day, dayWords: writeDay(day), what, words };
}

function stopWords({ cause, lifted, raisedBy, said, takenBack }: StopRecord): string {
  const ended =
    takenBack !== null
      ? `Ticked by mistake, says ${takenBack.by}: ${takenBack.why}`
      : lifted === null
        ? 'It stands.'
        : lifted.by === 'clearance'
          ? `Lifted on ${writeDay(lifted.on)} by the clearance of ${lifted.name}.`
          : `Lifted on ${writeDay(lifted.on)} by ${lifted.name}: ${lifted.why}`;
  return [`${STOP_CAUSE_WORDS[cause]}, raised by ${raisedBy}.`, said, ended]
    .filter((words) => words !== '')
    .join(' ');
}

function sessionWords({ painNextMorning, sets, setups }: SessionRecord): string {
  const exercise = setups[0]?.exercise ?? 'session';
  const worst = sets.reduce((most, { pain }) => Math.max(most, pain), 0);
  const count = `${sets.length} ${sets.length === 1 ? 'set' : 'sets'}`;
  return `${exercise}: ${count}${worst > 0 ? `, pain up to ${worst}` : ''}${
    painNextMorning === null ? '' : `; the morning after: pain ${painNextMorning}`
  }`;
}
