import { copyFileSync } from 'node:fs';
import { join } from 'node:path';
import { succeeds } from '../machine/processes.mjs';
import { expect } from './expect.mjs';

/** The service unit, where there is a systemd to ask. */
export function checkUnit({ folder, root }) {
  if (!succeeds('systemd-analyze', ['--version'])) {
    console.log('– there is no systemd here: the service unit was not verified');
    return;
  }
  const unit = join(folder, 'wiry-otter@4401.service');
  copyFileSync(join(root, 'deploy/wiry-otter@.service'), unit);
  expect(succeeds('systemd-analyze', ['verify', unit]), 'systemd takes the service unit');
}
