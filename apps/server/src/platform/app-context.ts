import type { FastifyInstance, RawServerDefault } from 'fastify';
import type { IncomingMessage, ServerResponse } from 'node:http';
import type { FastifyBaseLogger } from 'fastify';
import type { ZodTypeProvider } from 'fastify-type-provider-zod';
import type { DataSource } from 'typeorm';
import type { Mailer } from './mail/mailer.js';
import type { Solver } from './solving/solver.js';
import type { Scope } from './access/scope.js';
import type { ScopedManager } from './records/scoped-manager.js';

declare module 'fastify' {
  interface FastifyInstance {
    readonly database: DataSource;
    readonly solver: Solver;
    readonly mailer: Mailer;
  }
  interface FastifyRequest {
    /** Set for every route behind the sign-in. */
    scope: Scope;
    /** The tables as this request's trainer sees them. */
    scoped: ScopedManager;
  }
}

/** An application whose routes are typed by their Zod schemas. */
export type App = FastifyInstance<
  RawServerDefault,
  IncomingMessage,
  ServerResponse,
  FastifyBaseLogger,
  ZodTypeProvider
>;
