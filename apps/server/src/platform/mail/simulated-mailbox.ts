import type { Transport } from 'nodemailer';
import type { DataSource } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import { SimulatedMailEntity } from './entities.js';

/** Stands in for a server of mails: what is sent is kept, for the studio's owner to read. */
export function simulatedMailbox({ manager }: DataSource, studioId: string): Transport<string> {
  return {
    name: 'simulated mailbox',
    version: '1',
    send({ data, message }, done) {
      const { to } = message.getEnvelope();
      const sentTo = to.join(', ');
      const row = {
        ...{ id: uuidv7(), studioId, sentTo, sentAt: new Date() },
        ...{ subject: data.subject ?? '', body: typeof data.text === 'string' ? data.text : '' },
      };
      manager.insert(SimulatedMailEntity, row).then(
        () => done(null, row.id),
        (failure: Error) => done(failure, ''),
      );
    },
  };
}
