import type { AnchorRecord, PersonRecord } from '@wiry-otter/contracts';
import { EntitySchema } from 'typeorm';
import { day, flag, id, json, nullable, number, studioId, text, uuid, version } from './columns.js';

export interface PersonRow extends Omit<PersonRecord, 'trainedSince'> {
  studioId: string;
}

export const PersonEntity = new EntitySchema<PersonRow>({
  name: 'person',
  columns: {
    id,
    studioId,
    version,
    name: text(),
    about: text(),
    stature_m: number('stature_m'),
    mass_kg: number('mass_kg'),
    goal: text(),
    painLimit: number('pain_limit'),
    latexAllergy: flag('latex_allergy'),
    bornOn: nullable(day('born_on')),
    conditions: json(),
    mountLimit_N: number('mount_limit_n'),
    ranges: json(),
    clearance: nullable(json()),
  },
});

/** Which trainers of the studio see a person. */
export interface PersonTrainerRow {
  personId: string;
  trainerId: string;
  studioId: string;
}

export const PersonTrainerEntity = new EntitySchema<PersonTrainerRow>({
  name: 'person_trainer',
  columns: {
    personId: { ...uuid('person_id'), primary: true },
    trainerId: { ...uuid('trainer_id'), primary: true },
    studioId,
  },
});

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
