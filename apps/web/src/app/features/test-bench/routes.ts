import type { Routes } from '@angular/router';

export const testBenchRoutes: Routes = [
  {
    path: 'bands/:id/measure',
    title: 'Test bench · Wiry Otter',
    loadComponent: () => import('./test-bench').then((file) => file.TestBench),
  },
];
