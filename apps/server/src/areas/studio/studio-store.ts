import type { StudioRulesInput, TrainerRecord } from '@wiry-otter/contracts';
import { USUAL_PREFERENCES } from '@wiry-otter/core';
import { refuse } from '../../platform/problems/refusal.js';
import { expectVersion } from '../../platform/records/expect-version.js';
import { type RecordSource, recordsOfTable } from '../../platform/records/record-source.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import { type StudioRow, TrainerEntity, type TrainerRow } from './entities.js';

/** The studio with its rules and trainers. */
export const studioRecords: RecordSource<'studio'> = {
  kind: 'studio',
  async read(scoped, [id]) {
    const row = await readStudioRow(scoped);
    if (row.id !== id) return [];
    const trainers = await scoped.find(TrainerEntity, {}, { order: { name: 'ASC', id: 'ASC' } });
    const record = { ...row, trainers: trainers.map(toTrainer) };
    return [{ id: row.id, version: row.version, record }];
  },
  ids: (scoped) => Promise.resolve([scoped.scope.studioId]),
};

function toTrainer({ id, leftAt, name, role }: TrainerRow): TrainerRecord {
  return { id, name, role, hasLeft: leftAt !== null };
}

/** What each trainer would rather have, for them alone. */
export const preferencesRecords = recordsOfTable('preferences', TrainerEntity, (_scoped, rows) =>
  rows.map(({ finderPreferences, id, version }) => ({
    id,
    version,
    trainerId: id,
    record: { id, version, finder: finderPreferences ?? USUAL_PREFERENCES },
  })),
);

/** The studio's row, locked until the transaction ends. */
export async function readStudioRow(scoped: ScopedManager): Promise<StudioRow> {
  const [row] = await scoped.query<StudioRow>(
    'studio',
    `SELECT id, name, zone, address, version, force_unit AS "forceUnit", eyes_rule AS "eyesRule",
        length_unit AS "lengthUnit", mass_unit AS "massUnit", week_start AS "weekStart",
        inspection_days AS "inspectionDays", inspection_cycles AS "inspectionCycles",
        pain_limit AS "painLimit", break_days AS "breakDays"
      FROM studio WHERE id = $1 FOR UPDATE`,
  );
  return row ?? refuse('not-found');
}

/** Changes the studio's rules when the version on record is the one the change was made from. */
export async function saveRules(
  scoped: ScopedManager,
  { version, ...rules }: StudioRulesInput,
): Promise<string> {
  const row = await readStudioRow(scoped);
  const { address, id, version: present } = row;
  expectVersion(present, version);
  await scoped.query(
    'save-rules',
    `UPDATE studio SET version = version + 1, force_unit = $2, inspection_days = $3,
        inspection_cycles = $4, eyes_rule = $5, name = $6, address = $7,
        length_unit = $8, mass_unit = $9, week_start = $10,
        pain_limit = $11, break_days = $12
      WHERE id = $1`,
    [
      ...[rules.forceUnit, rules.inspectionDays, rules.inspectionCycles, rules.eyesRule],
      ...[rules.name ?? row.name, rules.address === undefined ? address : rules.address],
      ...[rules.lengthUnit ?? row.lengthUnit, rules.massUnit ?? row.massUnit],
      ...[rules.weekStart ?? row.weekStart, rules.painLimit ?? row.painLimit],
      rules.breakDays ?? row.breakDays,
    ],
  );
  scoped.touch('studio', id);
  return id;
}

/** Writes the studio's record anew, since its trainers have changed. */
export async function noteStudioChanged(scoped: ScopedManager): Promise<void> {
  await scoped.query('studio-changed', 'UPDATE studio SET version = version + 1 WHERE id = $1');
  scoped.touch('studio', scoped.scope.studioId);
}
