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
  const sudo = isRoot ? [] : sudoCommand(name);
  console.log(`Installing ${name} from Debian's packages …`);
  const apt = (...args) => {
    const [program, ...rest] = [
      ...sudo,
      'env',
      'DEBIAN_FRONTEND=noninteractive',
      'apt-get',
      ...args,
    ];
    // sudo asks for the password on the terminal itself.
    run(program, rest, { stdio: ['inherit', 'pipe', 'pipe'] });
  };
  apt('update');
  apt('install', '-y', '--no-install-recommends', name);
  if (!isThere()) throw new Error(`${name} was installed, but its program was not found`);
}

/** Debian's Chromium, which drives every test and bench that needs a browser. */
export const CHROMIUM = '/usr/bin/chromium';

export function ensureChromium() {
  ensureDebianPackage('chromium', () => succeeds(CHROMIUM, ['--version']));
}

/** `sudo`, asking for a password only where somebody can type one. */
function sudoCommand(name) {
  if (succeeds('sudo', ['-n', 'true'])) return ['sudo', '-n'];
  if (process.stdin.isTTY && succeeds('sudo', ['-V'])) return ['sudo'];
  throw new Error(`${name} is missing; install it with apt-get as root, or allow sudo`);
}
