import type { Routes } from '@angular/router';

export const todayRoutes: Routes = [
  {
    path: 'today',
    title: 'Today · Wiry Otter',
    loadComponent: () => import('./today').then((file) => file.Today),
  },
];
