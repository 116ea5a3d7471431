import type { FinderPreferences } from '@wiry-otter/core';
import { EntitySchema } from 'typeorm';
import {
  flag,
  id,
  integer,
  json,
  moment,
  nullable,
  studioId,
  text,
  uuid,
  version,
} from './columns.js';

export interface StudioRow {
  id: string;
  name: string;
  /** IANA zone in which the studio's days begin and end. */
  zone: string;
  forceUnit: 'N' | 'kgf' | 'lbf';
  /** A band's inspection is due after this many days, or stretches beyond ×2. */
  inspectionDays: number;
  inspectionCycles: number;
  /** A line of pull near the head is refused, not only warned of. */
  eyesRule: boolean;
  version: number;
}

export const StudioEntity = new EntitySchema<StudioRow>({
  name: 'studio',
  columns: {
    id,
    name: text(),
    zone: text(),
    forceUnit: text('force_unit'),
    inspectionDays: { ...integer('inspection_days'), default: 30 },
    inspectionCycles: { ...integer('inspection_cycles'), default: 1500 },
    eyesRule: { ...flag('eyes_rule'), default: false },
    version: { ...version, default: 1 },
  },
});

export interface TrainerRow {
  id: string;
  studioId: string;
  email: string;
  name: string;
  passwordHash: string;
  /** Null where the trainer has not said. */
  finderPreferences: FinderPreferences | null;
}

export const TrainerEntity = new EntitySchema<TrainerRow>({
  name: 'trainer',
  columns: {
    id,
    studioId,
    email: text(),
    name: text(),
    passwordHash: text('password_hash'),
    finderPreferences: nullable(json('finder_preferences')),
  },
});

/** A signed-in browser; only the hash of its token is kept. */
export interface SignInRow {
  tokenHash: string;
  studioId: string;
  trainerId: string;
  expiresAt: Date;
}

export const SignInEntity = new EntitySchema<SignInRow>({
  name: 'sign_in',
  columns: {
    tokenHash: { ...text('token_hash'), primary: true },
    studioId,
    trainerId: uuid('trainer_id'),
    expiresAt: moment('expires_at'),
  },
});

/** A failed attempt to sign in, for the limit on attempts. */
export interface SignInFailureRow {
  id: string;
  email: string;
  address: string;
  failedAt: Date;
}

export const SignInFailureEntity = new EntitySchema<SignInFailureRow>({
  name: 'sign_in_failure',
  columns: { id, email: text(), address: text(), failedAt: moment('failed_at') },
});
