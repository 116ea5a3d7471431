import type { TrainedPerson } from '@wiry-otter/contracts';
import { EntitySchema } from 'typeorm';
import {
  day,
  flag,
  id,
  json,
  moment,
  nullable,
  number,
  studioId,
  text,
  uuid,
  version,
} from '../../platform/database/columns.js';

export interface PersonRow extends TrainedPerson {
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
    clearancesBefore: { ...json('clearances_before'), default: [] },
    trainedSince: json('trained_since'),
    figuresShown: flag('figures_shown'),
    bodyMasses: json('body_masses'),
    freeSlots: json('free_slots'),
    placeIds: json('place_ids'),
    rehabStage: nullable(text('rehab_stage')),
    skillAim: nullable(json('skill_aim')),
    noGo: json('no_go'),
    consent: nullable(json()),
    archivedOn: nullable(day('archived_on')),
  },
});

/** Something to be remembered of a person. */
export interface NoteRow {
  id: string;
  studioId: string;
  version: number;
  personId: string;
  day: string;
  text: string;
  removed: boolean;
  writtenAt: Date;
  writtenBy: string;
}

export const NoteEntity = new EntitySchema<NoteRow>({
  name: 'person_note',
  columns: {
    id,
    studioId,
    version,
    personId: uuid('person_id'),
    day: day('day'),
    text: text(),
    removed: flag(),
    writtenAt: moment('written_at'),
    writtenBy: uuid('written_by'),
  },
});

/** Which trainers of the studio see a person, and who did until when. */
export interface PersonTrainerRow {
  personId: string;
  trainerId: string;
  studioId: string;
  /** Null while they do. */
  withdrawnAt: Date | null;
}

export const PersonTrainerEntity = new EntitySchema<PersonTrainerRow>({
  name: 'person_trainer',
  columns: {
    personId: { ...uuid('person_id'), primary: true },
    trainerId: { ...uuid('trainer_id'), primary: true },
    studioId,
    withdrawnAt: nullable(moment('withdrawn_at')),
  },
});
