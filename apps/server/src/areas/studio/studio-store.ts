import type { StudioRecord, StudioRulesInput } from '@wiry-otter/contracts';
import type { EntityManager } from 'typeorm';
import { StudioEntity, TrainerEntity } from './entities.js';
import { expectVersion, type Scope } from '../../platform/access/scope.js';

/** The signed-in trainer's studio, with its rules and trainers. */
export async function readStudio(manager: EntityManager, studioId: string): Promise<StudioRecord> {
  const studio = await manager.findOneByOrFail(StudioEntity, { id: studioId });
  const trainers = await manager.find(TrainerEntity, {
    where: { studioId },
    order: { name: 'ASC' },
  });
  return { ...studio, trainers: trainers.map(({ id, name }) => ({ id, name })) };
}

/** Changes the studio's rules when the version on record is the one the change was made from. */
export async function saveRules(
  manager: EntityManager,
  { studioId }: Scope,
  { version, ...rules }: StudioRulesInput,
): Promise<StudioRecord> {
  return manager.transaction(async (inside) => {
    const studio = await inside.findOneOrFail(StudioEntity, {
      where: { id: studioId },
      lock: { mode: 'pessimistic_write' },
    });
    expectVersion(studio.version, version);
    await inside.update(StudioEntity, { id: studioId }, { ...rules, version: version + 1 });
    return readStudio(inside, studioId);
  });
}
