import type { Routes } from '@angular/router';
import { signedIn } from './account/signed-in';
import { bagRoutes } from './features/bag/routes';
import { bandsRoutes } from './features/bands/routes';
import { buyRoutes } from './features/buy/routes';
import { compareRoutes } from './features/compare/routes';
import { exchangeRoutes } from './features/exchange/routes';
import { exercisesRoutes } from './features/exercises/routes';
import { firstStartRoutes } from './features/first-start/routes';
import { inspectionRoutes } from './features/inspection/routes';
import { logRoutes } from './features/log/routes';
import { nextRoutes } from './features/next/routes';
import { outboxRoutes } from './features/outbox/routes';
import { peopleRoutes } from './features/people/routes';
import { placesRoutes } from './features/places/routes';
import { sessionRoutes } from './features/session/routes';
import { setupsRoutes } from './features/setups/routes';
import { signInRoutes } from './features/sign-in/routes';
import { skillsRoutes } from './features/skills/routes';
import { stopsRoutes } from './features/stops/routes';
import { studioRoutes } from './features/studio/routes';
import { testBenchRoutes } from './features/test-bench/routes';
import { todayRoutes } from './features/today/routes';

/** Every screen; those inside the shell share its spine. */
export const routes: Routes = [
  ...signInRoutes,
  ...firstStartRoutes,
  ...sessionRoutes,
  {
    path: '',
    canActivate: [signedIn],
    loadComponent: () => import('./shell/shell').then((file) => file.Shell),
    children: [
      ...todayRoutes,
      // Ahead of `bands/:id`, which would take their words for an id.
      ...compareRoutes,
      ...exchangeRoutes,
      ...bandsRoutes,
      ...inspectionRoutes,
      ...testBenchRoutes,
      ...setupsRoutes,
      ...skillsRoutes,
      ...peopleRoutes,
      ...bagRoutes,
      ...buyRoutes,
      ...nextRoutes,
      ...stopsRoutes,
      ...logRoutes,
      ...outboxRoutes,
      ...placesRoutes,
      ...exercisesRoutes,
      ...studioRoutes,
      { path: '', pathMatch: 'full', redirectTo: 'today' },
    ],
  },
  { path: '**', redirectTo: '' },
];
