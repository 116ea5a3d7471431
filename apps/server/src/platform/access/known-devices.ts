import { type DataSource, LessThan } from 'typeorm';
import { KnownDeviceEntity } from './entities.js';
import { hashToken } from './token.js';

type Database = Pick<DataSource, 'manager'>;

/** As long as browsers keep a cookie. */
export const DEVICE_DAYS = 400;

const NOBODY = '00000000-0000-0000-0000-000000000000';

/** A trainer on a device: the token that its cookie carries. */
export interface DeviceOfTrainer {
  readonly studioId: string;
  readonly trainerId: string;
  readonly token: string;
}

/** Remembers that a trainer has signed in on a device. */
export async function rememberDevice(
  { manager }: Database,
  { studioId, token, trainerId }: DeviceOfTrainer,
): Promise<void> {
  const oldest = new Date(Date.now() - DEVICE_DAYS * 86_400_000);
  await manager.delete(KnownDeviceEntity, { seenAt: LessThan(oldest) });
  const row = { tokenHash: hashToken(token), trainerId, studioId, seenAt: new Date() };
  await manager.upsert(KnownDeviceEntity, row, ['tokenHash', 'trainerId']);
}

/** The hash of the device's token, where this trainer has signed in on it before. */
export async function knownDevice(
  { manager }: Database,
  trainerId: string | undefined,
  token: string | undefined,
): Promise<string | undefined> {
  if (token === undefined) return undefined;
  const tokenHash = hashToken(token);
  // Asked for nobody too, so that the time taken does not tell whether there is such a trainer.
  const isKnown = await manager.existsBy(KnownDeviceEntity, {
    tokenHash,
    trainerId: trainerId ?? NOBODY,
  });
  return isKnown ? tokenHash : undefined;
}
