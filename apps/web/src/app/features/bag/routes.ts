import type { Routes } from '@angular/router';

export const bagRoutes: Routes = [
  {
    path: 'bag',
    title: 'The bag · Wiry Otter',
    loadComponent: () => import('./bag').then((file) => file.Bag),
  },
];
