import type { Routes } from '@angular/router';

export const placesRoutes: Routes = [
  {
    path: 'places',
    title: 'Places · Wiry Otter',
    loadComponent: () => import('./places').then((file) => file.Places),
  },
];
