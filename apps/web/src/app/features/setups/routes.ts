import type { Routes } from '@angular/router';

export const setupsRoutes: Routes = [
  {
    path: 'setups',
    title: 'Set-ups · Wiry Otter',
    loadComponent: () => import('./workbench').then((file) => file.Workbench),
  },
];
