import type { DataSource } from 'typeorm';
import { namedQuery } from '../database/named-query.js';
import {
  type Scope,
  SCOPED_STUDIO,
  type ScopedStudio,
  type ScopedTrainer,
  scopeOf,
} from './scope.js';

/** What a trainer asks with who is not signed in yet; undefined where the studio is gone. */
export async function scopeOfTrainer(
  { manager }: Pick<DataSource, 'manager'>,
  trainer: ScopedTrainer & { readonly studioId: string },
  now: Date,
): Promise<Scope | undefined> {
  const [studio] = await namedQuery<ScopedStudio>(manager, {
    name: 'studio-of-trainer',
    text: `SELECT ${SCOPED_STUDIO} FROM studio WHERE id = $1`,
    values: [trainer.studioId],
  });
  return studio && scopeOf(studio, trainer, now);
}
