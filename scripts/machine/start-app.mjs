// Starts the product as `npm start` does, with its database in a folder of its own.
import { spawn } from 'node:child_process';
import { createInterface } from 'node:readline';
import { end } from './processes.mjs';

/** Resolves with the address once it is ready, and with what stops it. */
export function startApp(root, data) {
  const child = spawn(process.execPath, ['scripts/start.mjs'], {
    cwd: root,
    env: { ...process.env, OTTER_DATA: data },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  return new Promise((resolve, reject) => {
    child.once('exit', (code) => reject(new Error(`npm start ended with ${code}`)));
    createInterface({ input: child.stdout }).on('line', (line) => {
      const address = /^Wiry Otter is ready: (\S+)/.exec(line)?.[1];
      if (address !== undefined) resolve({ address, stop: () => end(child, 20_000) });
    });
  });
}
