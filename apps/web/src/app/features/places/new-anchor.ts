import type { AnchorRecord } from '@wiry-otter/contracts';
import { v7 as uuidv7 } from 'uuid';
import { ANCHOR_WORDS } from '../setups/kit';

export type AnchorKind = AnchorRecord['kind'];
export type Door = NonNullable<AnchorRecord['door']>;

/** Kinds that a place can have; a foot or a hand goes everywhere. */
export const ANCHOR_KINDS = (Object.keys(ANCHOR_WORDS) as AnchorKind[]).filter(
  (kind) => kind !== 'underFoot' && kind !== 'underHand',
);

/** Where a new anchor of a kind usually is, m. */
const USUAL: Readonly<Partial<Record<AnchorKind, Partial<AnchorRecord>>>> = {
  door: { lowest_m: 0.8, highest_m: 1.4 },
  wall: { lowest_m: 0.1, highest_m: 2 },
  bar: { lowest_m: 2.25, highest_m: 2.25, girth_m: 0.1 },
  parallelBars: { lowest_m: 1.25, highest_m: 1.25, girth_m: 0.13 },
  rings: { lowest_m: 0.3, highest_m: 2.3, girth_m: 0.09 },
  post: { lowest_m: 0.05, highest_m: 2, girth_m: 0.5 },
  banister: { lowest_m: 0.9, highest_m: 0.9, girth_m: 0.18 },
  rack: { lowest_m: 0.05, highest_m: 2.1, girth_m: 0.22 },
  furniture: { lowest_m: 0.02, highest_m: 0.4, girth_m: 0.25 },
  partner: { lowest_m: 0.1, highest_m: 1.5 },
};

export const NEW_DOOR: Door = { side: 'hinge', opens: 'away', locked: false, foamEnd: true };

/** An anchor as it usually is, to be measured. */
export function newAnchor(kind: AnchorKind): AnchorRecord {
  return {
    id: uuidv7(),
    name: '',
    kind,
    lowest_m: 0,
    highest_m: 2,
    girth_m: null,
    ratedLoad_N: null,
    door: kind === 'door' ? NEW_DOOR : null,
    room_m: null,
    ...USUAL[kind],
  };
}
