import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Each set may have a set-up of its own, as in a taper; slow lowerings are a track beside it. */
export class SetUpsOfEachSet1765300000000 implements MigrationInterface {
  readonly name = 'SetUpsOfEachSet1765300000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      ALTER TABLE prescription ADD setup_ids jsonb, ADD track text NOT NULL DEFAULT 'main';
      UPDATE prescription SET setup_ids = jsonb_build_array(setup_id);
      ALTER TABLE prescription ALTER setup_ids SET NOT NULL, DROP setup_id;

      ALTER TABLE training_set ADD setup_id uuid, ADD lowering_s double precision;
      UPDATE training_set SET setup_id = training_session.setup_id
        FROM training_session WHERE training_session.id = training_set.session_id;
      ALTER TABLE training_set ALTER setup_id SET NOT NULL;

      ALTER TABLE training_session ADD setups jsonb;
      UPDATE training_session SET setups =
        jsonb_build_array(jsonb_build_object('id', setup_id, 'version', setup_version));
      ALTER TABLE training_session ALTER setups SET NOT NULL, DROP setup_id, DROP setup_version;

      UPDATE decision SET outcome = (outcome - 'setupId')
          || jsonb_build_object('setupIds', jsonb_build_array(outcome -> 'setupId'))
        WHERE outcome IS NOT NULL AND outcome <> 'null'::jsonb;
    `);
  }

  /** What had a set-up for each set keeps that of its first. */
  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      UPDATE decision SET outcome = (outcome - 'setupIds')
          || jsonb_build_object('setupId', outcome -> 'setupIds' -> 0)
        WHERE outcome IS NOT NULL AND outcome <> 'null'::jsonb;

      ALTER TABLE training_session ADD setup_id uuid, ADD setup_version int;
      UPDATE training_session SET setup_id = (setups -> 0 ->> 'id')::uuid,
        setup_version = (setups -> 0 ->> 'version')::int;
      ALTER TABLE training_session ALTER setup_id SET NOT NULL, ALTER setup_version SET NOT NULL,
        ADD FOREIGN KEY (setup_id, setup_version) REFERENCES setup_version (setup_id, version),
        DROP setups;

      ALTER TABLE training_set DROP setup_id, DROP lowering_s;

      DELETE FROM prescription WHERE track <> 'main' AND NOT EXISTS (
        SELECT 1 FROM training_session WHERE prescription_id = prescription.id);
      ALTER TABLE prescription ADD setup_id uuid REFERENCES setup;
      UPDATE prescription SET setup_id = (setup_ids ->> 0)::uuid;
      ALTER TABLE prescription ALTER setup_id SET NOT NULL, DROP setup_ids, DROP track;
    `);
  }
}
