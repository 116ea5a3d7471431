// Server processes as a service unit starts them, with what they log.
import { spawn } from 'node:child_process';
import { end } from '../machine/processes.mjs';

/** Starts one and resolves once it is ready; its log grows in `log.text`. */
export function startServer(root, args, env) {
  const child = spawn(process.execPath, args, {
    cwd: root,
    env: { ...process.env, NODE_ENV: 'production', OTTER_LOG: 'info', ...env },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  const log = { text: '' };
  return new Promise((resolve, reject) => {
    const read = (chunk) => {
      log.text += chunk;
      if (/^ready /m.test(log.text)) {
        resolve({
          log,
          /** As systemd stops it. */
          stop: () => end(child, 30_000),
          /** As the machine's memory ends. */
          kill: () =>
            new Promise((gone) => {
              child.once('exit', gone);
              child.kill('SIGKILL');
            }),
        });
      }
    };
    child.stdout.on('data', read);
    child.stderr.on('data', read);
    child.once('exit', (code) => reject(new Error(`the server ended with ${code}\n${log.text}`)));
  });
}
