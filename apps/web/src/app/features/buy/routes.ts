import type { Routes } from '@angular/router';

export const buyRoutes: Routes = [
  {
    path: 'buy',
    title: 'What to buy · Wiry Otter',
    loadComponent: () => import('./buy').then((file) => file.Buy),
  },
];
