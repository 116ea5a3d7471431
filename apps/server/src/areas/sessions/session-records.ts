import type { SessionRecord } from '@wiry-otter/contracts';
import { In } from 'typeorm';
import { type RecordSource, recordsOfTable } from '../../platform/records/record-source.js';
import { DecisionEntity, SessionEntity } from './entities.js';

/** A session as one query puts it together; moments are as PostgreSQL writes them. */
type SessionParts = Omit<SessionRecord, 'startedAt' | 'finishedAt' | 'discardedAt'> & {
  readonly startedAt: Date;
  readonly finishedAt: Date | null;
  readonly discardedAt: Date | null;
};

/** A session with its sets is one record, told anew with every set: so it is one query. */
export const sessionRecords: RecordSource<'session'> = {
  kind: 'session',
  async read(scoped, ids) {
    const found = await scoped.query<SessionParts>('session-records', SESSION_PARTS, [ids]);
    return found.map(({ discardedAt, finishedAt, prescription, sets, startedAt, ...fields }) => {
      const record: SessionRecord = {
        ...fields,
        prescription: { ...prescription, createdAt: asMoment(prescription.createdAt) },
        startedAt: startedAt.toISOString(),
        finishedAt: finishedAt?.toISOString() ?? null,
        discardedAt: discardedAt?.toISOString() ?? null,
        sets: sets.map((set) => ({ ...set, performedAt: asMoment(set.performedAt) })),
      };
      const { day, id, personId, version } = record;
      return { id, version, personId, day, record };
    });
  },
  async ids(scoped) {
    const rows = await scoped.query<{ id: string }>(
      'session-ids',
      'SELECT id FROM training_session WHERE studio_id = $1',
    );
    return rows.map(({ id }) => id);
  },
};

/**
 * What a session used is told without the documents; of each set the row that stands. Each part is
 * looked up by its key: joined, PostgreSQL would read all set-ups of all studios for one session.
 */
const SESSION_PARTS = `
  SELECT own.id, own.version, own.person_id AS "personId", own.started_at AS "startedAt", own.day,
    own.finished_at AS "finishedAt", own.discarded_at AS "discardedAt", own.red_flag AS "redFlag",
    own.pain_next_morning AS "painNextMorning", own.against_stop AS "againstStop",
    (SELECT json_build_object('id', asked.id, 'personId', asked.person_id,
        'setupIds', asked.setup_ids, 'track', asked.track, 'school', asked.school,
        'sets', asked.sets, 'work', asked.work, 'rest_s', asked.rest_s, 'target', asked.target,
        'drop', asked.drop_set, 'exerciseId', asked.exercise_id,
        'fromDecisionId', asked.from_decision_id, 'createdAt', asked.created_at)
      FROM prescription asked WHERE asked.id = own.prescription_id) AS prescription,
    (SELECT json_agg((
        SELECT json_build_object('id', used.setup_id, 'version', used.version,
          'title', used.title, 'figures', used.figures,
          'exercise', used.document -> 'exercise' ->> 'title', 'phases', used.document -> 'phases',
          'bands', jsonb_array_length(used.document -> 'runs'))
        FROM setup_version used WHERE used.setup_id = (named.setup ->> 'id')::uuid
          AND used.version = (named.setup ->> 'version')::int) ORDER BY named.place)
      FROM jsonb_array_elements(own.setups) WITH ORDINALITY AS named (setup, place)) AS setups,
    (SELECT coalesce(json_agg(json_build_object('id', one.set_id, 'performedAt', one.performed_at,
        'setupId', one.setup_id, 'reps', one.reps, 'partial', one.partial_reps,
        'hold_s', one.hold_s, 'lowering_s', one.lowering_s, 'spare', one.spare, 'form', one.form,
        'pain', one.pain) ORDER BY one.performed_at, one.set_id), '[]')
      FROM (SELECT DISTINCT ON (set_id) * FROM training_set WHERE session_id = own.id
        ORDER BY set_id, sequence DESC) one
      WHERE NOT one.set_aside) AS sets,
    (SELECT json_build_object('id', decision.id, 'code', decision.decision ->> 'code',
        'status', decision.status)
      FROM decision WHERE decision.session_id = own.id) AS decision
  FROM training_session own
  WHERE own.studio_id = $1 AND own.id = ANY($2::uuid[])`;

const asMoment = (text: string): string => new Date(text).toISOString();

export const decisionRecords = recordsOfTable('decision', DecisionEntity, async (scoped, rows) => {
  const sessions = await scoped.find(SessionEntity, {
    id: In(rows.map(({ sessionId }) => sessionId)),
  });
  return rows.map(({ studioId: _studio, version, ...record }) => {
    const day = sessions.find(({ id }) => id === record.sessionId)?.day;
    return {
      id: record.id,
      version,
      personId: record.personId,
      // One that waits is kept however old it is.
      ...(record.status === 'waiting' || day === undefined ? {} : { day }),
      record,
    };
  });
});
