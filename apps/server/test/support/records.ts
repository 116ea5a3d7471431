import {
  type BandToday,
  type Changes,
  type DecisionRecord,
  type RecordKind,
  type RecordOf,
  RECORDS,
  type SessionRecord,
} from '@wiry-otter/contracts';
import { bandToday } from '@wiry-otter/core';
import type { Client } from './studio.js';

/** Everything that a device of this trainer would keep, as the feed tells it. */
export async function allRecords(client: Client): Promise<Changes['changes']> {
  const found: Changes['changes'] = [];
  for (let after = ''; ;) {
    const { body } = await client.get<Changes>(`/changes?limit=200${after}`);
    found.push(...body.changes);
    if (!body.more) return found;
    after = `&after=${body.cursor}`;
  }
}

/** Records of a kind that stand, each held to its schema. */
export async function recordsOf<Kind extends RecordKind>(
  client: Client,
  kind: Kind,
): Promise<RecordOf<Kind>[]> {
  const all = (await allRecords(client)).filter((change) => change.kind === kind);
  const records = all.map(({ record }) => RECORDS[kind].parse(record) as RecordOf<Kind>);
  return records.filter(
    (record) =>
      !('removed' in record && record.removed) &&
      !('discardedAt' in record && record.discardedAt !== null),
  );
}

/** The bands on the rail as they stand today for this trainer, by name. */
export async function bandsOf(client: Client): Promise<BandToday[]> {
  const [studio] = await recordsOf(client, 'studio');
  const { inspectionCycles = 0, inspectionDays = 0 } = studio ?? {};
  const facts = {
    wear: new Map((await recordsOf(client, 'bandWear')).map((row) => [row.id, row])),
    moves: new Map((await recordsOf(client, 'bandMove')).map((row) => [row.id, row])),
    rule: { days: inspectionDays, cycles: inspectionCycles },
    today: new Date().toISOString().slice(0, 10),
  };
  const bands = await recordsOf(client, 'band');
  return bands
    .map((band) => bandToday(band, facts))
    .toSorted((a, b) => a.name.localeCompare(b.name));
}

export async function bandOf(client: Client, id: string | undefined): Promise<BandToday> {
  const found = (await bandsOf(client)).find((band) => band.id === id);
  if (found === undefined) throw new Error(`no band ${id} on the rail`);
  return found;
}

/** Sessions that were not given up, the latest first. */
export async function sessionsOf(client: Client): Promise<SessionRecord[]> {
  const all = await recordsOf(client, 'session');
  return all.toSorted((a, b) => b.startedAt.localeCompare(a.startedAt));
}

export async function waitingDecisions(client: Client): Promise<DecisionRecord[]> {
  return (await recordsOf(client, 'decision')).filter(({ status }) => status === 'waiting');
}

/** The whole of what was decided after a session. */
export async function decisionOf(
  client: Client,
  { decision }: Pick<SessionRecord, 'decision'>,
): Promise<DecisionRecord> {
  const { body } = await client.get<DecisionRecord>(`/records/decision/${decision?.id}`);
  return body;
}
