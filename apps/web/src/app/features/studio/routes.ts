import type { Routes } from '@angular/router';

export const studioRoutes: Routes = [
  {
    path: 'studio',
    loadComponent: () => import('./studio').then((file) => file.Studio),
    children: [
      {
        path: '',
        pathMatch: 'full',
        title: 'Studio · Wiry Otter',
        loadComponent: () => import('./studio-rules').then((file) => file.StudioRules),
      },
      {
        path: 'trainers',
        title: 'Trainers · Wiry Otter',
        loadComponent: () => import('./trainers').then((file) => file.Trainers),
      },
      {
        path: 'mails',
        title: 'Mails · Wiry Otter',
        loadComponent: () => import('./mails').then((file) => file.Mails),
      },
      {
        path: 'documents',
        title: 'In and out · Wiry Otter',
        loadComponent: () => import('./documents').then((file) => file.Documents),
      },
      {
        path: 'back-ups',
        title: 'Back-ups · Wiry Otter',
        loadComponent: () => import('./back-ups').then((file) => file.BackUpsMade),
      },
      {
        path: 'device',
        title: 'This device · Wiry Otter',
        loadComponent: () => import('./device').then((file) => file.Device),
      },
      {
        path: 'you',
        title: 'You · Wiry Otter',
        loadComponent: () => import('./you').then((file) => file.You),
      },
    ],
  },
];
