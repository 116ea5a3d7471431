import type {
  PrescriptionRecord,
  ReviewDocument,
  SessionRecord,
  StopRecord,
} from '@wiry-otter/contracts';
import { RED_FLAGS, type RedFlag, type School } from '@wiry-otter/core';
import { derivedId } from '../ids.js';
import type { ReviewFacts } from './review-session.js';

/** Sessions looked back upon: speed asks for four under another school. */
const SESSIONS_REVIEWED = 8;
/** Among so many, the latest ones, they are looked for. */
export const SESSIONS_LOOKED_THROUGH = 40;

type DoneSession = ReviewDocument['sessions'][number];
type Prescribed = Pick<PrescriptionRecord, 'school' | 'sets' | 'work'>;

/** The last sessions of the prescription's track that were done on rungs of the ladder, oldest first. */
export function doneSessions(
  { session, sessions, stops }: ReviewFacts,
  school: School,
  rungOf: ReadonlyMap<string, number>,
): readonly DoneSession[] {
  return sameWork(session, sessions)
    .filter(({ setups }) => setups.every(({ id }) => rungOf.has(id)))
    .slice(0, SESSIONS_REVIEWED)
    .reverse()
    .map((one) => doneSession(one, school, rungOf, stops));
}

/** Of the prescription's track, finished or the one looked at, the latest first. */
export function sameWork(
  session: SessionRecord,
  sessions: readonly SessionRecord[],
): readonly SessionRecord[] {
  const isSame = ({ id }: SessionRecord): boolean => id === session.id;
  return sessions
    .slice(0, SESSIONS_LOOKED_THROUGH)
    .map((one) => (isSame(one) ? session : one))
    .filter(
      (one) =>
        one.prescription.track === session.prescription.track &&
        (isSame(one) || one.finishedAt !== null),
    );
}

function doneSession(
  { day, id, painNextMorning, prescription, redFlag, sets }: SessionRecord,
  school: School,
  rungOf: ReadonlyMap<string, number>,
  stops: readonly StopRecord[],
): DoneSession {
  const under = schoolReviewed(prescription);
  const ofSession = stops.filter(({ sessionId }) => sessionId === id);
  const flag = flagOf(redFlag, ofSession);
  const mistaken = new Set(
    ofSession.filter(({ takenBack }) => takenBack !== null).map((one) => one.id),
  );
  const isMistaken = (...from: readonly string[]): boolean =>
    mistaken.has(derivedId('stop', ...from));
  return {
    date: day,
    ...(flag === undefined ? {} : { redFlag: flag }),
    ...(under === school ? {} : { school: under }),
    ...(painNextMorning === null || isMistaken(id, 'next-morning') ? {} : { painNextMorning }),
    sets: sets.map((set) => ({
      rung: rungOf.get(set.setupId) ?? 0,
      ...measuresOf(school, set),
      ...(set.spare === null ? {} : { spare: set.spare }),
      form: set.form,
      // A pain that was ticked by mistake leaves the reviews with its stop.
      ...(isMistaken(set.id) ? {} : { pain: set.pain }),
    })),
  };
}

/** What the school of the review goes by; nothing that it lacks keeps a session from being decided. */
function measuresOf(
  school: School,
  { hold_s, lowering_s, partial, reps }: SessionRecord['sets'][number],
): Partial<DoneSession['sets'][number]> {
  switch (school) {
    case 'hold':
      return { hold_s: hold_s ?? 0 };
    case 'lowering':
      return { reps, hold_s: hold_s ?? 0, lowering_s: lowering_s ?? 0 };
    default:
      return { reps, partial };
  }
}

/** The flag of a session that stands; one of before stops were kept has no kind. */
function flagOf(redFlag: boolean, stops: readonly StopRecord[]): RedFlag | true | undefined {
  const flags = stops.filter(({ cause }) => isFlag(cause));
  const standing = flags.find(({ takenBack }) => takenBack === null)?.cause;
  if (standing !== undefined) return isFlag(standing) ? standing : true;
  return redFlag && flags.length === 0 ? true : undefined;
}

function isFlag(cause: StopRecord['cause']): cause is RedFlag {
  return (RED_FLAGS as readonly string[]).includes(cause);
}

/** What each kind of work is weighed by where its school asks for another. */
const BY_WORK = { reps: 'fill-range', hold: 'hold', lowering: 'lowering' } as const;

/** Schools that count repetitions as they are logged today. */
const BY_REPS: readonly School[] = ['fill-range', 'effort', 'rehab', 'taper', 'all-out', 'speed'];

/** The school that a prescription is weighed by: its own, where its work and its sets are what that asks. */
export function schoolReviewed({ school, sets, work }: Prescribed): School {
  const fits = work.kind === 'reps' ? BY_REPS.includes(school) : school === work.kind;
  return fits && (school !== 'taper' || sets === 3) ? school : BY_WORK[work.kind];
}
