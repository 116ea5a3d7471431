import type { BandToday, LadderInput, LadderRecord } from '@wiry-otter/contracts';
import { removalOf, returnOf } from './removal';
import { MODEL } from '@wiry-otter/core';
import {
  type ClimbedLadder,
  type Derivation,
  derived,
  movesTo,
  type Deriver,
} from '@wiry-otter/derived';
import { ladderFacts, rungFacts } from '../facts';
import {
  type RecordView,
  shown,
  type ShownRecord,
  type WriteFacts,
  type WriteKindOf,
} from '../write-kind';
import { prescribed } from './prescriptions';
import { setupsOfRungs } from './setups';

interface One {
  readonly id: string;
}
type Written = Pick<WriteFacts<unknown, unknown>, 'at' | 'by'>;
type Shown = readonly ShownRecord[];

export const putLadder: WriteKindOf<One, LadderInput> = {
  method: 'PUT',
  path: ({ id }) => `/ladders/${id}`,
  answers: 'ladder',
  isWhole: true,
  about: ({ id }, { rungs }) => [id, ...rungs.map(({ setupId }) => setupId)],
  async derive(view, write, deriver) {
    const { at, body, params } = write;
    const facts = rungFacts(view, body, at);
    if (!facts.ok) return facts;
    const rungs = await deriver.assessRungs(body.rungs, body.anchorId, facts.value);
    if (!rungs.ok) return rungs;
    const ladder = { ...body, id: params.id, model: MODEL, rungs: rungs.value };
    const next = { ...ladder, version: body.version + 1 };
    return keptLadder(view, next, facts.value.bands, write, deriver);
  },
  show: (_view, { derived: records = [] }) => records,
};

/** A new version of a ladder, with the prescriptions that move along. */
async function keptLadder(
  view: RecordView,
  fields: Omit<LadderRecord, 'savedAt' | 'moved' | 'removed'>,
  bands: readonly BandToday[],
  written: Written,
  deriver: Deriver,
): Promise<Derivation<Shown>> {
  const { at } = written;
  const { exerciseId, id, personId } = fields;
  const inForce = view
    .all('prescription')
    .filter((one) => one.personId === personId && one.exerciseId === exerciseId);
  const moves = movesTo(fields, view.get('ladder', id), inForce, bands);
  const moved = moves[0]?.told ?? null;
  const records: ShownRecord[] = [
    shown('ladder', { ...fields, savedAt: at, moved, removed: false }),
  ];
  for (const { from, id: prescriptionId, setupIds, to } of moves) {
    const made = await setupsOfRungs(view, fields, to, written, deriver);
    if (!made.ok) return made;
    const next = { ...from, id: prescriptionId, setupIds: [...setupIds], drop: null };
    records.push(
      ...made.value,
      ...prescribed(view, { ...next, fromDecisionId: null, createdAt: at }),
    );
  }
  return derived(records);
}

/** The ladder that a session was climbed by, made anew where something has changed since it was kept. */
export async function climbedLadder(
  view: RecordView,
  where: Pick<LadderRecord, 'personId' | 'exerciseId' | 'placeId'>,
  written: Written,
  deriver: Deriver,
): Promise<Derivation<{ readonly climbed: ClimbedLadder | undefined; readonly records: Shown }>> {
  const kept = view
    .all('ladder')
    .find(
      (one) =>
        !one.removed &&
        one.personId === where.personId &&
        one.exerciseId === where.exerciseId &&
        one.placeId === where.placeId,
    );
  if (kept === undefined) return derived({ climbed: undefined, records: [] });
  const facts = ladderFacts(view, where, written.at);
  if (!facts.ok) return facts;
  const { changes, remade } = await deriver.ladderOfToday(kept, facts.value);
  if (remade === null) {
    return derived({ climbed: { ladder: kept, changes, isRemade: false }, records: [] });
  }
  const { exerciseId, id, personId, placeId, version } = kept;
  const next = { ...remade, id, version: version + 1, personId, exerciseId, placeId };
  const made = await keptLadder(view, next, facts.value.bands, written, deriver);
  if (!made.ok) return made;
  const ladder = made.value.find(({ kind }) => kind === 'ladder')?.record as LadderRecord;
  return derived({ climbed: { ladder, changes, isRemade: true }, records: made.value });
}

export const putLadderAway = removalOf('ladder', '/ladders');
export const takeLadderBack = returnOf('ladder', '/ladders');
