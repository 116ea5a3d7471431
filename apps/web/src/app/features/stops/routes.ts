import type { Routes } from '@angular/router';

export const stopsRoutes: Routes = [
  {
    path: 'stops/:id',
    title: 'Note for the clinician · Wiry Otter',
    loadComponent: () => import('./clinician-note').then((file) => file.ClinicianNote),
  },
];
