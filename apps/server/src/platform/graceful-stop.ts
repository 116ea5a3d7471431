import type { FastifyInstance } from 'fastify';
import fp from 'fastify-plugin';

/**
 * A process that stops answers what is under way and tells each browser, or the proxy between, that the
 * connection ends with it: the next request goes to another process.
 */
export const gracefulStop = fp(
  (app: FastifyInstance, _options, done) => {
    let isStopping = false;
    app.addHook('preClose', () => {
      isStopping = true;
    });
    app.addHook('onSend', (_request, reply, payload, next) => {
      if (isStopping) reply.header('connection', 'close');
      next(null, payload);
    });
    done();
  },
  { name: 'graceful-stop', fastify: '5.x' },
);
