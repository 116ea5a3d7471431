import * as z from 'zod';
import { exerciseDocument } from '../documents/exercise.js';
import { anchorFields, anchorKind, day, documentHead } from '../documents/primitives.js';
import { completeSetupDocument } from '../documents/setup.js';
import { moment, uuid, version } from './identity.js';
import { ladder } from './ladders.js';
import { note, person } from './people.js';
import { decision, prescription, setInput } from './sessions.js';
import { setup } from './setups.js';
import { stop } from './stops.js';
import { skillTest } from './skill-tests.js';

/** A moment that is read as one. */
const instant = moment.transform((text) => new Date(text));

const nameOf = z.strictObject({ id: uuid, name: z.string() });

const personPart = z.strictObject(person.omit({ trainerIds: true }).shape);

const notePart = z.strictObject({
  ...note.omit({ personId: true }).shape,
  writtenAt: instant,
  writtenBy: uuid,
});

const placePart = z.strictObject({
  id: uuid,
  version,
  name: z.string(),
  about: z.string(),
  anchors: z.array(
    z.strictObject({
      id: uuid,
      name: z.string(),
      kind: anchorKind,
      ...anchorFields,
      removed: z.boolean(),
    }),
  ),
});

const exercisePart = z.strictObject({
  id: uuid,
  version,
  document: exerciseDocument,
  removed: z.boolean(),
  savedAt: instant,
  savedBy: uuid,
});

const saved = { version, savedAt: instant, savedBy: uuid };

const setupPart = z.strictObject({
  id: uuid,
  version,
  exerciseId: z.string(),
  removed: z.boolean(),
  /** As it was saved each time: sessions name the one they used. */
  versions: z
    .array(
      z.strictObject({
        ...setup.pick({
          placeId: true,
          anchorId: true,
          title: true,
          routeId: true,
          figures: true,
          earlierFigures: true,
          cautions: true,
          ready: true,
        }).shape,
        document: completeSetupDocument,
        ...saved,
      }),
    )
    .min(1),
});

const ladderPart = z.strictObject({
  id: uuid,
  version,
  exerciseId: z.string(),
  placeId: uuid,
  removed: z.boolean(),
  versions: z
    .array(
      z.strictObject({
        ...saved,
        content: z.strictObject(
          ladder.omit({
            id: true,
            version: true,
            personId: true,
            exerciseId: true,
            placeId: true,
            savedAt: true,
            removed: true,
          }).shape,
        ),
      }),
    )
    .min(1),
});

const prescriptionPart = z.strictObject({
  ...prescription.omit({ personId: true }).shape,
  createdAt: instant,
  createdBy: uuid,
});

/** A set as it was done; taken back, it is said again under another number of its sequence. */
const setPart = z.strictObject({
  ...setInput.shape,
  id: uuid,
  setId: uuid,
  setupId: uuid,
  performedAt: instant,
  sequence: z.number().int().nonnegative(),
  setAside: z.boolean(),
});

const sessionPart = z.strictObject({
  id: uuid,
  version,
  prescriptionId: uuid,
  setups: z.array(z.strictObject({ id: uuid, version })).min(1),
  exerciseId: z.string(),
  startedAt: instant,
  day,
  finishedAt: instant.nullable(),
  discardedAt: instant.nullable(),
  redFlag: z.boolean(),
  painNextMorning: z.number().int().min(0).max(10).nullable().default(null),
  againstStop: z.boolean().default(false),
  sets: z.array(setPart),
});

const stopPart = z.strictObject({
  ...stop.omit({ personId: true }).shape,
  at: instant,
  raisedBy: uuid.nullable(),
});

const decisionPart = z.strictObject({
  ...decision.omit({ personId: true }).shape,
  version,
});

const skillTestPart = z.strictObject({
  ...skillTest.omit({ personId: true }).shape,
  enteredAt: instant,
  enteredBy: uuid,
});

/** `wiry-otter.person-file`: all that is on record of one person, and what it stands on. */
export const personFile = z
  .strictObject({
    ...documentHead('wiry-otter.person-file'),
    /** Of which studio, and when it was taken. */
    studio: z.string(),
    takenAt: moment,
    /** Who wrote what is in it. */
    trainers: z.array(nameOf),
    person: personPart,
    notes: z.array(notePart),
    /** Where they train, and where their set-ups are hung. */
    places: z.array(placePart),
    /** Exercises of the studio's own that their work or their limits name. */
    exercises: z.array(exercisePart),
    setups: z.array(setupPart),
    ladders: z.array(ladderPart),
    prescriptions: z.array(prescriptionPart),
    sessions: z.array(sessionPart),
    decisions: z.array(decisionPart),
    skillTests: z.array(skillTestPart),
    /** In files of before they are not told: reading one in makes them of its sessions. */
    stops: z.array(stopPart).optional(),
  })
  .superRefine((file, context) => {
    const placeIds = ids(file.places);
    const setupVersions = new Set(
      file.setups.flatMap(({ id, versions }) => versions.map((one) => `${id} ${one.version}`)),
    );
    const setupIds = ids(file.setups);
    const prescriptionIds = ids(file.prescriptions);
    const sessionIds = ids(file.sessions);
    const expect = (isThere: boolean, path: PropertyKey[], found: string, what: string): void => {
      if (isThere) return;
      const message = `${what} that the file holds`;
      context.addIssue({ code: 'custom', path, message, params: { found } });
    };
    file.person.placeIds.forEach((id, i) => {
      expect(placeIds.has(id), ['person', 'placeIds', i], id, 'a place');
    });
    file.setups.forEach(({ version: head, versions }, i) => {
      const path = ['setups', i, 'version'];
      const isKept = versions.some((one) => one.version === head);
      expect(isKept, path, String(head), 'a version');
      versions.forEach(({ anchorId, placeId }, k) => {
        const place = file.places.find(({ id }) => id === placeId);
        const at = ['setups', i, 'versions', k];
        expect(place !== undefined, [...at, 'placeId'], placeId, 'a place');
        const isThere = anchorId === null || place?.anchors.some(({ id }) => id === anchorId);
        expect(isThere === true, [...at, 'anchorId'], String(anchorId), 'an anchor of the place');
      });
    });
    file.ladders.forEach(({ placeId, version: head, versions }, i) => {
      expect(placeIds.has(placeId), ['ladders', i, 'placeId'], placeId, 'a place');
      const isKept = versions.some((one) => one.version === head);
      expect(isKept, ['ladders', i, 'version'], String(head), 'a version');
    });
    file.prescriptions.forEach((one, i) => {
      one.setupIds.forEach((id, k) => {
        expect(setupIds.has(id), ['prescriptions', i, 'setupIds', k], id, 'a set-up');
      });
    });
    file.sessions.forEach(({ prescriptionId, sets, setups }, i) => {
      const at = ['sessions', i];
      const isThere = prescriptionIds.has(prescriptionId);
      expect(isThere, [...at, 'prescriptionId'], prescriptionId, 'a prescription');
      setups.forEach(({ id, version: used }, k) => {
        const key = `${id} ${used}`;
        expect(setupVersions.has(key), [...at, 'setups', k], key, 'a version of a set-up');
      });
      sets.forEach(({ setupId }, k) => {
        const path = [...at, 'sets', k, 'setupId'];
        expect(setupIds.has(setupId), path, setupId, 'a set-up');
      });
    });
    file.stops?.forEach(({ sessionId }, i) => {
      const isThere = sessionId === null || sessionIds.has(sessionId);
      expect(isThere, ['stops', i, 'sessionId'], String(sessionId), 'a session');
    });
    file.decisions.forEach(({ sessionId }, i) => {
      expect(sessionIds.has(sessionId), ['decisions', i, 'sessionId'], sessionId, 'a session');
    });
  });
/** As it is written to a file. */
export type PersonFileDocument = z.input<typeof personFile>;
/** As it is read. */
export type PersonFile = z.output<typeof personFile>;

function ids(parts: readonly { readonly id: string }[]): ReadonlySet<string> {
  return new Set(parts.map(({ id }) => id));
}

/** A person's file of so many bytes is read, at most: years of sessions fit many times over. */
export const LARGEST_PERSON_FILE = 30_000_000;

export const personFileQuery = z.strictObject({
  /** Only looked through without it. */
  save: z.literal('yes').optional(),
});

/** What a person's file holds, or what was deleted: how much of each. */
export const personFileCounts = z.strictObject({
  notes: z.number().int(),
  setups: z.number().int(),
  sessions: z.number().int(),
  sets: z.number().int(),
});
export type PersonFileCounts = z.infer<typeof personFileCounts>;

/** What reading a person's file in does, or has done. */
export const personFileRead = z.strictObject({
  personId: uuid,
  name: z.string(),
  counts: personFileCounts,
  /** Places and exercises that the studio does not have, and gets with it. */
  added: z.array(z.string()),
  saved: z.boolean(),
});
export type PersonFileRead = z.infer<typeof personFileRead>;

/** That somebody was deleted for good: how much there was, and who did it, without the name. */
export const personDeleted = z.strictObject({
  id: uuid,
  deletedAt: moment,
  deletedBy: z.string(),
  sessions: z.number().int(),
  sets: z.number().int(),
});
export const peopleDeleted = z.array(personDeleted);
export type PeopleDeleted = z.infer<typeof peopleDeleted>;
