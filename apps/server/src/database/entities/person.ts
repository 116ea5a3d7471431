import type { PersonRecord } from '@wiry-otter/contracts';
import { EntitySchema } from 'typeorm';
import { flag, id, json, nullable, number, studioId, text, uuid, version } from './columns.js';

export interface PersonRow extends PersonRecord {
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
  name: string;
  about: string;
}

export const PlaceEntity = new EntitySchema<PlaceRow>({
  name: 'place',
  columns: { id, studioId, name: text(), about: text() },
});

export interface AnchorRow {
  id: string;
  studioId: string;
  placeId: string;
  name: string;
  kind: 'door' | 'wall' | 'post' | 'bar' | 'underFoot';
  lowest_m: number;
  highest_m: number;
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
  },
});
