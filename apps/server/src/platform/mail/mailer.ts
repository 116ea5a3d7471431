import { createTransport, type Transporter } from 'nodemailer';
import type { DataSource } from 'typeorm';
import { Refusal } from '../problems/refusal.js';
import { addressOf } from './links.js';
import { simulatedMailbox } from './simulated-mailbox.js';

export interface Letter {
  readonly to: string;
  readonly subject: string;
  readonly text: string;
}

/** How long a server of mails is waited for, ms. */
const WAIT = { connectionTimeout: 5000, greetingTimeout: 5000, socketTimeout: 10_000 } as const;

export interface MailerOptions {
  readonly database: DataSource;
  /** Where the pages are found of studios that have not said it themselves. */
  readonly address: string;
  /** `smtp://…` of a real mailbox; null where the simulated one stands in for it. */
  readonly smtpUrl: string | null;
  readonly from: string;
}

/** Sends mails for studios, by SMTP or into the mailbox that ships with the product. */
export class Mailer {
  private readonly smtp: Transporter | null;
  private readonly underWay = new Set<Promise<void>>();

  constructor(private readonly options: MailerOptions) {
    const { smtpUrl } = options;
    this.smtp = smtpUrl === null ? null : createTransport({ url: smtpUrl, ...WAIT });
  }

  get isSimulated(): boolean {
    return this.smtp === null;
  }

  /** Resolves once the mail was taken; refuses where it was not. */
  async send(studioId: string, letter: Letter): Promise<void> {
    const { database, from } = this.options;
    const transport = this.smtp ?? createTransport(simulatedMailbox(database, studioId));
    try {
      await transport.sendMail({ from, ...letter });
    } catch (failure) {
      throw Object.assign(new Refusal('mail-unsent'), { cause: failure });
    }
  }

  /** Where the pages of a studio are found, for the links of mails and tags. */
  addressOf(studioId: string): Promise<string> {
    return addressOf(this.options.database.manager, studioId, this.options.address);
  }

  /** Does what nobody waits for; what fails is logged without saying for whom. */
  inBackground(work: () => Promise<void>, log: { error(failure: unknown): void }): void {
    const one = work()
      .catch((failure: unknown) => log.error(failure))
      .finally(() => this.underWay.delete(one));
    this.underWay.add(one);
  }

  /** Resolves once nothing is under way. */
  async close(): Promise<void> {
    await Promise.all(this.underWay);
    this.smtp?.close();
  }
}
