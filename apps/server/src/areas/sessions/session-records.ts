import type { SessionRecord, SetRecord, UsedSetup } from '@wiry-otter/contracts';
import { In } from 'typeorm';
import { refuse } from '../../platform/problems/refusal.js';
import { recordsOfTable } from '../../platform/records/record-source.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import { PrescriptionEntity } from '../prescriptions/entities.js';
import { toPrescription } from '../prescriptions/prescription-store.js';
import {
  DecisionEntity,
  SessionEntity,
  type SessionRow,
  TrainingSetEntity,
  type TrainingSetRow,
} from './entities.js';

/** A session with its sets is one record. */
export const sessionRecords = recordsOfTable('session', SessionEntity, async (scoped, rows) => {
  const prescriptions = await scoped.find(PrescriptionEntity, {
    id: In(rows.map(({ prescriptionId }) => prescriptionId)),
  });
  const used = await usedSetups(scoped, rows);
  const sessionId = In(rows.map(({ id }) => id));
  const decisions = await scoped.find(DecisionEntity, { sessionId });
  const sets = await standingSets(
    scoped,
    rows.map(({ id }) => id),
  );
  return rows.map((row) => {
    const prescription =
      prescriptions.find(({ id }) => id === row.prescriptionId) ?? refuse('not-found');
    const decision = decisions.find((one) => one.sessionId === row.id);
    const record: SessionRecord = {
      id: row.id,
      version: row.version,
      personId: row.personId,
      prescription: toPrescription(prescription),
      setups: row.setups.map(
        ({ id, version }) =>
          used.find((one) => one.id === id && one.version === version) ?? refuse('not-found'),
      ),
      startedAt: row.startedAt.toISOString(),
      day: row.day,
      finishedAt: row.finishedAt?.toISOString() ?? null,
      discardedAt: row.discardedAt?.toISOString() ?? null,
      redFlag: row.redFlag,
      sets: sets.get(row.id) ?? [],
      decision:
        decision === undefined
          ? null
          : { id: decision.id, code: decision.decision.code, status: decision.status },
    };
    return { id: row.id, version: row.version, personId: row.personId, day: row.day, record };
  });
});

export const decisionRecords = recordsOfTable('decision', DecisionEntity, async (scoped, rows) => {
  const sessions = await scoped.find(SessionEntity, {
    id: In(rows.map(({ sessionId }) => sessionId)),
  });
  return rows.map(({ studioId: _studio, version, ...record }) => {
    const day = sessions.find(({ id }) => id === record.sessionId)?.day;
    return {
      id: record.id,
      version,
      personId: record.personId,
      // One that waits is kept however old it is.
      ...(record.status === 'waiting' || day === undefined ? {} : { day }),
      record,
    };
  });
});

/** What sessions tell of the set-ups they used, without the documents. */
async function usedSetups(
  scoped: ScopedManager,
  rows: readonly SessionRow[],
): Promise<UsedSetup[]> {
  const used = rows.flatMap(({ setups }) => setups);
  return scoped.query<UsedSetup>(
    'used-setups',
    `SELECT setup_id AS id, version, title, figures,
        document -> 'exercise' ->> 'title' AS exercise, document -> 'phases' AS phases,
        jsonb_array_length(document -> 'runs') AS bands
      FROM setup_version
      JOIN (SELECT DISTINCT * FROM unnest($2::uuid[], $3::int[]) AS asked (setup_id, version)) asked
        USING (setup_id, version)
      WHERE studio_id = $1`,
    [used.map(({ id }) => id), used.map(({ version }) => version)],
  );
}

/** The sets that stand of each session, in the order they were done. */
export async function standingSets(
  scoped: ScopedManager,
  sessionIds: readonly string[],
): Promise<ReadonlyMap<string, SetRecord[]>> {
  const rows = await scoped.find(
    TrainingSetEntity,
    { sessionId: In([...sessionIds]) },
    { order: { sequence: 'ASC' } },
  );
  // Rows come by rising sequence, so the last one of a set is the one that stands.
  const standing = new Map(rows.map((row) => [row.setId, row]));
  const sets = new Map<string, SetRecord[]>(sessionIds.map((id) => [id, []]));
  [...standing.values()]
    .filter((row) => !row.setAside)
    .sort((a, b) => a.performedAt.getTime() - b.performedAt.getTime())
    .forEach((row) => sets.get(row.sessionId)?.push(toSet(row)));
  return sets;
}

function toSet(row: TrainingSetRow): SetRecord {
  const { form, hold_s, lowering_s, pain, partial, performedAt, reps, setId, setupId, spare } = row;
  return {
    id: setId,
    performedAt: performedAt.toISOString(),
    ...{ setupId, reps, partial, hold_s, lowering_s, spare, form, pain },
  };
}
