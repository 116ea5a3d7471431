import type { Role } from '@wiry-otter/contracts';
import type { ForceUnit, InspectionRule, LengthUnit, MassUnit, Units } from '@wiry-otter/core';

/** Who asks: every query carries the studio, and people's records the trainer too. */
export interface Scope {
  readonly studioId: string;
  readonly trainerId: string;
  readonly trainerName: string;
  readonly trainerEmail: string;
  readonly role: Role;
  readonly zone: string;
  /** When the studio wants its bands inspected. */
  readonly inspectionRule: InspectionRule;
  /** What the studio writes figures in. */
  readonly units: Units;
  /** The studio refuses a pull toward the face. */
  readonly eyesRule: boolean;
  /** Days without a session after which the studio calls it a break. */
  readonly breakDays: number;
  /** The moment of the request, so that all it writes carries one time. */
  readonly now: Date;
}

/** What a scope takes from a studio's row. */
export interface ScopedStudio {
  readonly id: string;
  readonly zone: string;
  readonly forceUnit: ForceUnit;
  readonly lengthUnit: LengthUnit;
  readonly massUnit: MassUnit;
  readonly inspectionDays: number;
  readonly inspectionCycles: number;
  readonly eyesRule: boolean;
  readonly breakDays: number;
}

/** The columns of a `ScopedStudio`, of the table `studio`. */
export const SCOPED_STUDIO = `studio.id, studio.zone, studio.force_unit AS "forceUnit",
  studio.length_unit AS "lengthUnit", studio.mass_unit AS "massUnit",
  studio.inspection_days AS "inspectionDays", studio.inspection_cycles AS "inspectionCycles",
  studio.eyes_rule AS "eyesRule", studio.break_days AS "breakDays"`;

/** The trainer of a scope. */
export interface ScopedTrainer {
  readonly id: string;
  readonly name: string;
  readonly email: string;
  readonly role: Role;
}

/** What a trainer of a studio asks with, at a moment. */
export function scopeOf(studio: ScopedStudio, trainer: ScopedTrainer, now: Date): Scope {
  return {
    studioId: studio.id,
    trainerId: trainer.id,
    trainerName: trainer.name,
    trainerEmail: trainer.email,
    role: trainer.role,
    zone: studio.zone,
    inspectionRule: { days: studio.inspectionDays, cycles: studio.inspectionCycles },
    units: { force: studio.forceUnit, length: studio.lengthUnit, mass: studio.massUnit },
    eyesRule: studio.eyesRule,
    breakDays: studio.breakDays,
    now,
  };
}
