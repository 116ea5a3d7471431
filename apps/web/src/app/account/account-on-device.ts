import type { Account } from '@wiry-otter/contracts';
import { fits, forget, readStored, store } from '../storage/storage';

/**
 * Who was signed in last, so that the app opens without a network. Only an answer that was held to its
 * schema is kept, and the app opens with it before any schema is loaded: where the shape of an account
 * changes, the key does too.
 */
const KEY = 'otter.account';

const keptAccount = fits(
  (found): found is Account => typeof found === 'object' && found !== null && 'trainer' in found,
);

export function accountOnDevice(): Account | undefined {
  return readStored(KEY, keptAccount);
}

export function keepOnDevice(known: Account): void {
  store(KEY, known);
}

export function forgetOnDevice(): void {
  forget(KEY);
}
