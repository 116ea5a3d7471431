import fastifyStatic from '@fastify/static';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { refuse } from './problems/refusal.js';
import type { App } from './app-context.js';

export interface WebFilesOptions {
  /** Folder of the built web application. */
  readonly folder: string;
}

/** As the build names its files: `chunk-KTWGJ477.js`. */
const HASHED = /-[A-Z0-9]{8}\.\w+$/;
const FOR_EVER = 'public, max-age=31536000, immutable';

/** Serves the built application; every page of it is answered with its one document. */
export async function webFiles(app: App, { folder }: WebFilesOptions): Promise<void> {
  if (!existsSync(join(folder, 'index.html'))) return;
  await app.register(fastifyStatic, {
    root: folder,
    wildcard: false,
    cacheControl: false,
    setHeaders: (response, path) => {
      // A name that carries a hash of its contents never changes; all else is asked for again.
      response.setHeader('cache-control', HASHED.test(path) ? FOR_EVER : 'no-cache');
    },
  });
  app.route({
    method: ['GET', 'HEAD'],
    url: '/*',
    handler: (request, reply) => {
      // Neither an unknown call nor a file of an older build is a page.
      if (/^\/api(\/|$)|\.\w+(\?|$)/.test(request.url)) return refuse('not-found');
      return reply.header('cache-control', 'no-cache').sendFile('index.html');
    },
  });
}
