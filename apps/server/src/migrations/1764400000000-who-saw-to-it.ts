import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Each warning says who saw to it and when, instead of one list of rules for the version. */
export class WhoSawToIt1764400000000 implements MigrationInterface {
  readonly name = 'WhoSawToIt1764400000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const statement of UP) await runner.query(statement);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const statement of DOWN) await runner.query(statement);
  }
}

const UP: readonly string[] = [
  // Whoever saved the version said that its warnings were seen to.
  `UPDATE setup_version SET cautions = (
    SELECT jsonb_agg(
      CASE WHEN caution->>'level' = 'warn' AND acknowledged ? (caution->>'rule')
        THEN caution || jsonb_build_object('seen', jsonb_build_object(
          'by', trainer.id,
          'name', trainer.name,
          'at', to_char(saved_at AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"')))
        ELSE caution END
      ORDER BY place)
    FROM jsonb_array_elements(cautions) WITH ORDINALITY AS listed (caution, place))
  FROM trainer
  WHERE trainer.id = setup_version.saved_by AND jsonb_array_length(cautions) > 0`,
  'ALTER TABLE setup_version DROP acknowledged',
];

const DOWN: readonly string[] = [
  "ALTER TABLE setup_version ADD acknowledged jsonb NOT NULL DEFAULT '[]'",
  `UPDATE setup_version SET
    acknowledged = (
      SELECT coalesce(jsonb_agg(caution->'rule'), '[]')
      FROM jsonb_array_elements(cautions) AS caution
      WHERE caution ? 'seen'),
    cautions = (
      SELECT coalesce(jsonb_agg(caution - 'seen' ORDER BY place), '[]')
      FROM jsonb_array_elements(cautions) WITH ORDINALITY AS listed (caution, place))`,
  'ALTER TABLE setup_version ALTER acknowledged DROP DEFAULT',
];
