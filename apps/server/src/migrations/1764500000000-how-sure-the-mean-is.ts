import type { MigrationInterface, QueryRunner } from 'typeorm';

/** A saved set-up keeps the deviation of its mean; what was saved before has none on record. */
export class HowSureTheMeanIs1764500000000 implements MigrationInterface {
  readonly name = 'HowSureTheMeanIs1764500000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      `UPDATE setup_version SET figures = figures || '{"meanStd": null}' WHERE NOT figures ? 'meanStd'`,
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`UPDATE setup_version SET figures = figures - 'meanStd'`);
  }
}
