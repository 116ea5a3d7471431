import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * Figures carry the number of their model, and keep what an older one made of a set-up (the
 * figures themselves are renewed by a job at the start); what a set counts is said by the
 * prescription; holds are kept in seconds; a session can be given up.
 */
export class NetPull1764600000000 implements MigrationInterface {
  readonly name = 'NetPull1764600000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE setup_version ADD COLUMN earlier_figures jsonb');
    await runner.query(
      `UPDATE setup_version SET figures = figures || '{"model": 1}' WHERE NOT figures ? 'model'`,
    );
    await runner.query('ALTER TABLE training_set ADD COLUMN hold_s double precision');
    await runner.query('ALTER TABLE training_session ADD COLUMN discarded_at timestamptz');
    await runner.query('ALTER TABLE prescription ADD COLUMN work jsonb');
    await runner.query(`UPDATE prescription SET work = '{"kind": "reps"}' || reps`);
    await runner.query('ALTER TABLE prescription ALTER COLUMN work SET NOT NULL');
    await runner.query('ALTER TABLE prescription DROP COLUMN reps');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE prescription ADD COLUMN reps jsonb');
    await runner.query(
      `UPDATE prescription SET reps = CASE work->>'kind'
         WHEN 'hold' THEN jsonb_build_object('from', work->'from_s', 'to', work->'to_s')
         ELSE work - 'kind' END`,
    );
    await runner.query('ALTER TABLE prescription ALTER COLUMN reps SET NOT NULL');
    await runner.query('ALTER TABLE prescription DROP COLUMN work');
    await runner.query('ALTER TABLE training_session DROP COLUMN discarded_at');
    await runner.query('ALTER TABLE training_set DROP COLUMN hold_s');
    await runner.query(
      `UPDATE setup_version SET figures = coalesce(earlier_figures, figures) - 'model'`,
    );
    await runner.query('ALTER TABLE setup_version DROP COLUMN earlier_figures');
  }
}
