import type { SetupRecord } from '@wiry-otter/contracts';
import { bandOfCopy, copiesInUse, copyOfId } from '@wiry-otter/core';
import type { KnownBand } from '../../bands/band-law';

/** Name of a band of the set-up that is retired or off the rail; undefined where all can be used. */
export function unusableBand(
  { document }: SetupRecord,
  known: readonly KnownBand[],
): string | undefined {
  for (const { id } of document.bands) {
    const band = known.find(({ record }) => record.id === bandOfCopy(id));
    if (band === undefined) return 'a band that is off the rail';
    if (copiesInUse(band) < copyOfId(id)) return band.record.name;
  }
  return undefined;
}
