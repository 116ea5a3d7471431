import type { Routes } from '@angular/router';

export const nextRoutes: Routes = [
  {
    path: 'next/:sessionId',
    title: 'Next · Wiry Otter',
    loadComponent: () => import('./next').then((file) => file.Next),
  },
];
