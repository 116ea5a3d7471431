import type { Routes } from '@angular/router';

export const inspectionRoutes: Routes = [
  {
    path: 'bands/:id/inspect/:copyId',
    title: 'Inspection · Wiry Otter',
    loadComponent: () => import('./inspection').then((file) => file.Inspection),
  },
];
