import type { Routes } from '@angular/router';

export const firstStartRoutes: Routes = [
  {
    path: 'first-start',
    title: 'Your studio · Wiry Otter',
    loadComponent: () => import('./first-start').then((file) => file.FirstStart),
  },
];
