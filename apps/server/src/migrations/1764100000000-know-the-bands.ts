import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * Bands with material, fittings, rolls and copies that age apart; pulls in
 * measurements of their own; what happened to a band; the studio's inspection rule.
 */
export class KnowTheBands1764100000000 implements MigrationInterface {
  readonly name = 'KnowTheBands1764100000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const statement of UP) await runner.query(statement);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const statement of DOWN) await runner.query(statement);
  }
}

const UP = [
  `ALTER TABLE studio
    ADD inspection_days int NOT NULL DEFAULT 30 CHECK (inspection_days > 0),
    ADD inspection_cycles int NOT NULL DEFAULT 1500 CHECK (inspection_cycles > 0)`,
  'ALTER TABLE person ADD latex_allergy boolean NOT NULL DEFAULT false',
  `ALTER TABLE band
    ADD stock text NOT NULL DEFAULT 'band' CHECK (stock IN ('band', 'roll')),
    ADD cut_from uuid REFERENCES band,
    ADD thickness_mm double precision CHECK (thickness_mm > 0),
    ADD material text NOT NULL DEFAULT 'latexLayered'
      CHECK (material IN ('latexLayered', 'latexMoulded', 'synthetic', 'fabric')),
    ADD points double precision CHECK (points > 0),
    ADD fittings jsonb,
    ADD law_from uuid`,
  `CREATE TABLE band_copy (
    id uuid PRIMARY KEY,
    studio_id uuid NOT NULL REFERENCES studio,
    band_id uuid NOT NULL REFERENCES band,
    mark text NOT NULL,
    bought_on date,
    added_at timestamptz NOT NULL,
    state text NOT NULL CHECK (state IN ('inUse', 'watch', 'retired')),
    state_reason text NOT NULL,
    holder jsonb NOT NULL
  )`,
  'CREATE INDEX band_copy_of_band ON band_copy (band_id)',
  `INSERT INTO band_copy (id, studio_id, band_id, mark, added_at, state, state_reason, holder)
    SELECT gen_random_uuid(), studio_id, id, 'a', now(), state, '', '{"at": "bag"}' FROM band`,
  'ALTER TABLE band DROP state',
  `CREATE TABLE band_measurement (
    id uuid PRIMARY KEY,
    studio_id uuid NOT NULL REFERENCES studio,
    band_id uuid NOT NULL REFERENCES band,
    copy_id uuid NOT NULL REFERENCES band_copy,
    rigging text NOT NULL CHECK (rigging IN ('end', 'folded', 'standing')),
    gauge jsonb NOT NULL,
    warm_ups int NOT NULL CHECK (warm_ups >= 0),
    started_at timestamptz NOT NULL,
    finished_at timestamptz,
    taken_by uuid NOT NULL REFERENCES trainer,
    note text NOT NULL
  )`,
  'CREATE INDEX band_measurement_of_band ON band_measurement (band_id)',
  // The pulls of one band, day and trainer were one measurement.
  `INSERT INTO band_measurement
      (id, studio_id, band_id, copy_id, rigging, gauge, warm_ups, started_at, finished_at, taken_by, note)
    SELECT gen_random_uuid(), r.studio_id, r.band_id, c.id, 'end', '{"kind": "typed", "name": ""}', 0,
      min(r.taken_at), max(r.taken_at), r.taken_by, ''
    FROM band_reading r JOIN band_copy c ON c.band_id = r.band_id
    GROUP BY r.studio_id, r.band_id, c.id, r.taken_by, (r.taken_at AT TIME ZONE 'UTC')::date`,
  `ALTER TABLE band_reading
    ADD measurement_id uuid REFERENCES band_measurement,
    ADD dead_m double precision NOT NULL DEFAULT 0 CHECK (dead_m >= 0),
    ADD weighing jsonb,
    ADD set_aside_reason text NOT NULL DEFAULT ''`,
  `UPDATE band_reading r SET measurement_id = m.id FROM band_measurement m
    WHERE m.band_id = r.band_id AND m.taken_by = r.taken_by
      AND (m.started_at AT TIME ZONE 'UTC')::date = (r.taken_at AT TIME ZONE 'UTC')::date`,
  'ALTER TABLE band_reading ALTER measurement_id SET NOT NULL',
  'CREATE INDEX band_reading_of_measurement ON band_reading (measurement_id)',
  `CREATE TABLE band_event (
    id uuid PRIMARY KEY,
    studio_id uuid NOT NULL REFERENCES studio,
    band_id uuid NOT NULL REFERENCES band,
    copy_id uuid NOT NULL REFERENCES band_copy,
    happened_at timestamptz NOT NULL,
    noted_by uuid NOT NULL REFERENCES trainer,
    what jsonb NOT NULL
  )`,
  'CREATE INDEX band_event_of_band ON band_event (band_id, happened_at)',
];

const DOWN = [
  'DROP TABLE band_event',
  `ALTER TABLE band_reading
    DROP measurement_id, DROP dead_m, DROP weighing, DROP set_aside_reason`,
  'DROP TABLE band_measurement',
  `ALTER TABLE band ADD state text NOT NULL DEFAULT 'inUse'
    CHECK (state IN ('inUse', 'watch', 'retired'))`,
  `UPDATE band SET state = c.state FROM band_copy c WHERE c.band_id = band.id`,
  'ALTER TABLE band ALTER state DROP DEFAULT',
  'DROP TABLE band_copy',
  `ALTER TABLE band
    DROP stock, DROP cut_from, DROP thickness_mm, DROP material, DROP points, DROP fittings, DROP law_from`,
  'ALTER TABLE person DROP latex_allergy',
  'ALTER TABLE studio DROP inspection_days, DROP inspection_cycles',
];
