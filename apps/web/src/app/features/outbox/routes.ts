import type { Routes } from '@angular/router';

export const outboxRoutes: Routes = [
  {
    path: 'outbox/:writeId',
    title: 'Two versions · Wiry Otter',
    loadComponent: () => import('./two-versions').then((file) => file.TwoVersions),
  },
  {
    path: 'outbox',
    title: 'Waiting to be sent · Wiry Otter',
    loadComponent: () => import('./outbox-page').then((file) => file.OutboxPage),
  },
];
