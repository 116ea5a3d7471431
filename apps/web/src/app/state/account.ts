import type { Account, StudioRecord, StudioRulesInput } from '@wiry-otter/contracts';
import { type FinderPreferences, type ForceUnit, USUAL_PREFERENCES } from '@wiry-otter/core';
import {
  createActionGroup,
  createFeature,
  createReducer,
  createSelector,
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
    'Save rules': props<{ input: StudioRulesInput; words: string }>(),
    'Rules saved': props<{ studio: StudioRecord }>(),
    Preferred: props<{ finder: FinderPreferences }>(),
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
    on(accountActions.rulesSaved, (state, { studio }) =>
      state.account === null ? state : { ...state, account: { ...state.account, studio } },
    ),
    on(accountActions.preferred, (state, { finder }) =>
      state.account === null
        ? state
        : {
            ...state,
            account: { ...state.account, trainer: { ...state.account.trainer, finder } },
          },
    ),
    on(accountActions.signedOut, () => ({ status: 'signedOut' as const, account: null })),
  ),
  extraSelectors: ({ selectAccount }) => ({
    /** What the trainer would rather have of what is found. */
    selectFinderPreferences: createSelector(
      selectAccount,
      (account): FinderPreferences => account?.trainer.finder ?? USUAL_PREFERENCES,
    ),
    /** What the studio writes forces in. */
    selectForceUnit: createSelector(
      selectAccount,
      (account): ForceUnit => account?.studio.forceUnit ?? 'N',
    ),
  }),
});

/** The rules among a studio's fields, as they are written back. */
export function rulesOf(studio: StudioRecord): StudioRulesInput {
  const { version, forceUnit, inspectionDays, inspectionCycles, eyesRule } = studio;
  return { version, forceUnit, inspectionDays, inspectionCycles, eyesRule };
}
