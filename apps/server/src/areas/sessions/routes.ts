import {
  decision,
  finishInput,
  idParams,
  overruleInput,
  personQuery,
  prescription,
  prescriptionInput,
  session,
  sessionInput,
  setAsideInput,
  setInput,
  setParams,
} from '@wiry-otter/contracts';
import * as z from 'zod';
import type { App } from '../../platform/app-context.js';
import {
  acceptDecision,
  finishSession,
  listWaitingDecisions,
  overruleDecision,
} from './decision-store.js';
import { prescribe } from './prescribe.js';
import { listPrescriptions } from '../prescriptions/prescription-store.js';
import {
  listSessions,
  logSet,
  readSession,
  setSessionDiscarded,
  setSetAside,
  startSession,
} from './session-store.js';

const answersSession = { 200: session };
const answersDecision = { 200: decision };

/** Prescriptions, sessions with their sets, and the decisions that follow. */
export function sessionRoutes(app: App, _options: unknown, done: () => void): void {
  const { database, solver } = app;

  app.get('/prescriptions', { schema: { response: { 200: z.array(prescription) } } }, ({ scope }) =>
    listPrescriptions(database.manager, scope),
  );

  app.put(
    '/prescriptions/:id',
    { schema: { params: idParams, body: prescriptionInput, response: { 200: prescription } } },
    ({ scope, params, body }) =>
      database.transaction((manager) => prescribe(manager, solver, scope, params.id, body)),
  );

  app.get(
    '/sessions',
    { schema: { querystring: personQuery, response: { 200: z.array(session) } } },
    ({ scope, query }) => listSessions(database.manager, scope, query.personId),
  );

  app.get(
    '/sessions/:id',
    { schema: { params: idParams, response: answersSession } },
    ({ scope, params }) => readSession(database.manager, scope, params.id),
  );

  app.put(
    '/sessions/:id',
    { schema: { params: idParams, body: sessionInput, response: answersSession } },
    ({ scope, params, body }) =>
      database.transaction((manager) => startSession(manager, solver, scope, params.id, body)),
  );

  app.put(
    '/sessions/:id/sets/:setId',
    { schema: { params: setParams, body: setInput, response: answersSession } },
    ({ scope, params, body }) =>
      database.transaction((manager) => logSet(manager, scope, params.id, params.setId, body)),
  );

  app.put(
    '/sessions/:id/sets/:setId/set-aside',
    { schema: { params: setParams, body: setAsideInput, response: answersSession } },
    ({ scope, params, body }) =>
      database.transaction((manager) =>
        setSetAside(manager, scope, params.id, params.setId, body.setAside),
      ),
  );

  app.post(
    '/sessions/:id/finish',
    { schema: { params: idParams, body: finishInput, response: answersSession } },
    ({ scope, params, body }) =>
      database.transaction((manager) => finishSession(manager, solver, scope, params.id, body)),
  );

  app.delete(
    '/sessions/:id',
    { schema: { params: idParams, response: answersSession } },
    ({ scope, params }) =>
      database.transaction((manager) => setSessionDiscarded(manager, scope, params.id, true)),
  );

  app.post(
    '/sessions/:id/restore',
    { schema: { params: idParams, response: answersSession } },
    ({ scope, params }) =>
      database.transaction((manager) => setSessionDiscarded(manager, scope, params.id, false)),
  );

  app.get('/decisions', { schema: { response: { 200: z.array(decision) } } }, ({ scope }) =>
    listWaitingDecisions(database.manager, scope),
  );

  app.post(
    '/decisions/:id/accept',
    { schema: { params: idParams, response: answersDecision } },
    ({ scope, params }) =>
      database.transaction((manager) => acceptDecision(manager, solver, scope, params.id)),
  );

  app.post(
    '/decisions/:id/overrule',
    { schema: { params: idParams, body: overruleInput, response: answersDecision } },
    ({ scope, params, body }) =>
      database.transaction((manager) => overruleDecision(manager, solver, scope, params.id, body)),
  );
  done();
}
