import type { Routes } from '@angular/router';

export const signInRoutes: Routes = [
  {
    path: 'sign-in',
    title: 'Sign in · Wiry Otter',
    loadComponent: () => import('./sign-in').then((file) => file.SignIn),
  },
];
