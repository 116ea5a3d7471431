// Runs other programs. Plain Node: these scripts work before any package is installed.
import { spawn, spawnSync } from 'node:child_process';

export const isRoot = process.getuid?.() === 0;

/** Runs a program to its end; throws with its output when it fails. */
export function run(command, args, options = {}) {
  const done = spawnSync(command, args, { encoding: 'utf8', maxBuffer: 1 << 26, ...options });
  if (done.error) throw new Error(`${command}: ${done.error.message}`);
  if (done.status !== 0) {
    const output = `${done.stdout ?? ''}${done.stderr ?? ''}`.trim();
    throw new Error(`${command} ${args.join(' ')} ended with ${done.status}\n${output}`);
  }
  return done.stdout ?? '';
}

/** Whether a program runs and ends well; its output does not matter. */
export function succeeds(command, args) {
  return spawnSync(command, args, { stdio: 'ignore' }).status === 0;
}

/** Runs a program to its end, showing its output; resolves with its exit code and what it printed. */
export function stream(command, args, options = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, { stdio: ['ignore', 'pipe', 'pipe'], ...options });
    let output = '';
    const show = (target) => (chunk) => {
      output += chunk;
      target.write(chunk);
    };
    child.stdout.on('data', show(process.stdout));
    child.stderr.on('data', show(process.stderr));
    child.on('error', reject);
    child.on('close', (code) => resolve({ code: code ?? 1, output }));
  });
}

/** Ends a child and waits until it has gone; insists after `patience_ms`. */
export function end(child, patience_ms = 8000) {
  if (child.exitCode !== null || child.signalCode !== null) return Promise.resolve();
  return new Promise((resolve) => {
    const insist = setTimeout(() => child.kill('SIGKILL'), patience_ms);
    child.once('exit', () => {
      clearTimeout(insist);
      resolve();
    });
    child.kill('SIGTERM');
  });
}
