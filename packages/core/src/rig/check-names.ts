import { BUILT_IN_CONTACTS, contactNames } from '../body/contacts.js';
import type { Exercise } from '../body/exercise.js';
import { namedSegments, reachedJoints } from '../body/motion.js';
import { SEGMENTS } from '../body/segments.js';
import { type Fault, listNames } from '../faults.js';
import type { Setup } from './setup.js';

const BUILT_IN: ReadonlySet<string> = new Set(BUILT_IN_CONTACTS);

/**
 * All names of a set-up that nothing carries, or that two things carry. A
 * point, a link, an exercise's own contact and a body contact must differ.
 */
export function checkNames(setup: Setup): Fault[] {
  const contacts = contactNames(setup.exercise);
  return [
    ...clashingNames(setup),
    ...repeatedBands(setup),
    ...checkRuns(setup, contacts),
    ...checkLoads(setup, contacts),
    ...checkDemandNames(setup.exercise, contacts),
  ];
}

function clashingNames(setup: Setup): Fault[] {
  const taken = new Map<string, string>();
  const faults: Fault[] = [];
  const claim = (names: Iterable<string>, path: string, what: string): void => {
    for (const name of names) {
      const owner = BUILT_IN.has(name) ? 'a body contact' : taken.get(name);
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
  claim(
    Object.keys(setup.exercise.contacts ?? {}),
    '$.exercise.contacts',
    "the exercise's contact",
  );
  claim(Object.keys(setup.points), '$.points', 'a point');
  claim(Object.keys(setup.links ?? {}), '$.links', 'a link');
  return faults;
}

function repeatedBands(setup: Setup): Fault[] {
  const seen = new Set<string>();
  return setup.bands.flatMap(({ id }, i) => {
    if (!seen.has(id)) {
      seen.add(id);
      return [];
    }
    return [nameClash(`$.bands[${i}].id`, id, 'an id that no other band has')];
  });
}

function checkRuns(setup: Setup, contacts: ReadonlySet<string>): Fault[] {
  const bands = new Set(setup.bands.map((band) => band.id));
  const { points, links = {} } = setup;
  const isKnown = (name: string): boolean =>
    contacts.has(name) || Object.hasOwn(points, name) || Object.hasOwn(links, name);
  const known = (): string[] => [...contacts, ...Object.keys(points), ...Object.keys(links)];
  const used = new Set<string>();
  return setup.runs.flatMap((run, r) => {
    const faults: Fault[] = [];
    const path = `$.runs[${r}]`;
    if (!bands.has(run.band)) faults.push(unknownName(`${path}.band`, run.band, 'a band', bands));
    if (used.has(run.band)) {
      faults.push(nameClash(`${path}.band`, run.band, 'one run for each band'));
    }
    used.add(run.band);
    run.path.forEach((name, i) => {
      if (isKnown(name)) return;
      faults.push(unknownName(`${path}.path[${i}]`, name, 'a contact, point or link', known()));
    });
    return faults;
  });
}

function checkLoads(setup: Setup, contacts: ReadonlySet<string>): Fault[] {
  return (setup.loads ?? []).flatMap(({ at }, i) =>
    contacts.has(at) ? [] : [unknownName(`$.loads[${i}].at`, at, 'a body contact', contacts)],
  );
}

function checkDemandNames(exercise: Exercise, contacts: ReadonlySet<string>): Fault[] {
  const { demand } = exercise;
  if (demand.kind === 'support' || demand.kind === 'contact') {
    return demand.at.flatMap((name, i) =>
      contacts.has(name)
        ? []
        : [unknownName(`$.exercise.demand.at[${i}]`, name, 'a body contact', contacts)],
    );
  }
  const joints = reachedJoints(exercise);
  const needed = demand.kind === 'prop' ? (['at', 'pivot'] as const) : (['at'] as const);
  const faults = needed.flatMap((key) => {
    const joint = demand.kind === 'prop' ? demand[key] : demand.at;
    return joints.has(joint)
      ? []
      : [unknownName(`$.exercise.demand.${key}`, joint, 'a joint the poses give', joints)];
  });
  return [...faults, ...checkDemandSegments(exercise)];
}

function checkDemandSegments(exercise: Exercise): Fault[] {
  const { demand } = exercise;
  const joints = reachedJoints(exercise);
  const given = new Set(
    [...namedSegments(exercise)].filter((segment) => joints.has(SEGMENTS[segment].from)),
  );
  if (demand.kind === 'prop') {
    const missing = Object.keys(SEGMENTS).filter((segment) => !given.has(segment as never));
    if (missing.length === 0) return [];
    return [
      {
        code: 'unknown-name',
        path: '$.exercise.poses',
        found: `poses without ${listNames(missing)}`,
        expected: 'every segment, since a propped body is judged as a whole',
      },
    ];
  }
  if (demand.kind !== 'moment') return [];
  return demand.carries.flatMap((segment, i) =>
    given.has(segment)
      ? []
      : [
          unknownName(
            `$.exercise.demand.carries[${i}]`,
            segment,
            'a segment the poses give',
            given,
          ),
        ],
  );
}

function unknownName(path: string, name: string, what: string, known: Iterable<string>): Fault {
  return {
    code: 'unknown-name',
    path,
    found: `"${name}"`,
    expected: `${what}: ${listNames(known)}`,
  };
}

function nameClash(path: string, name: string, expected: string): Fault {
  return { code: 'name-clash', path, found: `"${name}" again`, expected };
}
