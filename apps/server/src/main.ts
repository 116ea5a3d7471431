import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { buildApp } from './app.js';
import { RECORD_SOURCES, RECOUNTS } from './areas/areas.js';
import { openDatabase } from './open-database.js';
import { loadDemo } from './demo/load-demo.js';
import { oneAtATime } from './platform/database/one-at-a-time.js';
import { readConfig } from './platform/config.js';
import { firstStartCode } from './areas/account/first-start.js';
import { renewFigures } from './areas/renewal/renew-figures.js';
import { ensureRecords, rebuildRecords } from './platform/records/rebuild-records.js';
import { forgetConfirmed } from './platform/records/forget-confirmed.js';
import { createRecordKeeper } from './platform/records/record-keeper.js';
import { Mailer } from './platform/mail/mailer.js';
import { createSolverPool } from './platform/solving/solver.js';

const ROOT = fileURLToPath(new URL('../../..', import.meta.url));

async function start(): Promise<() => Promise<void>> {
  const config = readConfig(process.env);
  const database = await openDatabase(config.databaseUrl);
  const keeper = createRecordKeeper(RECORD_SOURCES);
  await oneAtATime(config.databaseUrl, async () => {
    const renewed = await renewFigures(database, keeper);
    await (renewed > 0 ? rebuildRecords : ensureRecords)(database, keeper, RECOUNTS);
    if (config.demo) await loadDemo(database, keeper, join(ROOT, 'demo'));
  });
  const code = await firstStartCode(database);
  const endForgetting = await forgetConfirmed(database);
  const solver = createSolverPool();
  const app = await buildApp({
    database,
    keeper,
    solver,
    mailer: new Mailer({
      database,
      address: config.address,
      smtpUrl: config.smtpUrl,
      from: config.mailFrom,
    }),
    webFolder: join(ROOT, 'apps/web/dist/browser'),
    plainHttp: config.plainHttp,
    gaugeUrl: config.gaugeUrl,
    trustProxy: config.trustProxy,
    logLevel: config.logLevel,
  });
  await app.listen({ host: config.host, port: config.port });
  if (code !== undefined) console.log(`The code that makes your studio: ${code}`);
  // The start script waits for this line.
  console.log(`ready http://${config.host}:${config.port}`);
  return async () => {
    endForgetting();
    await app.close();
    await solver.close();
    await database.destroy();
  };
}

try {
  const close = await start();
  process.once('SIGINT', () => void close());
  process.once('SIGTERM', () => void close());
} catch (error) {
  // A wrong address or password is for the person at the keyboard, not for a debugger.
  console.error(
    `Wiry Otter cannot start. ${error instanceof Error ? error.message : String(error)}`,
  );
  process.exitCode = 1;
}
