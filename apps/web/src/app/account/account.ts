import type { Account, StudioRecord, StudioRulesInput } from '@wiry-otter/contracts';
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
    /** The server no longer knows this sign-in. */
    Lapsed: emptyProps(),
    'Sign out': emptyProps(),
    'Save rules': props<{ input: StudioRulesInput; words: string }>(),
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
    on(accountActions.signedOut, accountActions.lapsed, () => ({
      status: 'signedOut' as const,
      account: null,
    })),
  ),
});

/** The rules among a studio's fields, as they are written back. */
export function rulesOf(studio: StudioRecord): StudioRulesInput {
  const { id: _id, trainers: _trainers, zone: _zone, ...rules } = studio;
  return rules;
}
