import type { AnchorRecord, PlaceInput } from '@wiry-otter/contracts';
import { faultWords } from '../../ui/fields/fault-words';
import { ANCHOR_WORDS } from '../setups/kit';
import type { Door } from './new-anchor';

/** Height or heights, and girth and room where they are known. */
export function measureWords({ girth_m, highest_m, lowest_m, room_m }: AnchorRecord): string {
  const low = (lowest_m * 100).toFixed(0);
  const high = (highest_m * 100).toFixed(0);
  const heights = low === high ? `${low} cm` : `${low} to ${high} cm`;
  return [
    heights,
    ...(girth_m === null ? [] : [`girth ${(girth_m * 100).toFixed(0)} cm`]),
    ...(room_m === null ? [] : [`${(room_m * 100).toFixed(0)} cm of room`]),
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
