import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Months from this one on have a partition of their own for sets; the rest share the default. */
const FIRST_PARTITION_YEAR = 2026;
const PARTITION_YEARS = 5;

/** Studio, bands with their readings, people, places, set-ups, sessions and decisions. */
export class FirstSlice1764000000000 implements MigrationInterface {
  readonly name = 'FirstSlice1764000000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const statement of [...TABLES, ...setPartitions()]) await runner.query(statement);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of [...TABLE_NAMES].reverse()) await runner.query(`DROP TABLE ${table}`);
  }
}

const TABLE_NAMES = [
  'studio',
  'trainer',
  'sign_in',
  'sign_in_failure',
  'person',
  'person_trainer',
  'place',
  'anchor',
  'band',
  'band_reading',
  'setup',
  'setup_version',
  'prescription',
  'training_session',
  'training_set',
  'decision',
];

const TABLES = [
  `CREATE TABLE studio (
    id uuid PRIMARY KEY,
    name text NOT NULL,
    zone text NOT NULL,
    force_unit text NOT NULL CHECK (force_unit IN ('N', 'kgf', 'lbf'))
  )`,
  `CREATE TABLE trainer (
    id uuid PRIMARY KEY,
    studio_id uuid NOT NULL REFERENCES studio,
    email text NOT NULL UNIQUE,
    name text NOT NULL,
    password_hash text NOT NULL
  )`,
  `CREATE TABLE sign_in (
    token_hash text PRIMARY KEY,
    studio_id uuid NOT NULL REFERENCES studio,
    trainer_id uuid NOT NULL REFERENCES trainer,
    expires_at timestamptz NOT NULL
  )`,
  `CREATE TABLE sign_in_failure (
    id uuid PRIMARY KEY,
    email text NOT NULL,
    address text NOT NULL,
    failed_at timestamptz NOT NULL
  )`,
  'CREATE INDEX sign_in_failure_recent ON sign_in_failure (email, failed_at)',
  `CREATE TABLE person (
    id uuid PRIMARY KEY,
    studio_id uuid NOT NULL REFERENCES studio,
    version int NOT NULL,
    name text NOT NULL,
    about text NOT NULL,
    stature_m double precision NOT NULL CHECK (stature_m > 0),
    mass_kg double precision NOT NULL CHECK (mass_kg > 0),
    goal text NOT NULL,
    pain_limit double precision NOT NULL,
    clearance jsonb
  )`,
  `CREATE TABLE person_trainer (
    person_id uuid NOT NULL REFERENCES person,
    trainer_id uuid NOT NULL REFERENCES trainer,
    studio_id uuid NOT NULL REFERENCES studio,
    PRIMARY KEY (person_id, trainer_id)
  )`,
  `CREATE TABLE place (
    id uuid PRIMARY KEY,
    studio_id uuid NOT NULL REFERENCES studio,
    name text NOT NULL,
    about text NOT NULL
  )`,
  `CREATE TABLE anchor (
    id uuid PRIMARY KEY,
    studio_id uuid NOT NULL REFERENCES studio,
    place_id uuid NOT NULL REFERENCES place,
    name text NOT NULL,
    kind text NOT NULL,
    lowest_m double precision NOT NULL,
    highest_m double precision NOT NULL CHECK (highest_m >= lowest_m)
  )`,
  `CREATE TABLE band (
    id uuid PRIMARY KEY,
    studio_id uuid NOT NULL REFERENCES studio,
    version int NOT NULL,
    name text NOT NULL,
    kind text NOT NULL CHECK (kind IN ('loop', 'miniLoop', 'tube', 'strip', 'tubing')),
    flat_length_m double precision NOT NULL CHECK (flat_length_m > 0),
    width_mm double precision NOT NULL CHECK (width_mm > 0),
    colour text NOT NULL,
    tag int CHECK (tag BETWEEN 1 AND 9),
    label jsonb,
    stretch_limit double precision NOT NULL CHECK (stretch_limit > 1 AND stretch_limit <= 3),
    state text NOT NULL CHECK (state IN ('inUse', 'watch', 'retired')),
    note text NOT NULL,
    removed boolean NOT NULL
  )`,
  'CREATE INDEX band_of_studio ON band (studio_id)',
  `CREATE TABLE band_reading (
    id uuid PRIMARY KEY,
    studio_id uuid NOT NULL REFERENCES studio,
    band_id uuid NOT NULL REFERENCES band,
    length_m double precision NOT NULL CHECK (length_m > 0),
    force_n double precision NOT NULL CHECK (force_n >= 0),
    rest_m double precision,
    strands int,
    direction text NOT NULL CHECK (direction IN ('loading', 'unloading')),
    taken_at timestamptz NOT NULL,
    taken_by uuid NOT NULL REFERENCES trainer,
    reading_id uuid NOT NULL,
    sequence int NOT NULL,
    set_aside boolean NOT NULL,
    UNIQUE (reading_id, sequence)
  )`,
  'CREATE INDEX band_reading_of_band ON band_reading (band_id)',
  `CREATE TABLE setup (
    id uuid PRIMARY KEY,
    studio_id uuid NOT NULL REFERENCES studio,
    version int NOT NULL,
    person_id uuid NOT NULL REFERENCES person,
    exercise_id text NOT NULL,
    removed boolean NOT NULL
  )`,
  'CREATE INDEX setup_of_person ON setup (person_id, exercise_id)',
  `CREATE TABLE setup_version (
    setup_id uuid NOT NULL REFERENCES setup,
    version int NOT NULL,
    studio_id uuid NOT NULL REFERENCES studio,
    place_id uuid NOT NULL REFERENCES place,
    anchor_id uuid REFERENCES anchor,
    title text NOT NULL,
    route_id text NOT NULL,
    document jsonb NOT NULL,
    acknowledged jsonb NOT NULL,
    figures jsonb NOT NULL,
    cautions jsonb NOT NULL,
    ready boolean NOT NULL,
    saved_at timestamptz NOT NULL,
    saved_by uuid NOT NULL REFERENCES trainer,
    PRIMARY KEY (setup_id, version)
  )`,
  `CREATE TABLE prescription (
    id uuid PRIMARY KEY,
    studio_id uuid NOT NULL REFERENCES studio,
    person_id uuid NOT NULL REFERENCES person,
    setup_id uuid NOT NULL REFERENCES setup,
    exercise_id text NOT NULL,
    school text NOT NULL,
    sets int NOT NULL CHECK (sets > 0),
    reps jsonb NOT NULL,
    rest_s double precision NOT NULL,
    target jsonb NOT NULL,
    from_decision_id uuid,
    created_at timestamptz NOT NULL,
    created_by uuid NOT NULL REFERENCES trainer
  )`,
  'CREATE INDEX prescription_of_person ON prescription (person_id, exercise_id, created_at)',
  `CREATE TABLE training_session (
    id uuid PRIMARY KEY,
    studio_id uuid NOT NULL REFERENCES studio,
    version int NOT NULL,
    person_id uuid NOT NULL REFERENCES person,
    prescription_id uuid NOT NULL REFERENCES prescription,
    setup_id uuid NOT NULL,
    setup_version int NOT NULL,
    exercise_id text NOT NULL,
    started_at timestamptz NOT NULL,
    day text NOT NULL,
    finished_at timestamptz,
    red_flag boolean NOT NULL,
    FOREIGN KEY (setup_id, setup_version) REFERENCES setup_version (setup_id, version)
  )`,
  'CREATE INDEX training_session_of_person ON training_session (person_id, exercise_id, started_at)',
  `CREATE TABLE training_set (
    id uuid NOT NULL,
    performed_at timestamptz NOT NULL,
    studio_id uuid NOT NULL,
    session_id uuid NOT NULL,
    set_id uuid NOT NULL,
    sequence int NOT NULL,
    reps int NOT NULL CHECK (reps >= 0),
    partial_reps int NOT NULL CHECK (partial_reps >= 0),
    spare int,
    form text NOT NULL CHECK (form IN ('clean', 'breaking')),
    pain int NOT NULL CHECK (pain BETWEEN 0 AND 10),
    set_aside boolean NOT NULL,
    PRIMARY KEY (id, performed_at),
    UNIQUE (set_id, sequence, performed_at)
  ) PARTITION BY RANGE (performed_at)`,
  'CREATE INDEX training_set_of_session ON training_set (session_id)',
  `CREATE TABLE decision (
    id uuid PRIMARY KEY,
    studio_id uuid NOT NULL REFERENCES studio,
    session_id uuid NOT NULL UNIQUE REFERENCES training_session,
    person_id uuid NOT NULL REFERENCES person,
    exercise_id text NOT NULL,
    status text NOT NULL CHECK (status IN ('waiting', 'accepted', 'overruled')),
    ladder jsonb NOT NULL,
    review jsonb NOT NULL,
    decision jsonb NOT NULL,
    outcome jsonb
  )`,
  'CREATE INDEX decision_of_person ON decision (person_id, status)',
];

/** One partition per month, and a default for what lies outside the prepared years. */
function setPartitions(): string[] {
  const statements = ['CREATE TABLE training_set_default PARTITION OF training_set DEFAULT'];
  for (let month = 0; month < 12 * PARTITION_YEARS; month++) {
    const from = monthStart(month);
    const name = from.slice(0, 7).replace('-', '_');
    statements.push(
      `CREATE TABLE training_set_${name} PARTITION OF training_set
       FOR VALUES FROM ('${from} 00:00:00+00') TO ('${monthStart(month + 1)} 00:00:00+00')`,
    );
  }
  return statements;
}

function monthStart(month: number): string {
  return new Date(Date.UTC(FIRST_PARTITION_YEAR, month, 1)).toISOString().slice(0, 10);
}
