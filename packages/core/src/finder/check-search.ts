import { type Fault } from '../faults.js';
import {
  beginNameCheck,
  checkNames,
  checkPath,
  nameClash,
  unknownName,
} from '../rig/check-names.js';
import type { SearchSpace } from './search.js';

/** All names of a search that nothing carries, or that two things carry. */
export function checkSearch({
  bandCost = {},
  reach,
  routes,
  setup,
}: SearchSpace): readonly Fault[] {
  const whole = { ...setup, runs: [] };
  const faults = checkNames(whole).map((fault) => ({
    ...fault,
    path: fault.path.replace(/^\$/, '$.setup'),
  }));
  const check = beginNameCheck(whole);
  const seen = new Set<string>();
  routes.forEach((route, r) => {
    if (seen.has(route.id)) {
      check.faults.push(nameClash(`$.routes[${r}].id`, route.id, 'an id that no other route has'));
    }
    seen.add(route.id);
    checkPath(check, route, `$.routes[${r}]`);
    if (route.opposite !== undefined) checkPath(check, route.opposite, `$.routes[${r}].opposite`);
  });
  if ('point' in reach && !Object.hasOwn(setup.points, reach.point)) {
    check.faults.push(
      unknownName('$.reach.point', reach.point, 'a point', Object.keys(setup.points)),
    );
  }
  const bands = new Set(setup.bands.map(({ id }) => id));
  for (const id of Object.keys(bandCost)) {
    if (!bands.has(id)) check.faults.push(unknownName(`$.bandCost.${id}`, id, 'a band', bands));
  }
  return [...faults, ...check.faults];
}
