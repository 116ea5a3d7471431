import fastifyCompress from '@fastify/compress';
import fastifyCookie from '@fastify/cookie';
import fastifyHelmet from '@fastify/helmet';
import fastifySwagger from '@fastify/swagger';
import fastify from 'fastify';
import {
  jsonSchemaTransform,
  serializerCompiler,
  type ZodTypeProvider,
} from 'fastify-type-provider-zod';
import * as z from 'zod';
import type { DataSource } from 'typeorm';
import { AREAS } from './areas/areas.js';
import type { RouteOptions } from './areas/route-options.js';
import { knownSignIns } from './platform/access/known-sign-ins.js';
import { sameOrigin } from './platform/access/same-origin.js';
import { signInPlugin } from './platform/access/sign-in-plugin.js';
import type { App } from './platform/app-context.js';
import type { Mailer } from './platform/mail/mailer.js';
import { gracefulStop } from './platform/graceful-stop.js';
import { health } from './platform/health.js';
import { LOG_SERIALIZERS } from './platform/logging.js';
import { notifications } from './platform/database/notifications.js';
import { webFiles } from './platform/web-files.js';
import { problemsPlugin, validateWithZod } from './platform/problems/plugin.js';
import { refuse } from './platform/problems/refusal.js';
import type { RecordKeeper } from './platform/records/record-keeper.js';
import { recordRoutes } from './platform/records/routes.js';
import { scopedRequests, type ScopedRequestsOptions } from './platform/records/scoped-requests.js';
import { stream } from './platform/records/stream.js';
import type { Solver } from './platform/solving/solver.js';

export interface AppOptions {
  readonly database: DataSource;
  readonly keeper: RecordKeeper;
  /** Computes set-ups. */
  readonly solver: Solver;
  /** Folder of the built web application; nothing is served where there is none. */
  readonly webFolder: string;
  /** Sends what studios have sent. */
  readonly mailer: Mailer;
  /** Whether the session cookie may travel over plain HTTP (loopback only). */
  readonly plainHttp: boolean;
  /** Where the simulated scale listens; null where there is none. */
  readonly gaugeUrl: string | null;
  /** Proxies whose word on addresses and hosts is taken. */
  readonly trustProxy?: readonly string[];
  readonly logLevel: 'silent' | 'warn' | 'info';
  /** Where lines of the log go; to the standard output unless it is said. */
  readonly logTo?: { write(line: string): void };
}

/** Puts the application together; it listens when told to. */
export async function buildApp(options: AppOptions): Promise<App> {
  const app = fastify({
    logger: {
      level: options.logLevel,
      serializers: LOG_SERIALIZERS,
      ...(options.logTo === undefined ? {} : { stream: options.logTo }),
    },
    trustProxy: options.trustProxy?.length ? [...options.trustProxy] : false,
    // What comes over a connection that is kept is answered to the end of the process.
    return503OnClosing: false,
    forceCloseConnections: 'idle',
    bodyLimit: 1_048_576,
    routerOptions: { ignoreTrailingSlash: true },
  }).withTypeProvider<ZodTypeProvider>();
  app.setValidatorCompiler(validateWithZod);
  app.setSerializerCompiler(serializerCompiler);
  app.decorate('database', options.database);
  app.decorate('solver', options.solver);
  app.decorate('mailer', options.mailer);
  app.addHook('onClose', () => options.mailer.close());
  await app.register(problemsPlugin);
  await app.register(gracefulStop);
  await app.register(fastifyHelmet, {
    contentSecurityPolicy: {
      directives: {
        'worker-src': ["'self'"],
        // A hanging scale speaks from a program beside the browser, not from this server.
        'connect-src': ["'self'", ...(options.gaugeUrl === null ? [] : [options.gaugeUrl])],
        'style-src': ["'self'", "'unsafe-inline'"],
        // Plain loopback has no other protocol to upgrade to.
        'upgrade-insecure-requests': null,
      },
    },
    strictTransportSecurity: !options.plainHttp,
  });
  // Measured on pages of the feed: a ninth of the bytes for a sixth of the rate; Brotli costs more than
  // half of it for the last tenth.
  await app.register(fastifyCompress, { encodings: ['gzip', 'identity'] });
  await app.register(fastifyCookie);
  await app.register(fastifySwagger, {
    openapi: { info: { title: 'Wiry Otter', version: '0.1.0' } },
    transform: jsonSchemaTransform,
  });
  const { keeper, plainHttp, gaugeUrl } = options;
  await app.register(notifications, { databaseUrl: databaseUrlOf(options.database) });
  await app.register(knownSignIns);
  await app.register(stream);
  await app.register(apiRoutes, { prefix: '/api', keeper, plainHttp, gaugeUrl });
  await app.register(health);
  await app.register(webFiles, { folder: options.webFolder });
  app.setNotFoundHandler({ preHandler: [] }, () => refuse('not-found'));
  return app;
}

async function apiRoutes(
  app: App,
  { gaugeUrl, keeper, plainHttp }: RouteOptions & ScopedRequestsOptions,
): Promise<void> {
  // The sign-in guards the API alone; the application's files are for everybody.
  await app.register(sameOrigin);
  await app.register(signInPlugin);
  await app.register(scopedRequests, { keeper });
  await app.register(recordRoutes);
  for (const routes of AREAS.flatMap((area) => area.routes)) {
    await app.register(routes, { gaugeUrl, plainHttp });
  }
  app.get('/openapi.json', { schema: { hide: true, response: { 200: z.unknown() } } }, () =>
    app.swagger(),
  );
}

function databaseUrlOf({ options }: DataSource): string {
  const url = options.type === 'postgres' ? options.url : undefined;
  if (url === undefined) throw new Error('the database was not opened by its URL');
  return url;
}
