import { randomInt } from 'node:crypto';
import { RECORD_SOURCES } from './areas/areas.js';
import { setPassword } from './areas/account/password-links.js';
import { openDatabase } from './open-database.js';
import { scopeOfTrainer } from './platform/access/scope-of-trainer.js';
import { findTrainerByEmail } from './platform/access/sign-in-store.js';
import { readConfig } from './platform/config.js';
import { createRecordKeeper } from './platform/records/record-keeper.js';
import { ScopedManager } from './platform/records/scoped-manager.js';

// `npm run reset-password -- <e-mail>`: for a trainer who has lost the password and the mailbox.

/** Without letters and figures that are taken for one another. */
const LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789';
const PASSWORD_LENGTH = 16;

const [email = ''] = process.argv.slice(2);
const database = await openDatabase(readConfig(process.env).databaseUrl);
try {
  const trainer = await findTrainerByEmail(database, email.trim().toLowerCase());
  const scope = trainer && (await scopeOfTrainer(database, trainer, new Date()));
  if (scope === undefined) throw new Error(`nobody signs in with the e-mail "${email}"`);
  const password = Array.from(
    { length: PASSWORD_LENGTH },
    () => LETTERS[randomInt(LETTERS.length)],
  ).join('');
  const scoped = new ScopedManager(database.manager, createRecordKeeper(RECORD_SOURCES), scope);
  await scoped.transaction((inside) => setPassword(inside, password));
  // What was guessed meanwhile locks nobody out.
  await database.query('DELETE FROM attempt_limit WHERE position($1 in key) > 0', [
    scope.trainerEmail,
  ]);
  console.log(`${scope.trainerName} signs in with ${scope.trainerEmail} and the password ${password}
Every other sign-in has ended. Change the password on the page "You" once you are in.`);
} catch (error) {
  console.error(`reset-password: ${error instanceof Error ? error.message : String(error)}`);
  process.exitCode = 1;
}
await database.destroy();
