import type { StudioRecord } from '@wiry-otter/contracts';
import { type Units, USUAL_UNITS } from '@wiry-otter/core';

/** What a studio writes figures in; a device may keep the record of a time when it was not asked yet. */
export function unitsOf(studio: Partial<StudioRecord> | undefined): Units {
  return {
    force: studio?.forceUnit ?? USUAL_UNITS.force,
    length: studio?.lengthUnit ?? USUAL_UNITS.length,
    mass: studio?.massUnit ?? USUAL_UNITS.mass,
  };
}
