import { createSelector } from '@ngrx/store';
import { selectStudio } from '../records/selectors';
import { accountFeature } from './account';

/** The signed-in trainer as the studio has them. */
export const selectMe = createSelector(
  accountFeature.selectAccount,
  selectStudio,
  (account, studio) => studio?.trainers.find(({ id }) => id === account?.trainer.id),
);

/** Whether whoever is signed in decides for the studio. */
export const selectIsOwner = createSelector(selectMe, (me) => me?.role === 'owner');

/** Who works in the studio now. */
export const selectPresentTrainers = createSelector(
  selectStudio,
  (studio) => studio?.trainers.filter(({ hasLeft }) => !hasLeft) ?? [],
);
