import type { BandInput, BandRecord, BandToday, CutInput, LawChoice } from '@wiry-otter/contracts';
import { bandToday } from '@wiry-otter/core';
import { In } from 'typeorm';
import { dayInZone } from '@wiry-otter/derived';
import { refuse } from '../../platform/problems/refusal.js';
import { expectVersion } from '../../platform/records/expect-version.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import { idsOfOwnPeople } from '../people/people-store.js';
import { toRecords } from './band-records.js';
import {
  BandCopyEntity,
  BandEntity,
  BandEventEntity,
  BandMeasurementEntity,
  type BandRow,
  BandWearEntity,
} from './entities.js';

/** Bands on the rail, by name, as they stand today. */
export async function listBands(scoped: ScopedManager): Promise<BandToday[]> {
  const rows = await scoped.find(BandEntity, { removed: false }, { order: { name: 'ASC' } });
  return bandsToday(scoped, await toRecords(scoped, rows));
}

/** All bands on record, removed ones too. */
export async function allBands(scoped: ScopedManager): Promise<BandToday[]> {
  const rows = await scoped.find(BandEntity, {}, { order: { name: 'ASC' } });
  return bandsToday(scoped, await toRecords(scoped, rows));
}

/** The bands of these ids, removed ones too, with the rolls that they were cut from. */
export async function readBands(
  scoped: ScopedManager,
  ids: readonly string[],
): Promise<BandToday[]> {
  const rows = await scoped.find(BandEntity, { id: In([...ids]) });
  const rollIds = rows.flatMap(({ cutFrom }) => cutFrom ?? []);
  const rolls = await scoped.find(BandEntity, { id: In(rollIds) });
  const all = new Map([...rows, ...rolls].map((row) => [row.id, row]));
  return bandsToday(scoped, await toRecords(scoped, [...all.values()]));
}

/** Bands as they stand today for whoever asks. */
async function bandsToday(
  scoped: ScopedManager,
  bands: readonly BandRecord[],
): Promise<BandToday[]> {
  const bandId = In(bands.map(({ id }) => id));
  const worn = await scoped.find(BandWearEntity, { bandId });
  const people = new Set(await idsOfOwnPeople(scoped));
  const events = await scoped.find(BandEventEntity, { bandId });
  const moves = events.flatMap(({ id, what }) =>
    what.kind === 'moved' && what.holder.at === 'person' && people.has(what.holder.personId ?? '')
      ? [[id, { personId: what.holder.personId ?? '' }] as const]
      : [],
  );
  const { inspectionRule: rule, now, zone } = scoped.scope;
  const facts = {
    wear: new Map(worn.map((row) => [row.id, row])),
    moves: new Map(moves),
    rule,
    today: dayInZone(now, zone),
  };
  return bands.map((band) => bandToday(band, facts));
}

/** Creates the band, or changes it when the version on record is the one it was made from. */
export async function putBand(
  scoped: ScopedManager,
  id: string,
  { version, copies, ...fields }: BandInput,
): Promise<void> {
  const row = await scoped.lock(BandEntity, id);
  expectVersion(row?.version ?? 0, version);
  if (fields.cutFrom !== null) await findRoll(scoped, fields.cutFrom);
  await scoped.put(BandEntity, {
    ...fields,
    id,
    version: version + 1,
    lawFrom: row?.lawFrom ?? null,
    removed: row?.removed ?? false,
  });
  await putCopies(scoped, id, copies);
  scoped.touch('band', id);
}

/** Takes a band off the rail or puts it back; its record stays. */
export async function setBandRemoved(
  scoped: ScopedManager,
  id: string,
  removed: boolean,
): Promise<void> {
  const row = (await scoped.lock(BandEntity, id)) ?? refuse('not-found');
  if (row.removed !== removed) await changeBand(scoped, row, { removed });
}

/** Chooses the measurement whose law the band has, or the latest again. */
export async function chooseLaw(
  scoped: ScopedManager,
  id: string,
  { version, measurementId }: LawChoice,
): Promise<void> {
  const row = (await scoped.lock(BandEntity, id)) ?? refuse('not-found');
  expectVersion(row.version, version);
  if (measurementId !== null) {
    await scoped.findOwn(BandMeasurementEntity, { id: measurementId, bandId: id });
  }
  await changeBand(scoped, row, { lawFrom: measurementId });
}

/** Cuts a piece from a roll: a band of its own with the roll's make and law; the roll gets shorter. */
export async function cutPiece(
  scoped: ScopedManager,
  rollId: string,
  input: CutInput,
): Promise<string> {
  const known = await scoped.lock(BandEntity, input.pieceId);
  if (known !== undefined) {
    return known.cutFrom === rollId ? known.id : refuse('id-taken');
  }
  const roll = (await scoped.lock(BandEntity, rollId)) ?? refuse('not-found');
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
  const left = Number((roll.flatLength_m - input.length_m).toFixed(4));
  await changeBand(scoped, roll, { flatLength_m: left });
  const { pieceId } = input;
  await scoped.insert(BandEntity, {
    ...roll,
    id: pieceId,
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
  });
  await putCopies(scoped, pieceId, [{ id: input.copyId, mark: 'a', boughtOn: null }]);
  scoped.touch('band', pieceId);
  return pieceId;
}

/** Adds copies and changes their mark; none goes away, they are retired. */
async function putCopies(
  scoped: ScopedManager,
  bandId: string,
  copies: BandInput['copies'],
): Promise<void> {
  for (const copy of copies) {
    const known = await scoped.lock(BandCopyEntity, copy.id);
    if (known !== undefined && known.bandId !== bandId) refuse('id-taken');
    await scoped.put(BandCopyEntity, {
      ...(known ?? {
        bandId,
        addedAt: scoped.scope.now,
        state: 'inUse',
        stateReason: '',
        holder: { at: 'bag' },
      }),
      ...copy,
    });
  }
}

async function findRoll(scoped: ScopedManager, id: string): Promise<void> {
  const roll = await scoped.findOwn(BandEntity, { id });
  if (roll.stock === 'roll') return;
  refuse('invalid-request', [
    { in: 'body', path: '$.cutFrom', found: `"${roll.name}", a band`, expected: 'a roll' },
  ]);
}

/** Changes a band that is locked, and raises its version. */
export async function changeBand(
  scoped: ScopedManager,
  { id, version }: Pick<BandRow, 'id' | 'version'>,
  changes: Partial<BandRow>,
): Promise<void> {
  await scoped.update(BandEntity, { id }, { ...changes, version: version + 1 });
  scoped.touch('band', id);
}
