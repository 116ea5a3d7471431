import { DEFAULT_STRETCH_LIMIT, GREATEST_STRETCH_LIMIT } from '../elastic/band.js';
import type { CautionContext, CautionRule } from './caution.js';
import { distanceCure } from './cures.js';
import { writeLength } from '../units/units.js';

/** Stretch ratio above which bands fail without notice. */
export const HIGH_STRETCH = 2.5;
/** Nearness to the limit that counts as high. */
const NEAR_LIMIT_SHARE = 0.95;

/** Bands in series may differ by so much in stretch. */
const LINKED_DIFFERENCE = 0.3;

interface StretchedBand {
  readonly id: string;
  readonly title: string;
  readonly stretch: number;
  readonly limit: number;
}

/** Refuses a band stretched past its limit at any phase; names the distance that cures it. */
export const stretchLimit: CautionRule = {
  id: 'stretch-limit',
  level: 'refuse',
  check: (context) => {
    const over = stretchedBands(context).filter(({ stretch, limit }) => stretch > limit);
    const worst = over.sort((a, b) => b.stretch / b.limit - a.stretch / a.limit)[0];
    if (worst === undefined) return undefined;
    const closer_m = distanceCure(context, ({ buffers }) =>
      stretchesWithinLimits(context.setup, buffers.peakStretch),
    );
    const cure =
      closer_m === undefined
        ? 'Take a longer band, or fewer folds.'
        : `Step ${writeLength(closer_m, context.units?.length)} closer.`;
    return {
      rule: 'stretch-limit',
      level: 'refuse',
      // Rounded up: what is past the limit is never written as the limit itself.
      text: `${worst.title} is stretched to ×${(Math.ceil(100 * worst.stretch - 1e-9) / 100).toFixed(2)}, past its limit of ×${worst.limit.toFixed(2)}. ${cure}`,
      figures: { band: worst.id, stretch: worst.stretch, limit: worst.limit },
      ...(closer_m === undefined ? {} : { cure: { kind: 'distance', closer_m } }),
    };
  },
};

/** Warns above ×2.5, or within 5 % of the band's limit. */
export const stretchHigh: CautionRule = {
  id: 'stretch-high',
  level: 'warn',
  check: (context) => {
    const high = stretchedBands(context).find(
      ({ stretch, limit }) =>
        stretch <= limit && (stretch > HIGH_STRETCH || stretch > NEAR_LIMIT_SHARE * limit),
    );
    if (high === undefined) return undefined;
    return {
      rule: 'stretch-high',
      level: 'warn',
      text: `${high.title} reaches ×${high.stretch.toFixed(2)} of its ×${high.limit.toFixed(2)}. Bands fail without notice up here: shorten the reach.`,
      figures: { band: high.id, stretch: high.stretch, limit: high.limit },
    };
  },
};

/** Warns when the weaker of two bands in series takes most of the stretch. */
export const linkedWeak: CautionRule = {
  id: 'linked-weak',
  level: 'warn',
  check: (context) => {
    const { setup, bands } = context;
    const links = Object.keys(setup.links ?? {});
    const titleOf = (id: string): string => bands.find((band) => band.id === id)?.title ?? id;
    for (const link of links) {
      const joined = setup.runs.flatMap(({ path }, r) => (path.includes(link) ? [r] : []));
      const worst = widestDifference(context, joined);
      if (worst === undefined || worst.difference <= LINKED_DIFFERENCE) continue;
      const weak = titleOf(setup.runs[worst.weak]?.band ?? '');
      return {
        rule: 'linked-weak',
        level: 'warn',
        text: `Bands in series: ${weak} is stretched ${worst.difference.toFixed(2)} more than its neighbour and takes the stretch. Choose neighbours in strength.`,
        figures: { difference: worst.difference, band: weak },
      };
    }
    return undefined;
  },
};

/** The phase at which two of the runs differ most in stretch, and the one stretched more. */
function widestDifference(
  { solved: { rig, buffers } }: CautionContext,
  runs: readonly number[],
): { difference: number; weak: number } | undefined {
  const { samples } = rig.prepared;
  let widest: { difference: number; weak: number } | undefined;
  for (const weak of runs) {
    for (const stout of runs) {
      for (let k = 0; k < samples; k++) {
        const difference =
          (buffers.stretch[weak * samples + k] as number) -
          Math.max(1, buffers.stretch[stout * samples + k] as number);
        if (difference > (widest?.difference ?? 0)) widest = { difference, weak };
      }
    }
  }
  return widest;
}

function stretchedBands({ setup, solved, bands }: CautionContext): StretchedBand[] {
  return setup.runs.map((run, r) => {
    const band = setup.bands.find(({ id }) => id === run.band);
    const limit = Math.min(band?.limit ?? DEFAULT_STRETCH_LIMIT, GREATEST_STRETCH_LIMIT);
    const title = bands.find(({ id }) => id === run.band)?.title ?? run.band;
    return { id: run.band, title, stretch: solved.buffers.peakStretch[r] as number, limit };
  });
}

function stretchesWithinLimits(setup: CautionContext['setup'], peaks: Float64Array): boolean {
  return setup.runs.every((run, r) => {
    const limit = setup.bands.find(({ id }) => id === run.band)?.limit ?? DEFAULT_STRETCH_LIMIT;
    return (peaks[r] as number) <= Math.min(limit, GREATEST_STRETCH_LIMIT);
  });
}
