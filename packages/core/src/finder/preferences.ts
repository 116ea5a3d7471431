import { GLANCE_STRETCH, type KnownBand, naturalPull } from '../care/known-band.js';
import type { Grade } from '../elastic/calibration.js';
import type { Route } from '../rig/compose.js';

/** How a trainer likes bands to be stacked. */
export const STACKINGS = ['fewestBands', 'easyToMount', 'smallestSteps'] as const;
export type Stacking = (typeof STACKINGS)[number];

/** What the trainer would rather have, set once; the finder weighs it as cost. */
export interface FinderPreferences {
  readonly stacking: Stacking;
  /** Bands that were measured before those known by their label. */
  readonly measuredFirst: boolean;
  /** The bands that are on before others. */
  readonly closeToSet: boolean;
  /** Leaves out what comes with a warning. */
  readonly withoutWarnings: boolean;
}

export const USUAL_PREFERENCES: FinderPreferences = {
  stacking: 'fewestBands',
  measuredFirst: true,
  closeToSet: false,
  withoutWarnings: false,
};

/** Costs are in steps of 5 % of the load: so much nearer has what is disliked to come. */
const EACH_BAND = 1;
const OTHER_BAND = 1;
const DOUBT: Readonly<Record<Grade, number>> = { measured: 0, partial: 0.5, label: 2 };
/** A band on watch is inspected before every use. */
const WATCH = 1;
/** One that pulls like this at twice its length costs as much as {@link EACH_BAND} to hook into, N. */
const STOUT_N = 150;
/** A turn more of the path, or a choke. */
const EACH_TURN = 0.3;

/** What using a band costs the trainer who prefers this, in steps of 5 % of the load. */
export function bandCost(
  band: KnownBand,
  { closeToSet, measuredFirst, stacking }: FinderPreferences,
  isOn: boolean,
): number {
  const { calibration, record } = band;
  const doubt = measuredFirst && calibration !== null ? DOUBT[calibration.grade] : 0;
  const stout = (naturalPull(band, GLANCE_STRETCH)?.force_N ?? 0) / STOUT_N;
  const own = { fewestBands: EACH_BAND, easyToMount: stout, smallestSteps: 0 }[stacking];
  return (
    own + doubt + (record.state === 'watch' ? WATCH : 0) + (closeToSet && !isOn ? OTHER_BAND : 0)
  );
}

/** What laying a band on a route costs: each turn, and the threading of a choke. */
export function routeHandling(
  { choked = false, path }: Route,
  { stacking }: FinderPreferences,
): number {
  if (stacking === 'smallestSteps') return 0;
  const turns = path.length - new Set(path).size + (choked ? 1 : 0);
  return (stacking === 'easyToMount' ? 2 : 1) * EACH_TURN * turns;
}
