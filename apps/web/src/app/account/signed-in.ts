import { inject } from '@angular/core';
import { type CanActivateFn, Router } from '@angular/router';
import { Store } from '@ngrx/store';
import { accountFeature } from './account';

/** Lets through who is signed in, and asks others to sign in first. */
export const signedIn: CanActivateFn = (_route, { url }) =>
  inject(Store).selectSignal(accountFeature.selectAccount)() !== null ||
  inject(Router).createUrlTree(['/sign-in'], { queryParams: url === '/' ? {} : { to: url } });
