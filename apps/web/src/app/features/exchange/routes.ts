import type { Routes } from '@angular/router';

export const exchangeRoutes: Routes = [
  {
    path: 'bands/exchange',
    title: 'Bands in and out · Wiry Otter',
    loadComponent: () => import('./exchange').then((file) => file.Exchange),
  },
];
