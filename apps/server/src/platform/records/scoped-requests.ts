import type { FastifyInstance } from 'fastify';
import fp from 'fastify-plugin';
import type { RecordKeeper } from './record-keeper.js';
import { ScopedManager } from './scoped-manager.js';

export interface ScopedRequestsOptions {
  readonly keeper: RecordKeeper;
}

/** Gives every request behind the sign-in the tables as its trainer sees them. */
export const scopedRequests = fp(
  (app: FastifyInstance, { keeper }: ScopedRequestsOptions, done) => {
    app.decorateRequest('scoped');
    app.addHook('onRequest', (request, _reply, next) => {
      request.scoped = new ScopedManager(app.database.manager, keeper, request.scope);
      next();
    });
    done();
  },
  { name: 'scoped-requests', fastify: '5.x', dependencies: ['sign-in'] },
);
