import type { Routes } from '@angular/router';

export const peopleRoutes: Routes = [
  {
    path: 'people',
    title: 'People · Wiry Otter',
    loadComponent: () => import('./people').then((file) => file.People),
  },
  {
    path: 'people/:id',
    title: 'Person · Wiry Otter',
    loadComponent: () => import('./people').then((file) => file.People),
  },
];
