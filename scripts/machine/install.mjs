// Installs what is missing: npm packages from the lock file, programs from Debian's packages.
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { createHash } from 'node:crypto';
import { join } from 'node:path';
import { isRoot, run, succeeds } from './processes.mjs';

/** Installs the npm packages unless those of this lock file are there already. */
export function ensureNpmPackages(root) {
  const stamp = join(root, 'node_modules', '.installed-from');
  const lock = createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .digest('hex');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return;
  console.log('Installing npm packages …');
  run('npm', ['ci', '--no-audit', '--no-fund'], { cwd: root, stdio: 'inherit' });
  writeFileSync(stamp, lock);
}

/** Installs a Debian package unless `isThere` says its program is. */
export function ensureDebianPackage(name, isThere) {
  if (isThere()) return;
  if (!isRoot && !succeeds('sudo', ['-n', 'true'])) {
    throw new Error(`${name} is missing; install it with apt-get as root, or allow sudo`);
  }
  console.log(`Installing ${name} from Debian's packages …`);
  const apt = (...args) => {
    const command = ['env', 'DEBIAN_FRONTEND=noninteractive', 'apt-get', ...args];
    if (isRoot) run(command[0], command.slice(1));
    else run('sudo', ['-n', ...command]);
  };
  apt('update');
  apt('install', '-y', '--no-install-recommends', name);
  if (!isThere()) throw new Error(`${name} was installed, but its program was not found`);
}
