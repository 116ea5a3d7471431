import type { Routes } from '@angular/router';

export const skillsRoutes: Routes = [
  { path: 'skills', pathMatch: 'full', redirectTo: 'skills/pull' },
  {
    path: 'skills/:skillId',
    title: 'Skills · Wiry Otter',
    loadComponent: () => import('./skills').then((file) => file.Skills),
  },
];
