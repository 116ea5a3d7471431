import type { Routes } from '@angular/router';

export const logRoutes: Routes = [
  {
    path: 'log',
    title: 'Log · Wiry Otter',
    loadComponent: () => import('./log').then((file) => file.Log),
  },
];
