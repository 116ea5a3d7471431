import { idParams, nextMorningInput, stopInput, stopReasonInput } from '@wiry-otter/contracts';
import type { App } from '../../platform/app-context.js';
import { writeRoute } from '../../platform/records/write.js';
import { liftStop, lookAtStop, noteNextMorning, raiseStop, takeStopBack } from './stopping.js';

/** Stops: raised, lifted, taken back; and what was felt the next morning. */
export function stopRoutes(app: App, _options: unknown, done: () => void): void {
  const { solver } = app;

  writeRoute(app, {
    method: 'PUT',
    url: '/stops/:id',
    params: idParams,
    body: stopInput,
    answers: 'stop',
    work: (scoped, { body, params }) => raiseStop(scoped, solver, params.id, body),
  });

  writeRoute(app, {
    method: 'POST',
    url: '/stops/:id/lift',
    params: idParams,
    body: stopReasonInput,
    answers: 'stop',
    work: (scoped, { body, params }) => liftStop(scoped, solver, params.id, body),
  });

  writeRoute(app, {
    method: 'POST',
    url: '/stops/:id/take-back',
    params: idParams,
    body: stopReasonInput,
    answers: 'stop',
    work: (scoped, { body, params }) => takeStopBack(scoped, solver, params.id, body),
  });

  writeRoute(app, {
    method: 'POST',
    url: '/stops/:id/look',
    params: idParams,
    answers: 'stop',
    work: (scoped, { params }) => lookAtStop(scoped, params.id),
  });

  writeRoute(app, {
    method: 'PUT',
    url: '/sessions/:id/next-morning',
    params: idParams,
    body: nextMorningInput,
    answers: 'session',
    work: (scoped, { body, params }) => noteNextMorning(scoped, solver, params.id, body),
  });
  done();
}
