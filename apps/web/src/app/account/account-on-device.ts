import { account, type Account } from '@wiry-otter/contracts';
import { forget, readStored, store } from '../storage/storage';

/** Who was signed in last, so that the app opens without a network. */
const KEY = 'otter.account';

export function accountOnDevice(): Account | undefined {
  return readStored(KEY, account);
}

export function keepOnDevice(known: Account): void {
  store(KEY, known);
}

export function forgetOnDevice(): void {
  forget(KEY);
}
