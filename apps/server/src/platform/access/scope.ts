import type { ForceUnit, InspectionRule } from '@wiry-otter/core';
import type { EntityManager, EntitySchema, FindOptionsWhere, ObjectLiteral } from 'typeorm';
import type { StudioRow } from '../../areas/studio/entities.js';
import { refuse } from '../problems/refusal.js';

/** Who asks: every query carries the studio, and people's records the trainer too. */
export interface Scope {
  readonly studioId: string;
  readonly trainerId: string;
  readonly trainerName: string;
  readonly zone: string;
  /** When the studio wants its bands inspected. */
  readonly inspectionRule: InspectionRule;
  /** What the studio writes forces in. */
  readonly forceUnit: ForceUnit;
  /** The studio refuses a pull toward the face. */
  readonly eyesRule: boolean;
  /** The moment of the request, so that all it writes carries one time. */
  readonly now: Date;
}

/** What a trainer of a studio asks with, at a moment. */
export function scopeOf(
  studio: StudioRow,
  trainer: { readonly id: string; readonly name: string },
  now: Date,
): Scope {
  return {
    studioId: studio.id,
    trainerId: trainer.id,
    trainerName: trainer.name,
    zone: studio.zone,
    inspectionRule: { days: studio.inspectionDays, cycles: studio.inspectionCycles },
    forceUnit: studio.forceUnit,
    eyesRule: studio.eyesRule,
    now,
  };
}

/** The studio's own condition with others added. */
export function ownedBy<Row extends ObjectLiteral & { studioId: string }>(
  scope: Scope,
  where: FindOptionsWhere<Row>,
): FindOptionsWhere<Row> {
  return { ...where, studioId: scope.studioId };
}

/** One row of the studio, or a refusal that does not tell another studio's from none. */
export async function findOwn<Row extends ObjectLiteral & { studioId: string }>(
  manager: EntityManager,
  entity: EntitySchema<Row>,
  scope: Scope,
  where: FindOptionsWhere<Row>,
): Promise<Row> {
  const row = await manager.findOneBy(entity, ownedBy(scope, where));
  return row ?? refuse('not-found');
}

/**
 * Locks the row of this id for a write. Undefined when there is none yet; a
 * refusal when it is another studio's, since its id is taken but not theirs to know.
 */
export async function lockOwn<Row extends ObjectLiteral & { studioId: string }>(
  manager: EntityManager,
  entity: EntitySchema<Row>,
  scope: Scope,
  id: string,
): Promise<Row | undefined> {
  const row = await manager.findOne(entity, {
    where: { id } as unknown as FindOptionsWhere<Row>,
    lock: { mode: 'pessimistic_write' },
  });
  if (row === null) return undefined;
  return row.studioId === scope.studioId ? row : refuse('not-found');
}

/** Holds a write to the version it was made from. */
export function expectVersion(found: number, written: number): void {
  if (found === written) return;
  refuse('version-conflict', [
    {
      in: 'body',
      path: '$.version',
      found: `version ${written}`,
      expected: `version ${found}, the one on record`,
    },
  ]);
}
