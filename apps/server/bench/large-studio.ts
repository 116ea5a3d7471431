import type { DataSource } from 'typeorm';
import { RECOUNTS } from '../src/areas/areas.js';
import { rebuildRecords } from '../src/platform/records/rebuild-records.js';
import type { RecordKeeper } from '../src/platform/records/record-keeper.js';

export interface Size {
  readonly people: number;
  readonly bands: number;
  /** Set-ups of each person. */
  readonly setups: number;
  /** Sessions of each person, three a week back from today. */
  readonly sessions: number;
  /** Sets of each session. */
  readonly sets: number;
}

/** The demo's studio with so many more people, bands and sessions, copied from those it has. */
export async function enlarge(
  database: DataSource,
  keeper: RecordKeeper,
  { bands, people, sessions, sets, setups }: Size,
): Promise<void> {
  // A copy of a row with other ids keeps all that the schema asks for.
  await database.transaction(async (manager) => {
    await manager.query('SET LOCAL statement_timeout = 0');
    await manager.query(`
    CREATE TEMP TABLE pattern AS
      SELECT person.id AS person_id, setup.id AS setup_id, prescription.id AS prescription_id,
          training_session.id AS session_id
        FROM training_session
        JOIN prescription ON prescription.id = training_session.prescription_id
        JOIN person ON person.id = training_session.person_id
        JOIN setup ON setup.id = (training_session.setups -> 0 ->> 'id')::uuid
        WHERE person.name = 'Tobias Quill' AND prescription.setup_ids = jsonb_build_array(setup.id)
        ORDER BY training_session.started_at DESC LIMIT 1;
    CREATE TEMP TABLE more_people AS
      SELECT gen_random_uuid() AS id, n FROM generate_series(1, ${people}) n;
    CREATE TEMP TABLE more_setups AS
      SELECT gen_random_uuid() AS id, more_people.id AS person_id, k
        FROM more_people, generate_series(1, ${setups}) k;
    CREATE TEMP TABLE more_prescriptions AS
      SELECT gen_random_uuid() AS id, person_id, id AS setup_id FROM more_setups WHERE k = 1;
    CREATE TEMP TABLE more_sessions AS
      SELECT gen_random_uuid() AS id, p.id AS prescription_id, p.person_id, p.setup_id,
          now() - (k * 56 || ' hours')::interval AS began
        FROM more_prescriptions p, generate_series(1, ${sessions}) k`);
    const copies: readonly (readonly [table: string, of: string, from: string, fields: string])[] =
      [
        [
          'person',
          "t.name = 'Tobias Quill'",
          'more_people m',
          "'id', m.id, 'name', 'Person ' || m.n",
        ],
        [
          'person_trainer',
          't.person_id = (SELECT person_id FROM pattern)',
          'more_people m',
          "'person_id', m.id",
        ],
        [
          'setup',
          't.id = (SELECT setup_id FROM pattern)',
          'more_setups m',
          "'id', m.id, 'person_id', m.person_id, 'version', 1",
        ],
        [
          'setup_version',
          `t.setup_id = (SELECT setup_id FROM pattern) AND t.version =
        (SELECT max(version) FROM setup_version WHERE setup_id = (SELECT setup_id FROM pattern))`,
          'more_setups m',
          "'setup_id', m.id, 'version', 1, 'title', 'Row ' || m.k",
        ],
        [
          'prescription',
          't.id = (SELECT prescription_id FROM pattern)',
          'more_prescriptions m',
          `'id', m.id, 'person_id', m.person_id, 'setup_ids', jsonb_build_array(m.setup_id),
        'from_decision_id', null`,
        ],
        [
          'training_session',
          't.id = (SELECT session_id FROM pattern)',
          'more_sessions m',
          `'id', m.id, 'person_id', m.person_id, 'prescription_id', m.prescription_id,
        'setups', jsonb_build_array(jsonb_build_object('id', m.setup_id, 'version', 1)),
        'started_at', m.began, 'finished_at', m.began + interval '30 minutes',
        'day', to_char(m.began, 'YYYY-MM-DD')`,
        ],
        [
          'training_set',
          `t.id = (SELECT id FROM training_set WHERE session_id = (SELECT session_id FROM pattern) LIMIT 1)`,
          `(SELECT gen_random_uuid() AS id, s.id AS session_id, s.setup_id,
          s.began + (k * 3 || ' minutes')::interval AS done
        FROM more_sessions s, generate_series(1, ${sets}) k) m`,
          `'id', m.id, 'set_id', m.id, 'session_id', m.session_id, 'setup_id', m.setup_id,
        'performed_at', m.done`,
        ],
        [
          'band',
          "t.name = 'Towline'",
          `(SELECT gen_random_uuid() AS id, n FROM generate_series(1, ${bands}) n) m`,
          "'id', m.id, 'name', 'Band ' || m.n, 'law_from', null",
        ],
      ];
    for (const [table, of, from, fields] of copies) {
      await manager.query(
        `INSERT INTO ${table} SELECT (jsonb_populate_record(t, jsonb_build_object(${fields}))).*
        FROM ${table} t, ${from} WHERE ${of}`,
      );
    }
    await manager.query(
      'DROP TABLE pattern, more_people, more_setups, more_prescriptions, more_sessions',
    );
  });
  await database.query('ANALYZE');
  await rebuildRecords(database, keeper, RECOUNTS);
  await database.query('VACUUM ANALYZE');
}
