import { type Chain, describeChain } from '../body/chain.js';
import { BUILT_IN_CONTACTS, contactNames, hasContact } from '../body/contacts.js';
import { CHAIN, SEGMENTS } from '../body/segments.js';
import { demandContacts, demandJoints, demandSegments } from '../demand/kinds/demand-kinds.js';
import { type Fault, listNames } from '../faults.js';
import type { Setup } from './setup.js';

/** A set-up under check. The faults gather in one list: a set-up in order costs no other. */
export interface NameCheck {
  readonly setup: Setup;
  readonly chain: Chain;
  readonly faults: Fault[];
}

/**
 * All names of a set-up that nothing carries, or that two things carry. A
 * point, a link, an exercise's own contact and a body contact must differ.
 */
export function checkNames(setup: Setup): readonly Fault[] {
  const check = beginNameCheck(setup);
  checkClashes(check);
  checkBandIds(check);
  checkRuns(check);
  checkLinks(check);
  checkLoads(check);
  checkDemand(check);
  return check.faults;
}

/** A check without faults yet, for what else names things of a set-up. */
export function beginNameCheck(setup: Setup): NameCheck {
  return { setup, chain: describeChain(setup.exercise), faults: [] };
}

function checkClashes({ setup, faults }: NameCheck): void {
  const taken = new Map<string, string>();
  const claim = (named: object | undefined, path: string, what: string): void => {
    for (const name in named) {
      const owner = BUILT_IN_CONTACTS.has(name) ? 'a body contact' : taken.get(name);
      if (owner === undefined) taken.set(name, what);
      else {
        faults.push({
          code: 'name-clash',
          path: `${path}.${name}`,
          found: `"${name}", also the name of ${owner}`,
          expected: 'a name of its own',
        });
      }
    }
  };
  claim(setup.exercise.contacts, '$.exercise.contacts', "the exercise's contact");
  claim(setup.points, '$.points', 'a point');
  claim(setup.links, '$.links', 'a link');
}

function checkBandIds({ setup, faults }: NameCheck): void {
  const seen = new Set<string>();
  setup.bands.forEach(({ id }, i) => {
    if (seen.has(id)) {
      faults.push(nameClash(`$.bands[${i}].id`, id, 'an id that no other band has'));
    }
    seen.add(id);
  });
}

function checkRuns(check: NameCheck): void {
  const { setup, faults } = check;
  const bands = new Set(setup.bands.map((band) => band.id));
  const used = new Set<string>();
  setup.runs.forEach((run, r) => {
    const path = `$.runs[${r}]`;
    if (!bands.has(run.band)) faults.push(unknownName(`${path}.band`, run.band, 'a band', bands));
    if (used.has(run.band)) {
      faults.push(nameClash(`${path}.band`, run.band, 'one run for each band'));
    }
    used.add(run.band);
    checkPath(check, run, path);
  });
}

/** Names of a path that nothing carries, and of what holds it fast. */
export function checkPath(
  check: NameCheck,
  {
    path,
    pinned,
  }: { readonly path: readonly string[]; readonly pinned?: readonly string[] | undefined },
  at: string,
): void {
  const { setup, faults } = check;
  const { points, links = {} } = setup;
  path.forEach((name, i) => {
    if (isContact(check, name) || Object.hasOwn(points, name)) return;
    if (Object.hasOwn(links, name)) return;
    const known = [...bodyContacts(check), ...Object.keys(points), ...Object.keys(links)];
    faults.push(unknownName(`${at}.path[${i}]`, name, 'a contact, point or link', known));
  });
  pinned?.forEach((name, i) => {
    if (path.includes(name) && !Object.hasOwn(links, name)) return;
    const held = path.filter((other) => !Object.hasOwn(links, other));
    faults.push(unknownName(`${at}.pinned[${i}]`, name, 'what is in the path and no link', held));
  });
}

/** A link that no run touches has no place, and none is worth the solver's time. */
function checkLinks({ setup, faults }: NameCheck): void {
  for (const name of Object.keys(setup.links ?? {})) {
    if (setup.runs.some(({ path }) => path.includes(name))) continue;
    faults.push({
      code: 'unknown-name',
      path: `$.links.${name}`,
      found: 'a link that no run touches',
      expected: 'a link on the path of a run',
    });
  }
}

function checkLoads(check: NameCheck): void {
  check.setup.loads?.forEach(({ at }, i) => checkContact(check, `$.loads[${i}].at`, at));
}

function checkDemand(check: NameCheck): void {
  const { demand, plane, limbs } = check.setup.exercise;
  const path = (key: string): string => `$.exercise.demand.${key}`;
  for (const { key, name } of demandContacts(demand)) checkContact(check, path(key), name);
  for (const { key, name } of demandJoints(demand, { plane, limbs })) {
    checkJoint(check, path(key), name);
  }
  for (const { key, name } of demandSegments(demand)) {
    if (isGiven(check, name)) continue;
    const given = CHAIN.filter((other) => isGiven(check, other));
    check.faults.push(
      unknownName(path(key), name, `a segment for ${demand.kind}, which the poses give`, given),
    );
  }
}

function checkContact(check: NameCheck, path: string, name: string): void {
  if (isContact(check, name)) return;
  check.faults.push(unknownName(path, name, 'a body contact', bodyContacts(check)));
}

function checkJoint({ chain, faults }: NameCheck, path: string, joint: string): void {
  if ((chain.reached as ReadonlySet<string>).has(joint)) return;
  faults.push(unknownName(path, joint, 'a joint the poses give', chain.reached));
}

function isContact({ setup, chain }: NameCheck, name: string): boolean {
  return hasContact(setup.exercise, chain, name);
}

function bodyContacts({ setup, chain }: NameCheck): string[] {
  return contactNames(setup.exercise, chain);
}

/** Whether a segment has both a direction and a place. */
function isGiven({ chain }: NameCheck, segment: (typeof CHAIN)[number]): boolean {
  return chain.named.has(segment) && chain.reached.has(SEGMENTS[segment].from);
}

export function unknownName(
  path: string,
  name: string,
  what: string,
  known: Iterable<string>,
): Fault {
  return {
    code: 'unknown-name',
    path,
    found: `"${name}"`,
    expected: `${what}: ${listNames(known)}`,
  };
}

export function nameClash(path: string, name: string, expected: string): Fault {
  return { code: 'name-clash', path, found: `"${name}" again`, expected };
}
