import type { Routes } from '@angular/router';

export const compareRoutes: Routes = [
  {
    path: 'bands/compare',
    title: 'Compare bands · Wiry Otter',
    loadComponent: () => import('./compare').then((file) => file.Compare),
  },
];
