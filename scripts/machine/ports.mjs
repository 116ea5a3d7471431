// Finds free ports on loopback and says who holds a taken one.
import { readdirSync, readFileSync, readlinkSync } from 'node:fs';
import { createServer } from 'node:net';

/** The first free port from `wanted` on; tells `onTaken(port, holder)` of each that is not. */
export async function freePort(wanted, onTaken = () => {}) {
  for (let port = wanted; port < wanted + 200; port++) {
    if (await isFree(port)) return port;
    onTaken(port, holderOf(port));
  }
  throw new Error(`no free port from ${wanted} to ${wanted + 199}`);
}

function isFree(port) {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, '127.0.0.1', () => probe.close(() => resolve(true)));
  });
}

/** Name and id of the process that listens on a port, as far as we may see it. */
function holderOf(port) {
  const socket = listeningSocket(port);
  const pid = socket && processWithSocket(socket);
  if (!pid) return 'another process';
  return `${readFileSync(`/proc/${pid}/comm`, 'utf8').trim()} (process ${pid})`;
}

function listeningSocket(port) {
  const LISTEN = '0A';
  const hexPort = port.toString(16).toUpperCase().padStart(4, '0');
  for (const table of ['/proc/net/tcp', '/proc/net/tcp6']) {
    for (const line of linesOf(table)) {
      const [, local, , state, , , , , , inode] = line.trim().split(/\s+/);
      if (state === LISTEN && local.endsWith(`:${hexPort}`)) return inode;
    }
  }
  return undefined;
}

function processWithSocket(inode) {
  return readdirSync('/proc')
    .filter((name) => /^\d+$/.test(name))
    .find((pid) => {
      try {
        return readdirSync(`/proc/${pid}/fd`).some(
          (fd) => readlinkSync(`/proc/${pid}/fd/${fd}`) === `socket:[${inode}]`,
        );
      } catch {
        return false; // not ours to read, or gone meanwhile
      }
    });
}

function linesOf(path) {
  try {
    return readFileSync(path, 'utf8').split('\n').slice(1);
  } catch {
    return [];
  }
}
