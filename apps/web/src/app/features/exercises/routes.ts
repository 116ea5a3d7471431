import type { Routes } from '@angular/router';

export const exercisesRoutes: Routes = [
  {
    path: 'exercises',
    title: 'Exercises · Wiry Otter',
    loadComponent: () => import('./exercises').then((file) => file.Exercises),
  },
];
