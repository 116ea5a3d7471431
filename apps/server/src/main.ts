import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { buildApp } from './app.js';
import { openDatabase } from './database/data-source.js';
import { loadDemo } from './demo/load-demo.js';
import { readConfig } from './platform/config.js';

const ROOT = fileURLToPath(new URL('../../..', import.meta.url));

const config = readConfig(process.env);
const database = await openDatabase(config.databaseUrl);
if (config.demo) await loadDemo(database, join(ROOT, 'demo'));
const app = await buildApp({
  database,
  webFolder: join(ROOT, 'apps/web/dist/browser'),
  plainHttp: config.plainHttp,
  logLevel: config.logLevel,
});
await app.listen({ host: config.host, port: config.port });
// The start script waits for this line.
console.log(`ready http://${config.host}:${config.port}`);

let closing = false;
async function close(): Promise<void> {
  if (closing) return;
  closing = true;
  await app.close();
  await database.destroy();
}
process.on('SIGINT', () => void close());
process.on('SIGTERM', () => void close());
