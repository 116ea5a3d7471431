// `npm run screenshots`: pictures of the main views, made from the demo data, into docs/screenshots.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { ensureChromium, ensureNpmPackages } from './machine/install.mjs';
import { removeCluster } from './machine/postgres.mjs';
import { stream } from './machine/processes.mjs';
import { startApp } from './machine/start-app.mjs';

const ROOT = fileURLToPath(new URL('..', import.meta.url));

ensureNpmPackages(ROOT);
ensureChromium();
const data = mkdtempSync(join(tmpdir(), 'wiry-otter-pictures-'));
const { address, stop } = await startApp(ROOT, data);
const { code } = await stream(process.execPath, ['--import', 'tsx', 'e2e/screenshots.ts'], {
  cwd: ROOT,
  env: { ...process.env, OTTER_ADDRESS: address },
});
await stop();
removeCluster(join(data, 'postgres'));
rmSync(data, { recursive: true, force: true });
process.exit(code);
