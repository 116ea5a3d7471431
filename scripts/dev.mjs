// `npm run dev`: the app rebuilt and reloaded on every change, the API behind it started anew.
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { ensureNpmPackages } from './machine/install.mjs';
import { freePort } from './machine/ports.mjs';
import { DEMO_SIGN_IN, Services } from './machine/services.mjs';
import { quietAngular } from './machine/web-build.mjs';

const ROOT = fileURLToPath(new URL('..', import.meta.url));
const DEFAULT_PORT = 4200;
const FIRST_API_PORT = 4430;
const services = new Services(ROOT);

async function dev() {
  ensureNpmPackages(ROOT);
  const databaseUrl = await services.database(
    process.env.DATABASE_URL,
    join(process.env.OTTER_DATA ?? join(ROOT, '.data'), 'postgres'),
  );
  const apiPort = await freePort(FIRST_API_PORT);
  await services.app({ databaseUrl, port: apiPort, watch: true });
  const port = await freePort(Number(process.env.PORT ?? DEFAULT_PORT));
  console.log(`
API on http://127.0.0.1:${apiPort}; the app, once it is built: http://127.0.0.1:${port}
Sign in as the demo trainer: ${DEMO_SIGN_IN}
Ctrl-C stops everything.`);
  services.run('npx', ['ng', 'serve', '--host', '127.0.0.1', '--port', String(port)], {
    cwd: join(ROOT, 'apps/web'),
    // The proxy reads where the API is (apps/web/dev-proxy.mjs).
    env: { ...quietAngular(), OTTER_API_PORT: String(apiPort) },
  });
}

dev().catch(async (error) => {
  console.error(`npm run dev: ${error.message}`);
  await services.stop(1);
});
