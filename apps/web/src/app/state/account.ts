import type { Account } from '@wiry-otter/contracts';
import {
  createActionGroup,
  createFeature,
  createReducer,
  emptyProps,
  on,
  props,
} from '@ngrx/store';

export const accountActions = createActionGroup({
  source: 'Account',
  events: {
    'Signed in': props<{ account: Account }>(),
    'Signed out': emptyProps(),
    'Sign out': emptyProps(),
  },
});

export interface AccountState {
  /** Unknown until the server was asked once. */
  readonly status: 'unknown' | 'signedIn' | 'signedOut';
  readonly account: Account | null;
}

const initialState: AccountState = { status: 'unknown', account: null };

/** Who is signed in. */
export const accountFeature = createFeature({
  name: 'account',
  reducer: createReducer<AccountState>(
    initialState,
    on(accountActions.signedIn, (_state, { account }) => ({
      status: 'signedIn' as const,
      account,
    })),
    on(accountActions.signedOut, () => ({ status: 'signedOut' as const, account: null })),
  ),
});
