import { spawn } from 'node:child_process';
import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { removeCluster } from '../machine/postgres.mjs';
import { expect } from './expect.mjs';

/** A start that was killed while it made its database, and two starts on one folder. */
export async function checkFolders({ folder, root, stops }) {
  const home = join(folder, 'first-start');
  const starting = () =>
    spawn(
      process.execPath,
      [
        '--input-type=module',
        '-e',
        `const { startCluster } = await import(${JSON.stringify(new URL('../machine/postgres.mjs', import.meta.url).href)});
         const { url } = await startCluster(${JSON.stringify(home)}, { durable: false });
         console.log(url);`,
      ],
      { cwd: root, detached: true, stdio: ['ignore', 'pipe', 'ignore'] },
    );
  const killed = starting();
  await until(() => existsSync(home) && readdirSync(home).some((name) => /^data-\d+$/.test(name)));
  process.kill(-killed.pid, 'SIGKILL');
  await new Promise((gone) => killed.once('exit', gone));
  const said = await Promise.all([starting(), starting()].map(lineOf));
  stops.push(() => removeCluster(home));
  expect(
    said[0] !== '' && said[0] === said[1],
    'after a start that was killed while it made its database, two starts at once share a whole one',
  );
  removeCluster(home);
}

/** Waits until something is so; not for ever. */
async function until(isSo, patience_ms = 20_000) {
  for (const begun = Date.now(); !isSo();) {
    if (Date.now() - begun > patience_ms)
      throw new Error(`not so after ${patience_ms} ms: ${isSo}`);
    await new Promise((resolve) => setTimeout(resolve, 20));
  }
}

function lineOf(child) {
  return new Promise((resolve) => {
    let text = '';
    child.stdout.on('data', (chunk) => (text += chunk));
    child.once('exit', () => resolve(text.trim().split('\n').at(-1) ?? ''));
  });
}
