import type { Routes } from '@angular/router';

export const signInRoutes: Routes = [
  {
    path: 'sign-in',
    title: 'Sign in · Wiry Otter',
    loadComponent: () => import('./sign-in').then((file) => file.SignIn),
  },
  {
    path: 'lost-password',
    title: 'A lost password · Wiry Otter',
    loadComponent: () => import('./lost-password').then((file) => file.LostPassword),
  },
  {
    path: 'new-password',
    title: 'A new password · Wiry Otter',
    loadComponent: () => import('./new-password').then((file) => file.NewPassword),
  },
  {
    path: 'join',
    title: 'Join a studio · Wiry Otter',
    loadComponent: () => import('./join').then((file) => file.Join),
  },
];
