import type { BandInput, BandRecord, CutInput, LawChoice } from '@wiry-otter/contracts';
import { type EntityManager, In } from 'typeorm';
import { BandCopyEntity, BandEntity, BandMeasurementEntity, type BandRow } from './entities.js';
import {
  expectVersion,
  findOwn,
  lockOwn,
  ownedBy,
  type Scope,
} from '../../platform/access/scope.js';
import { refuse } from '../../platform/problems/refusal.js';
import { toRecords } from './band-records.js';

/** Bands on the rail. */
export async function listBands(manager: EntityManager, scope: Scope): Promise<BandRecord[]> {
  const rows = await manager.find(BandEntity, {
    where: ownedBy<BandRow>(scope, { removed: false }),
    order: { name: 'ASC' },
  });
  return toRecords(manager, scope, rows);
}

export async function readBand(
  manager: EntityManager,
  scope: Scope,
  id: string,
): Promise<BandRecord> {
  return bandRecord(manager, scope, await findOwn(manager, BandEntity, scope, { id }));
}

/** The bands of these ids, removed ones too, with the rolls that they were cut from. */
export async function readBands(
  manager: EntityManager,
  scope: Scope,
  ids: readonly string[],
): Promise<BandRecord[]> {
  const rows = await manager.findBy(BandEntity, ownedBy<BandRow>(scope, { id: In([...ids]) }));
  const rollIds = rows.flatMap(({ cutFrom }) => cutFrom ?? []);
  const rolls = await manager.findBy(BandEntity, ownedBy<BandRow>(scope, { id: In(rollIds) }));
  const all = new Map([...rows, ...rolls].map((row) => [row.id, row]));
  return toRecords(manager, scope, [...all.values()]);
}

/** Creates the band, or changes it when the version on record is the one it was made from. */
export async function putBand(
  manager: EntityManager,
  scope: Scope,
  id: string,
  { version, copies, ...fields }: BandInput,
): Promise<BandRecord> {
  const row = await lockOwn(manager, BandEntity, scope, id);
  expectVersion(row?.version ?? 0, version);
  if (fields.cutFrom !== null) await findRoll(manager, scope, fields.cutFrom);
  const written: BandRow = {
    ...fields,
    id,
    studioId: scope.studioId,
    version: version + 1,
    lawFrom: row?.lawFrom ?? null,
    removed: row?.removed ?? false,
  };
  await manager.save(BandEntity, written);
  await putCopies(manager, scope, id, copies);
  return bandRecord(manager, scope, written);
}

/** Takes a band off the rail or puts it back; its record stays. */
export async function setBandRemoved(
  manager: EntityManager,
  scope: Scope,
  id: string,
  removed: boolean,
): Promise<BandRecord> {
  const row = (await lockOwn(manager, BandEntity, scope, id)) ?? refuse('not-found');
  if (row.removed !== removed) {
    row.removed = removed;
    row.version += 1;
    await manager.save(BandEntity, row);
  }
  return bandRecord(manager, scope, row);
}

/** Chooses the measurement whose law the band has, or the latest again. */
export async function chooseLaw(
  manager: EntityManager,
  scope: Scope,
  id: string,
  { version, measurementId }: LawChoice,
): Promise<BandRecord> {
  const row = (await lockOwn(manager, BandEntity, scope, id)) ?? refuse('not-found');
  expectVersion(row.version, version);
  if (measurementId !== null) {
    await findOwn(manager, BandMeasurementEntity, scope, { id: measurementId, bandId: id });
  }
  row.lawFrom = measurementId;
  row.version += 1;
  await manager.save(BandEntity, row);
  return bandRecord(manager, scope, row);
}

/** Cuts a piece from a roll: a band of its own with the roll's make and law; the roll gets shorter. */
export async function cutPiece(
  manager: EntityManager,
  scope: Scope,
  rollId: string,
  input: CutInput,
): Promise<BandRecord> {
  const known = await lockOwn(manager, BandEntity, scope, input.pieceId);
  if (known !== undefined) {
    return known.cutFrom === rollId ? bandRecord(manager, scope, known) : refuse('id-taken');
  }
  const roll = (await lockOwn(manager, BandEntity, scope, rollId)) ?? refuse('not-found');
  if (roll.stock !== 'roll') return refuse('not-found');
  expectVersion(roll.version, input.version);
  if (input.length_m >= roll.flatLength_m) {
    return refuse('invalid-request', [
      {
        in: 'body',
        path: '$.length_m',
        found: `${input.length_m} m`,
        expected: `less than the ${roll.flatLength_m} m left on the roll`,
      },
    ]);
  }
  roll.flatLength_m = Number((roll.flatLength_m - input.length_m).toFixed(4));
  roll.version += 1;
  await manager.save(BandEntity, roll);
  const piece: BandRow = {
    ...roll,
    id: input.pieceId,
    version: 1,
    name: input.name,
    tag: input.tag,
    stock: 'band',
    cutFrom: rollId,
    flatLength_m: input.length_m,
    label: null,
    lawFrom: null,
    note: '',
    removed: false,
  };
  await manager.insert(BandEntity, piece);
  await putCopies(manager, scope, piece.id, [{ id: input.copyId, mark: 'a', boughtOn: null }]);
  return bandRecord(manager, scope, piece);
}

/** Adds copies and changes their mark; none goes away, they are retired. */
async function putCopies(
  manager: EntityManager,
  scope: Scope,
  bandId: string,
  copies: BandInput['copies'],
): Promise<void> {
  for (const copy of copies) {
    const known = await lockOwn(manager, BandCopyEntity, scope, copy.id);
    if (known !== undefined && known.bandId !== bandId) refuse('id-taken');
    await manager.save(BandCopyEntity, {
      ...(known ?? {
        studioId: scope.studioId,
        bandId,
        addedAt: scope.now,
        state: 'inUse',
        stateReason: '',
        holder: { at: 'bag' },
      }),
      ...copy,
    });
  }
}

async function findRoll(manager: EntityManager, scope: Scope, id: string): Promise<void> {
  const roll = await findOwn(manager, BandEntity, scope, { id });
  if (roll.stock === 'roll') return;
  refuse('invalid-request', [
    { in: 'body', path: '$.cutFrom', found: `"${roll.name}", a band`, expected: 'a roll' },
  ]);
}

/** The record of one band. */
export async function bandRecord(
  manager: EntityManager,
  scope: Scope,
  row: BandRow,
): Promise<BandRecord> {
  const [record] = await toRecords(manager, scope, [row]);
  return record ?? refuse('not-found');
}
