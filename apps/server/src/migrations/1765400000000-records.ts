import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * One table of what devices see, kept as the text that is handed out; counters in place of scans of
 * the log; writes that are confirmed once. The records themselves are built at the start.
 */
export class Records1765400000000 implements MigrationInterface {
  readonly name = 'Records1765400000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE record (
        studio_id uuid NOT NULL REFERENCES studio (id),
        kind text NOT NULL,
        id uuid NOT NULL,
        version int NOT NULL,
        person_id uuid,
        trainer_id uuid,
        day text,
        written xid8 NOT NULL,
        body text,
        PRIMARY KEY (studio_id, kind, id)
      );
      CREATE INDEX record_written ON record (studio_id, written, kind, id);
      CREATE INDEX record_day ON record (studio_id, kind, person_id, day, id) WHERE day IS NOT NULL;

      CREATE TABLE feed_epoch (id uuid PRIMARY KEY, cluster text NOT NULL, record_table text NOT NULL);

      CREATE TABLE confirmed_write (
        id uuid PRIMARY KEY,
        studio_id uuid NOT NULL REFERENCES studio (id),
        trainer_id uuid NOT NULL,
        digest text NOT NULL,
        answer text NOT NULL,
        confirmed_at timestamptz NOT NULL
      );
      CREATE INDEX confirmed_write_age ON confirmed_write (confirmed_at);

      ALTER TABLE person_trainer ADD withdrawn_at timestamptz;
      ALTER TABLE person ADD trained_since jsonb NOT NULL DEFAULT '{}';
      ALTER TABLE trainer ADD version int NOT NULL DEFAULT 1;
      ALTER TABLE decision ADD version int NOT NULL DEFAULT 1,
        DROP CONSTRAINT decision_status_check,
        ADD CONSTRAINT decision_status_check
          CHECK (status IN ('waiting', 'accepted', 'overruled', 'void'));

      CREATE TABLE band_wear (
        id uuid PRIMARY KEY REFERENCES band_copy (id),
        studio_id uuid NOT NULL REFERENCES studio (id),
        band_id uuid NOT NULL REFERENCES band (id),
        version int NOT NULL,
        total int NOT NULL,
        since_inspection int NOT NULL
      );
      CREATE TABLE set_wear (
        copy_id uuid NOT NULL REFERENCES band_copy (id),
        set_id uuid NOT NULL,
        studio_id uuid NOT NULL REFERENCES studio (id),
        performed_at timestamptz NOT NULL,
        cycles int NOT NULL,
        PRIMARY KEY (copy_id, set_id)
      );
      CREATE INDEX set_wear_set ON set_wear (set_id);
      CREATE INDEX set_wear_time ON set_wear (copy_id, performed_at);
      CREATE INDEX band_event_copy ON band_event (copy_id);
      CREATE INDEX decision_waiting ON decision (person_id, exercise_id)
        WHERE status IN ('waiting', 'void');
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      DROP INDEX band_event_copy;
      DROP INDEX decision_waiting;
      DROP TABLE set_wear;
      DROP TABLE band_wear;
      UPDATE decision SET status = 'waiting' WHERE status = 'void';
      ALTER TABLE decision DROP version, DROP CONSTRAINT decision_status_check,
        ADD CONSTRAINT decision_status_check
          CHECK (status IN ('waiting', 'accepted', 'overruled'));
      ALTER TABLE trainer DROP version;
      ALTER TABLE person DROP trained_since;
      DELETE FROM person_trainer WHERE withdrawn_at IS NOT NULL;
      ALTER TABLE person_trainer DROP withdrawn_at;
      DROP TABLE confirmed_write;
      DROP TABLE feed_epoch;
      DROP TABLE record;
    `);
  }
}
