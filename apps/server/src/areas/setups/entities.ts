import type { CompleteSetupDocument, SetupFigures, SetupRecord } from '@wiry-otter/contracts';
import { EntitySchema } from 'typeorm';
import {
  flag,
  id,
  integer,
  json,
  moment,
  nullable,
  nullableUuid,
  studioId,
  text,
  uuid,
  version,
} from '../../platform/database/columns.js';

/** The head of a set-up: whose it is and which version stands. */
export interface SetupRow {
  id: string;
  studioId: string;
  version: number;
  personId: string;
  exerciseId: string;
  removed: boolean;
}

export const SetupEntity = new EntitySchema<SetupRow>({
  name: 'setup',
  columns: {
    id,
    studioId,
    version,
    personId: uuid('person_id'),
    exerciseId: text('exercise_id'),
    removed: flag(),
  },
});

/** One saved state of a set-up; append-only, sessions point at the version they used. */
export interface SetupVersionRow {
  setupId: string;
  version: number;
  studioId: string;
  placeId: string;
  anchorId: string | null;
  title: string;
  routeId: string;
  document: CompleteSetupDocument;
  figures: SetupFigures;
  /** What an older model made of it. */
  earlierFigures: SetupFigures | null;
  cautions: SetupRecord['cautions'];
  ready: boolean;
  savedAt: Date;
  savedBy: string;
}

export const SetupVersionEntity = new EntitySchema<SetupVersionRow>({
  name: 'setup_version',
  columns: {
    setupId: { ...uuid('setup_id'), primary: true },
    version: { ...integer(), primary: true },
    studioId,
    placeId: uuid('place_id'),
    anchorId: nullableUuid('anchor_id'),
    title: text(),
    routeId: text('route_id'),
    document: json(),
    figures: json(),
    earlierFigures: nullable(json('earlier_figures')),
    cautions: json(),
    ready: flag(),
    savedAt: moment('saved_at'),
    savedBy: uuid('saved_by'),
  },
});
