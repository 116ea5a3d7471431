import fastifyStatic from '@fastify/static';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { refuse } from './problems/refusal.js';
import type { App } from './app-context.js';

export interface WebFilesOptions {
  /** Folder of the built web application. */
  readonly folder: string;
}

/** Serves the built application; every page of it is answered with its one document. */
export async function webFiles(app: App, { folder }: WebFilesOptions): Promise<void> {
  if (!existsSync(join(folder, 'index.html'))) return;
  await app.register(fastifyStatic, {
    root: folder,
    wildcard: false,
    // File names carry a hash of their contents, so they never change.
    immutable: true,
    maxAge: '365d',
    setHeaders: (response, path) => {
      if (path.endsWith('index.html')) response.setHeader('cache-control', 'no-cache');
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
