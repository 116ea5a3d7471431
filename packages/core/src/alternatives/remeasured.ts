import type { KnownBand } from '../care/known-band.js';
import { rigSetup } from '../demand/solve-setup.js';
import type { StrandLaw } from '../elastic/band.js';
import { bandOfCopy, bandsLaid } from '../rig/band-copies.js';
import type { Setup } from '../rig/setup.js';

/** What a saved set-up would ask with the bands as they are known today. */
export interface Remeasured {
  readonly before: number;
  readonly mean: number;
  /** Mean today less the mean as saved, as share of it; null where nothing was asked. */
  readonly share: number | null;
  /** Ids of the bands whose law is another today. */
  readonly bands: readonly string[];
}

/** Laws of bands as they are known today, by the band's id. */
export type KnownLaws = ReadonlyMap<string, { readonly law: StrandLaw; readonly loss: number }>;

/**
 * Solves a saved set-up with today's laws. Undefined where no law has changed,
 * or where a band is no longer known: then there is nothing to compare.
 */
export function remeasured(saved: Setup, known: KnownLaws): Remeasured | undefined {
  const bands = saved.bands.filter((band) => {
    const today = known.get(bandOfCopy(band.id));
    return today !== undefined && !isSameLaw(today.law, band.law);
  });
  if (bands.length === 0 || saved.bands.some(({ id }) => !known.has(bandOfCopy(id))))
    return undefined;
  const before = rigSetup(saved);
  const after = rigSetup(withKnownLaws(saved, known));
  if (!before.ok || !after.ok) return undefined;
  const { mean } = after.value.summary;
  const was = before.value.summary.mean;
  return {
    before: was,
    mean,
    share: was > 0 ? (mean - was) / was : null,
    bands: bandsLaid({ bands }),
  };
}

/** A set-up as it was laid, its bands as they are known today; what is no longer known stays. */
export function withKnownLaws<Saved extends Pick<Setup, 'bands'>>(
  saved: Saved,
  known: KnownLaws,
): Saved {
  return {
    ...saved,
    bands: saved.bands.map((band) => ({ ...band, ...known.get(bandOfCopy(band.id)) })),
  };
}

/** The laws of bands as they are known today; bands without one are left out. */
export function knownLaws(bands: readonly KnownBand[]): KnownLaws {
  return new Map(
    bands.flatMap(({ calibration, record }) =>
      calibration === null
        ? []
        : [[record.id, { law: calibration.law, loss: calibration.loss }] as const],
    ),
  );
}

function isSameLaw(one: StrandLaw, other: StrandLaw): boolean {
  return one.c1_N === other.c1_N && one.c2_N === other.c2_N && one.c3_N === other.c3_N;
}
