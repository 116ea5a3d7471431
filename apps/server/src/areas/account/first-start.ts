import type { FirstStartRequest } from '@wiry-otter/contracts';
import { randomInt } from 'node:crypto';
import type { DataSource } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import { scopeOf } from '../../platform/access/scope.js';
import type { SigningTrainer } from '../../platform/access/sign-in-store.js';
import { refuse } from '../../platform/problems/refusal.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import { RULES_AT_FIRST, TrainerEntity } from '../studio/entities.js';
import { hashPassword } from './passwords.js';

/** Without letters and figures that are taken for one another. */
const ALPHABET = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789';
const GROUPS = 3;
const GROUP_LENGTH = 4;

/**
 * The code with which the owner makes the studio; undefined where there is one. Processes that start
 * at once have the same, and so has the next start until the studio is made.
 */
export async function firstStartCode({ manager }: DataSource): Promise<string | undefined> {
  const [kept] = await manager.query<{ code: string }[]>(
    `INSERT INTO first_start (code) SELECT $1 WHERE NOT EXISTS (SELECT FROM studio)
      ON CONFLICT (only_one) DO UPDATE SET code = first_start.code RETURNING code`,
    [newCode()],
  );
  return kept?.code;
}

function newCode(): string {
  const letter = (): string => ALPHABET[randomInt(ALPHABET.length)] ?? '';
  const group = (): string => Array.from({ length: GROUP_LENGTH }, letter).join('');
  return Array.from({ length: GROUPS }, group).join('-');
}

/** A code that was printed before the demo was loaded makes no second studio. */
const WAITING = 'SELECT code FROM first_start WHERE NOT EXISTS (SELECT FROM studio)';

/** Whether this database waits for its studio. */
export async function isFirstStart({ manager }: Pick<DataSource, 'manager'>): Promise<boolean> {
  return (await manager.query<object[]>(WAITING)).length > 0;
}

/** Makes the studio and its owner, once; who comes with another code or too late is refused. */
export async function makeStudio(
  outside: ScopedManager,
  { code, owner, studio }: FirstStartRequest,
): Promise<SigningTrainer> {
  const studioId = uuidv7();
  const trainer = {
    id: uuidv7(),
    studioId,
    name: owner.name,
    email: owner.email,
    role: 'owner' as const,
  };
  const row = { ...RULES_AT_FIRST, ...studio, id: studioId };
  const scoped = outside.as(scopeOf(row, trainer, new Date()));
  return scoped.transaction(async (inside) => {
    const [kept] = await inside.query<{ code: string }>(
      'lock-first-start',
      `${WAITING} AND $1::uuid IS NOT NULL FOR UPDATE`,
    );
    if (kept === undefined) return refuse('studio-exists');
    if (plain(code) !== plain(kept.code)) return refuse('wrong-code');
    await inside.query('end-first-start', 'DELETE FROM first_start WHERE $1::uuid IS NOT NULL');
    await inside.query(
      'make-studio',
      `INSERT INTO studio (id, name, zone, force_unit, length_unit, mass_unit, week_start)
        VALUES ($1, $2, $3, $4, $5, $6, $7)`,
      [
        ...[studio.name, studio.zone],
        ...[studio.forceUnit, studio.lengthUnit, studio.massUnit, studio.weekStart],
      ],
    );
    const passwordHash = await hashPassword(owner.password);
    const signing = { ...trainer, passwordHash };
    await inside.insert(TrainerEntity, {
      ...{ ...signing, leftAt: null, version: 1, finderPreferences: null },
    });
    inside.touch('studio', studioId);
    inside.touch('preferences', trainer.id);
    return signing;
  });
}

/** As it was meant: whoever types it leaves out a dash, or writes small letters. */
function plain(code: string): string {
  return code.toUpperCase().replace(/[^A-Z0-9]/g, '');
}
