import type { FastifyRequest } from 'fastify';

/** What a failure is written down with. */
interface Failure {
  readonly name?: string;
  readonly message?: string;
  readonly code?: string;
  readonly stack?: string;
}

/**
 * Logs for who runs the server: which route, not what was asked of it. Neither addresses nor ids nor
 * bodies nor the values of a statement are written down.
 */
export const LOG_SERIALIZERS = {
  req: ({ method, routeOptions }: FastifyRequest) => ({
    method,
    route: routeOptions?.url ?? 'no route',
  }),
  err: ({ code, message = '', name, stack }: Failure) => ({
    ...{ type: name ?? 'Error', message },
    ...(code === undefined ? {} : { code }),
    stack: stack ?? '',
  }),
};
