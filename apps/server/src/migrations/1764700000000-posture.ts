import type { MigrationInterface, QueryRunner } from 'typeorm';

/** How the body is held in an exercise is its posture; a stance is how far the feet are apart. */
export class Posture1764700000000 implements MigrationInterface {
  readonly name = 'Posture1764700000000';

  up(runner: QueryRunner): Promise<void> {
    return rename(runner, 'stance', 'posture');
  }

  down(runner: QueryRunner): Promise<void> {
    return rename(runner, 'posture', 'stance');
  }
}

async function rename(runner: QueryRunner, from: string, to: string): Promise<void> {
  await runner.query(
    `UPDATE own_exercise SET document = document - '${from}' || jsonb_build_object('${to}', document->'${from}')
     WHERE document ? '${from}'`,
  );
  await runner.query(
    `UPDATE setup_version
     SET document = jsonb_set(document #- '{exercise,${from}}', '{exercise,${to}}', document #> '{exercise,${from}}')
     WHERE document->'exercise' ? '${from}'`,
  );
}
