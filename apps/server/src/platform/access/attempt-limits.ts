import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible';
import type { DataSource } from 'typeorm';
import { refuseForNow } from '../problems/refusal.js';
import { networkOf } from './network-of.js';

/** Attempts that fail within this time are counted together, s. */
const WINDOW_S = 15 * 60;

/** How many may fail within it. */
const MOST = {
  /** Of one e-mail from one network. */
  pair: 5,
  /** Of all e-mails from one network, which a studio's trainers share. */
  network: 30,
  /** Of one e-mail from everywhere. */
  email: 50,
  /** From a device that the trainer has signed in on before: a stranger's failures do not count there. */
  device: 10,
} as const;

/** Mails that a stranger may have sent, to one e-mail and from one network, an hour. */
const MAIL_WINDOW_S = 3600;
const MOST_MAILS = { email: 3, network: 20 } as const;

/** Who tries to sign in. */
export interface Attempt {
  readonly email: string;
  /** As the connection, or a trusted proxy, has it. */
  readonly address: string;
  /** The hash of the device's token, where this trainer has signed in on it before. */
  readonly device: string | undefined;
}

/** One counted attempt: what is not said to have succeeded has failed. */
export interface CountedAttempt {
  succeeded(): Promise<void>;
}

/**
 * Limits on guessing, kept in the database, so that they hold for all processes. An attempt is counted
 * before the password is looked at: of many at once no more are tried than of many in a row.
 */
export class AttemptLimits {
  private readonly limiters;
  private readonly mails;

  constructor(database: DataSource) {
    const limiter = (keyPrefix: string, points: number, duration: number): RateLimiterPostgres =>
      new RateLimiterPostgres({
        ...{ storeClient: database, storeType: 'typeorm', tableName: 'attempt_limit' },
        ...{ tableCreated: true, keyPrefix, points, duration },
        // One of them clears the table for all.
        clearExpiredByTimeout: keyPrefix === 'network',
      });
    this.limiters = {
      pair: limiter('pair', MOST.pair, WINDOW_S),
      network: limiter('network', MOST.network, WINDOW_S),
      email: limiter('email', MOST.email, WINDOW_S),
      device: limiter('device', MOST.device, WINDOW_S),
    };
    this.mails = {
      network: limiter('mail-network', MOST_MAILS.network, MAIL_WINDOW_S),
      email: limiter('mail-email', MOST_MAILS.email, MAIL_WINDOW_S),
    };
  }

  /** Counts an attempt, or refuses it where too many have failed. */
  async begin({ address, device, email }: Attempt): Promise<CountedAttempt> {
    const network = networkOf(address);
    const { limiters } = this;
    // A network that is refused uses up no more of what the e-mail has.
    const counted: readonly (readonly [RateLimiterPostgres, string])[] =
      device === undefined
        ? [
            [limiters.network, network],
            [limiters.pair, `${network} ${email}`],
            [limiters.email, email],
          ]
        : [[limiters.device, device]];
    for (const [limiter, key] of counted) await consume(limiter, key);
    return {
      succeeded: async () => {
        for (const [limiter, key] of counted) await limiter.reward(key, 1);
      },
    };
  }

  /** Counts something else that is guessed at, from a network. */
  async beginFrom(address: string): Promise<CountedAttempt> {
    const network = networkOf(address);
    await consume(this.limiters.network, network);
    return {
      succeeded: async () => void (await this.limiters.network.reward(network, 1)),
    };
  }

  /** Counts a mail that whoever asks for has sent to somebody. */
  async countMail(email: string, address: string): Promise<void> {
    await consume(this.mails.network, networkOf(address));
    await consume(this.mails.email, email);
  }
}

async function consume(limiter: RateLimiterPostgres, key: string): Promise<void> {
  try {
    await limiter.consume(key);
  } catch (failure) {
    if (!(failure instanceof RateLimiterRes)) throw failure;
    refuseForNow('too-many-attempts', Math.ceil(failure.msBeforeNext / 1000));
  }
}
