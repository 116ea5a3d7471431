import {
  finishInput,
  idParams,
  overruleInput,
  prescriptionInput,
  session,
  sessionInput,
  sessionsQuery,
  setAsideInput,
  setInput,
  setParams,
} from '@wiry-otter/contracts';
import * as z from 'zod';
import type { App } from '../../platform/app-context.js';
import { writeRoute } from '../../platform/records/write.js';
import { acceptDecision, finishSession, overruleDecision } from './decision-store.js';
import { olderSessions } from './older-sessions.js';
import { prescribe } from './prescribe.js';
import { logSet, setSessionDiscarded, setSetAside, startSession } from './session-store.js';

/** Prescriptions, sessions with their sets, and the decisions that follow. */
export function sessionRoutes(app: App, _options: unknown, done: () => void): void {
  const { solver } = app;

  writeRoute(app, {
    method: 'PUT',
    url: '/prescriptions/:id',
    params: idParams,
    body: prescriptionInput,
    answers: 'prescription',
    work: (scoped, { body, params }) => prescribe(scoped, solver, params.id, body),
  });

  writeRoute(app, {
    method: 'PUT',
    url: '/sessions/:id',
    params: idParams,
    body: sessionInput,
    answers: 'session',
    work: (scoped, { body, params }) => startSession(scoped, solver, params.id, body),
  });

  writeRoute(app, {
    method: 'PUT',
    url: '/sessions/:id/sets/:setId',
    params: setParams,
    body: setInput,
    answers: 'session',
    work: (scoped, { body, params: { id, setId } }) => logSet(scoped, solver, id, setId, body),
  });

  writeRoute(app, {
    method: 'PUT',
    url: '/sessions/:id/sets/:setId/set-aside',
    params: setParams,
    body: setAsideInput,
    answers: 'session',
    work: (scoped, { body, params: { id, setId } }) =>
      setSetAside(scoped, solver, id, setId, body.setAside),
  });

  writeRoute(app, {
    method: 'POST',
    url: '/sessions/:id/finish',
    params: idParams,
    body: finishInput,
    answers: 'session',
    work: (scoped, { body, params }) => finishSession(scoped, solver, params.id, body),
  });

  writeRoute(app, {
    method: 'DELETE',
    url: '/sessions/:id',
    params: idParams,
    answers: 'session',
    work: (scoped, { params }) => setSessionDiscarded(scoped, params.id, true),
  });

  writeRoute(app, {
    method: 'POST',
    url: '/sessions/:id/restore',
    params: idParams,
    answers: 'session',
    work: (scoped, { params }) => setSessionDiscarded(scoped, params.id, false),
  });

  writeRoute(app, {
    method: 'POST',
    url: '/decisions/:id/accept',
    params: idParams,
    answers: 'decision',
    work: (scoped, { params }) => acceptDecision(scoped, solver, params.id),
  });

  writeRoute(app, {
    method: 'POST',
    url: '/decisions/:id/overrule',
    params: idParams,
    body: overruleInput,
    answers: 'decision',
    work: (scoped, { body, params }) => overruleDecision(scoped, solver, params.id, body),
  });

  app.get(
    '/sessions',
    { schema: { querystring: sessionsQuery, response: { 200: z.array(session) } } },
    async ({ query, scoped }, reply) =>
      reply
        .type('application/json; charset=utf-8')
        .send((await olderSessions(scoped, query)) as never),
  );
  done();
}
