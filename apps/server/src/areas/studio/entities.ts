import type { Role } from '@wiry-otter/contracts';
import {
  DEFAULT_BREAK_DAYS,
  DEFAULT_INSPECTION_RULE,
  DEFAULT_PAIN_LIMIT,
  type FinderPreferences,
  type ForceUnit,
  type LengthUnit,
  type MassUnit,
} from '@wiry-otter/core';
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
  version,
} from '../../platform/database/columns.js';

export interface StudioRow {
  id: string;
  name: string;
  /** IANA zone in which the studio's days begin and end. */
  zone: string;
  /** Where its pages are found; null where the server says. */
  address: string | null;
  forceUnit: ForceUnit;
  lengthUnit: LengthUnit;
  massUnit: MassUnit;
  /** With which day a week begins. */
  weekStart: 'monday' | 'sunday' | 'saturday';
  /** A band's inspection is due after this many days, or stretches beyond ×2. */
  inspectionDays: number;
  inspectionCycles: number;
  /** A line of pull near the head is refused, not only warned of. */
  eyesRule: boolean;
  /** The pain limit that new people begin with. */
  painLimit: number;
  /** Days without a session after which it is a break. */
  breakDays: number;
  version: number;
}

/** What a studio decides until it says otherwise. */
export const RULES_AT_FIRST = {
  inspectionDays: DEFAULT_INSPECTION_RULE.days,
  inspectionCycles: DEFAULT_INSPECTION_RULE.cycles,
  eyesRule: false,
  painLimit: DEFAULT_PAIN_LIMIT,
  breakDays: DEFAULT_BREAK_DAYS,
  lengthUnit: 'cm',
  massUnit: 'kg',
  weekStart: 'monday',
} as const;

export const StudioEntity = new EntitySchema<StudioRow>({
  name: 'studio',
  columns: {
    id,
    name: text(),
    zone: text(),
    address: nullable(text()),
    forceUnit: text('force_unit'),
    lengthUnit: { ...text('length_unit'), default: RULES_AT_FIRST.lengthUnit },
    massUnit: { ...text('mass_unit'), default: RULES_AT_FIRST.massUnit },
    weekStart: { ...text('week_start'), default: RULES_AT_FIRST.weekStart },
    inspectionDays: { ...integer('inspection_days'), default: RULES_AT_FIRST.inspectionDays },
    inspectionCycles: { ...integer('inspection_cycles'), default: RULES_AT_FIRST.inspectionCycles },
    eyesRule: { ...flag('eyes_rule'), default: RULES_AT_FIRST.eyesRule },
    painLimit: { ...integer('pain_limit'), default: RULES_AT_FIRST.painLimit },
    breakDays: { ...integer('break_days'), default: RULES_AT_FIRST.breakDays },
    version: { ...version, default: 1 },
  },
});

export interface TrainerRow {
  id: string;
  studioId: string;
  email: string;
  name: string;
  passwordHash: string;
  role: Role;
  /** Null while they work here. */
  leftAt: Date | null;
  version: number;
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
    role: text(),
    leftAt: nullable(moment('left_at')),
    version: { ...version, default: 1 },
    finderPreferences: nullable(json('finder_preferences')),
  },
});
