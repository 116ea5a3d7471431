import type { AnchorRecord } from '@wiry-otter/contracts';
import { EntitySchema } from 'typeorm';
import {
  flag,
  id,
  json,
  nullable,
  number,
  studioId,
  text,
  uuid,
  version,
} from '../../platform/database/columns.js';

export interface PlaceRow {
  id: string;
  studioId: string;
  version: number;
  name: string;
  about: string;
}

export const PlaceEntity = new EntitySchema<PlaceRow>({
  name: 'place',
  columns: { id, studioId, version, name: text(), about: text() },
});

export interface AnchorRow extends AnchorRecord {
  studioId: string;
  placeId: string;
  /** No longer at the place; set-ups that used it still name it. */
  removed: boolean;
}

export const AnchorEntity = new EntitySchema<AnchorRow>({
  name: 'anchor',
  columns: {
    id,
    studioId,
    placeId: uuid('place_id'),
    name: text(),
    kind: text(),
    lowest_m: number('lowest_m'),
    highest_m: number('highest_m'),
    girth_m: nullable(number('girth_m')),
    ratedLoad_N: nullable(number('rated_load_n')),
    door: nullable(json()),
    room_m: nullable(number('room_m')),
    removed: flag(),
  },
});
