import type { LadderInput, SetupRecord } from '@wiry-otter/contracts';
import { v7 as uuidv7 } from 'uuid';

export type RungInput = LadderInput['rungs'][number];

/** The same set-up with the person elsewhere on the floor, as a rung. */
export function rungAt(
  setup: SetupRecord,
  farther_m: number,
  part: Partial<RungInput> = {},
): RungInput {
  const { document } = setup;
  const points = Object.fromEntries(
    Object.entries(document.points).map(([name, [x, y, z]]) => [name, [x + farther_m, y, z]]),
  ) as typeof document.points;
  return {
    key: `${farther_m}`,
    setupId: uuidv7(),
    title: `${farther_m} m farther`,
    routeId: setup.routeId,
    document: { ...document, points },
    value: 1,
    locked: false,
    ...part,
  };
}

/** A ladder of rungs like a set-up. */
export function ladderOf(setup: SetupRecord, rungs: RungInput[], version = 0): LadderInput {
  const { anchorId, exerciseId, personId, placeId } = setup;
  return {
    version,
    personId,
    exerciseId,
    placeId,
    anchorId,
    target: { metric: 'mean', from: 50, to: 120, step: 0.1 },
    source: 'found',
    notchFirst: false,
    gaps: [],
    struck: [],
    basis: { body: { stature_m: 1.8, mass_kg: 80 }, anchorId, height_m: 1.25, bands: [] },
    rungs,
  };
}
