import { DEFAULT_BREAK_DAYS, DEFAULT_INSPECTION_RULE, USUAL_UNITS } from '@wiry-otter/core';
import type { FastifyInstance } from 'fastify';
import fp from 'fastify-plugin';
import { refuse } from '../problems/refusal.js';
import type { Scope } from './scope.js';

export const SIGN_IN_COOKIE = 'otter_sign_in';
/** As whom the tab acts that sends a request. */
export const TRAINER_HEADER = 'otter-trainer';

declare module 'fastify' {
  interface FastifyContextConfig {
    /** True for the few routes that answer without a session. */
    open?: boolean;
    /** True for those that only an owner of the studio may ask. */
    owners?: boolean;
  }
}

const NOBODY: Scope = {
  studioId: '',
  trainerId: '',
  trainerName: '',
  trainerEmail: '',
  role: 'trainer',
  zone: 'UTC',
  inspectionRule: DEFAULT_INSPECTION_RULE,
  units: USUAL_UNITS,
  eyesRule: false,
  breakDays: DEFAULT_BREAK_DAYS,
  now: new Date(0),
};

/** Every route asks for a session unless it says it is open. */
export const signInPlugin = fp(
  (app: FastifyInstance, _options, done) => {
    app.decorateRequest('scope');
    app.addHook('onRequest', async (request) => {
      request.scope = NOBODY;
      if (request.routeOptions.config.open === true) return;
      const token = request.cookies[SIGN_IN_COOKIE];
      const scope = token === undefined ? undefined : await app.signIns.scopeOf(token);
      request.scope = scope ?? refuse('signed-out');
      const { owners } = request.routeOptions.config;
      if (owners === true && request.scope.role !== 'owner') refuse('owners-only');
      // The cookie is shared by all tabs: what one of them wrote for a trainer is not a colleague's.
      const acting = request.headers[TRAINER_HEADER];
      if (acting !== undefined && acting !== request.scope.trainerId) refuse('another-trainer');
    });
    done();
  },
  { name: 'sign-in', fastify: '5.x', dependencies: ['@fastify/cookie', 'known-sign-ins'] },
);
