import { type Fault, listNames } from '../faults.js';
import type { Setup } from './setup.js';

/**
 * The first ring of links that hangs on nothing: runs that meet only each
 * other never reach a contact or a point, so that nothing pulls on them.
 */
export function findHangingLinks({ links, runs }: Setup): Fault | undefined {
  if (links === undefined) return undefined;
  const held = new Set<string>();
  const isLink = (name: string): boolean => Object.hasOwn(links, name);
  let before = -1;
  while (held.size > before) {
    before = held.size;
    for (const { path } of runs) {
      if (!path.some((name) => !isLink(name) || held.has(name))) continue;
      for (const name of path) if (isLink(name)) held.add(name);
    }
  }
  const hanging = Object.keys(links).filter((name) => !held.has(name));
  const [first] = hanging;
  if (first === undefined) return undefined;
  return {
    code: 'computation',
    path: `$.links.${first}`,
    found: `runs in a ring through ${listNames(hanging)} alone`,
    expected: 'a run from one of them to a contact or a point',
  };
}
