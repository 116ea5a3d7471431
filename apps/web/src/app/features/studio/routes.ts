import type { Routes } from '@angular/router';

export const studioRoutes: Routes = [
  {
    path: 'studio',
    title: 'Studio · Wiry Otter',
    loadComponent: () => import('./studio').then((file) => file.Studio),
  },
];
