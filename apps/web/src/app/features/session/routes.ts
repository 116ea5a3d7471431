import type { Routes } from '@angular/router';
import { signedIn } from '../../account/signed-in';

export const sessionRoutes: Routes = [
  {
    path: 'session/:id',
    title: 'Session · Wiry Otter',
    canActivate: [signedIn],
    loadComponent: () => import('./session').then((file) => file.Session),
  },
];
