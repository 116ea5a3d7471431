import type { Routes } from '@angular/router';

export const bandsRoutes: Routes = [
  {
    path: 'bands',
    title: 'Bands · Wiry Otter',
    loadComponent: () => import('./bands').then((file) => file.Bands),
  },
  {
    path: 'bands/:id',
    title: 'Band · Wiry Otter',
    loadComponent: () => import('./bands').then((file) => file.Bands),
  },
];
