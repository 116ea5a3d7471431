// `npm run build`: installs what is missing and builds what a service unit starts.
import { fileURLToPath } from 'node:url';
import { ensureNpmPackages } from './machine/install.mjs';
import { buildServer } from './machine/server-build.mjs';
import { ensureWebBuild } from './machine/web-build.mjs';

const ROOT = fileURLToPath(new URL('..', import.meta.url));

ensureNpmPackages(ROOT);
ensureWebBuild(ROOT);
const args = await buildServer(ROOT);
console.log(`Built. The server is started by: node ${args.join(' ').replaceAll(ROOT, '')}`);
