import { inject } from '@angular/core';
import { type CanActivateFn, Router, type Routes } from '@angular/router';
import { Store } from '@ngrx/store';
import { accountFeature } from './state/account';

const signedIn: CanActivateFn = (_route, { url }) =>
  inject(Store).selectSignal(accountFeature.selectAccount)() !== null ||
  inject(Router).createUrlTree(['/sign-in'], { queryParams: url === '/' ? {} : { to: url } });

export const routes: Routes = [
  {
    path: 'sign-in',
    title: 'Sign in · Wiry Otter',
    loadComponent: () => import('./sign-in/sign-in').then((file) => file.SignIn),
  },
  {
    path: 'session/:id',
    title: 'Session · Wiry Otter',
    canActivate: [signedIn],
    loadComponent: () => import('./session/session').then((file) => file.Session),
  },
  {
    path: '',
    canActivate: [signedIn],
    loadComponent: () => import('./shell/shell').then((file) => file.Shell),
    children: [
      {
        path: 'today',
        title: 'Today · Wiry Otter',
        loadComponent: () => import('./today/today').then((file) => file.Today),
      },
      {
        path: 'bands',
        title: 'Bands · Wiry Otter',
        loadComponent: () => import('./bands/bands').then((file) => file.Bands),
      },
      {
        path: 'bands/compare',
        title: 'Compare bands · Wiry Otter',
        loadComponent: () => import('./compare/compare').then((file) => file.Compare),
      },
      {
        path: 'bands/exchange',
        title: 'Bands in and out · Wiry Otter',
        loadComponent: () => import('./exchange/exchange').then((file) => file.Exchange),
      },
      {
        path: 'bands/:id',
        title: 'Band · Wiry Otter',
        loadComponent: () => import('./bands/bands').then((file) => file.Bands),
      },
      {
        path: 'bands/:id/inspect/:copyId',
        title: 'Inspection · Wiry Otter',
        loadComponent: () => import('./care/inspection').then((file) => file.Inspection),
      },
      {
        path: 'bands/:id/measure',
        title: 'Test bench · Wiry Otter',
        loadComponent: () => import('./test-bench/test-bench').then((file) => file.TestBench),
      },
      {
        path: 'setups',
        title: 'Set-ups · Wiry Otter',
        loadComponent: () => import('./setups/workbench').then((file) => file.Workbench),
      },
      { path: 'skills', pathMatch: 'full', redirectTo: 'skills/pull' },
      {
        path: 'skills/:skillId',
        title: 'Skills · Wiry Otter',
        loadComponent: () => import('./features/skills/skills').then((file) => file.Skills),
      },
      {
        path: 'bag',
        title: 'The bag · Wiry Otter',
        loadComponent: () => import('./features/bag/bag').then((file) => file.Bag),
      },
      {
        path: 'buy',
        title: 'What to buy · Wiry Otter',
        loadComponent: () => import('./features/buy/buy').then((file) => file.Buy),
      },
      {
        path: 'next/:sessionId',
        title: 'Next · Wiry Otter',
        loadComponent: () => import('./next/next').then((file) => file.Next),
      },
      {
        path: 'log',
        title: 'Log · Wiry Otter',
        loadComponent: () => import('./log/log').then((file) => file.Log),
      },
      {
        path: 'outbox/:writeId',
        title: 'Two versions · Wiry Otter',
        loadComponent: () =>
          import('./features/outbox/two-versions').then((file) => file.TwoVersions),
      },
      {
        path: 'outbox',
        title: 'Waiting to be sent · Wiry Otter',
        loadComponent: () =>
          import('./features/outbox/outbox-page').then((file) => file.OutboxPage),
      },
      {
        path: 'places',
        title: 'Places · Wiry Otter',
        loadComponent: () => import('./places/places').then((file) => file.Places),
      },
      {
        path: 'exercises',
        title: 'Exercises · Wiry Otter',
        loadComponent: () => import('./exercises/exercises').then((file) => file.Exercises),
      },
      {
        path: 'studio',
        title: 'Studio · Wiry Otter',
        loadComponent: () => import('./studio/studio').then((file) => file.Studio),
      },
      { path: '', pathMatch: 'full', redirectTo: 'today' },
    ],
  },
  { path: '**', redirectTo: '' },
];
