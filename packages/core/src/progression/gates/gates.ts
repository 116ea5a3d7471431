import { breakOfTraining } from './break.js';
import { doneLighter } from './done-lighter.js';
import { form } from './form.js';
import type { Gate } from './gate.js';
import { pain, painRising } from './pain.js';
import { clearance, ownStop, stopHolds } from './stop.js';

/**
 * The gates in the order they are weighed, for every school. The last one, that no school goes up to a
 * rung where the foot of its range is not likely, is asked where a school climbs.
 */
export const GATES: readonly Gate[] = [
  ownStop,
  clearance,
  stopHolds,
  pain,
  breakOfTraining,
  form,
  painRising,
  doneLighter,
];
