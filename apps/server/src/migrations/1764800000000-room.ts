import type { MigrationInterface, QueryRunner } from 'typeorm';

/** An anchor says how far from it a person can stand. */
export class Room1764800000000 implements MigrationInterface {
  readonly name = 'Room1764800000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE anchor ADD room_m double precision CHECK (room_m > 0)');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE anchor DROP room_m');
  }
}
