import type { Mail } from '@wiry-otter/contracts';
import type { ScopedManager } from '../records/scoped-manager.js';
import { SimulatedMailEntity } from './entities.js';

const MOST = 100;

/** What the simulated mailbox has taken for the studio, the latest first. */
export async function latestMails(scoped: ScopedManager): Promise<Mail[]> {
  const order = { sentAt: 'DESC', id: 'DESC' } as const;
  const rows = await scoped.find(SimulatedMailEntity, {}, { order, take: MOST });
  return rows.map(({ body, id, sentAt, sentTo, subject }) => ({
    ...{ id, to: sentTo, subject, text: body },
    sentAt: sentAt.toISOString(),
  }));
}
