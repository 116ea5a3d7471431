import type { AnchorRecord, PlaceInput } from '@wiry-otter/contracts';
import { lengthFigure, type LengthUnit, writeLength } from '@wiry-otter/core';
import { faultWords } from '../../ui/fields/fault-words';
import { ANCHOR_WORDS } from '../setups/kit';
import type { Door } from './new-anchor';

/** Height or heights, and girth and room where they are known. */
export function measureWords(
  { girth_m, highest_m, lowest_m, room_m }: AnchorRecord,
  unit: LengthUnit,
): string {
  const words = (length_m: number): string => writeLength(length_m, unit);
  const low = lengthFigure(lowest_m, unit);
  const heights = words(lowest_m) === words(highest_m) ? '' : `${low} to `;
  return [
    `${heights}${words(highest_m)}`,
    ...(girth_m === null ? [] : [`girth ${words(girth_m)}`]),
    ...(room_m === null ? [] : [`${words(room_m)} of room`]),
  ].join(', ');
}

const SIDES: Readonly<Record<Door['side'], string>> = {
  over: 'over the top',
  under: 'under the leaf',
  hinge: 'at the hinge side',
  latch: 'at the latch side',
};

export function doorWords({ side, opens, locked, foamEnd }: Door): string {
  return [
    SIDES[side],
    opens === 'away' ? 'pulling shuts it' : 'opens toward the pull',
    ...(locked ? ['locked'] : []),
    foamEnd ? 'strap with a foam end' : 'knotted',
  ].join(', ');
}

const FIELD_WORDS: Readonly<Record<string, string>> = {
  name: 'name',
  about: 'words about it',
  lowest_m: 'lowest',
  highest_m: 'highest',
  girth_m: 'girth',
  ratedLoad_N: 'rated load',
  room_m: 'room before it',
};

/** What is wrong with a field of a place, and at which of its anchors. */
export function placeFaultWords(
  { anchors }: PlaceInput,
  fault: { path: string; found: string; expected: string },
): string {
  const index = /anchors\[(\d+)\]/.exec(fault.path)?.[1];
  const anchor = index === undefined ? undefined : anchors[Number(index)];
  const where = anchor === undefined ? '' : `${anchor.name || ANCHOR_WORDS[anchor.kind]}, `;
  const field = FIELD_WORDS[fault.path.replace(/^.*\./, '')] ?? fault.path;
  return faultWords(`${where}${field}`, fault);
}
