import type {
  BandToday,
  LadderRecord,
  LadderRung,
  PrescriptionRecord,
} from '@wiry-otter/contracts';
import { knowBands, knownLaws, remeasured } from '@wiry-otter/core';
import { derivedId } from '../ids.js';
import { safeRungs } from './safe-rungs.js';

/** A prescription that moves with its ladder. */
export interface Move {
  /** Of the prescription that takes the place of the one in force. */
  readonly id: string;
  readonly setupIds: readonly string[];
  readonly from: PrescriptionRecord;
  /** Rungs that are prescribed from now on: each is to be a set-up. */
  readonly to: readonly LadderRung[];
  /** From which rung to which the first of them moved. */
  readonly told: NonNullable<LadderRecord['moved']>;
}

/**
 * Where prescriptions in force stand on rungs of the version before, each rung that is gone moves to
 * the one of the new version that is nearest in load and not heavier, of those that no caution
 * refuses; to the lightest where all are heavier. What a rung asked is told by the laws of today, so
 * that nobody gets more band because a band is known to pull less than was thought.
 */
export function movesTo(
  ladder: Pick<LadderRecord, 'id' | 'version' | 'rungs'>,
  before: LadderRecord | undefined,
  inForce: readonly PrescriptionRecord[],
  bands: readonly BandToday[],
): Move[] {
  return inForce.flatMap((from) => {
    const moved = movedRungs(from.setupIds, ladder.rungs, before, bands);
    const [first] = moved.values();
    if (first === undefined) return [];
    return [
      {
        id: derivedId('prescription', ladder.id, ladder.version, from.track),
        setupIds: from.setupIds.map((id) => moved.get(id)?.to.setupId ?? id),
        from,
        to: [...moved.values()].map(({ to }) => to),
        told: { from: first.from.title, to: first.to.title },
      },
    ];
  });
}

/** By set-up, the rung it was and the one it moves to. */
function movedRungs(
  setupIds: readonly string[],
  rungs: readonly LadderRung[],
  before: LadderRecord | undefined,
  bands: readonly BandToday[],
): ReadonlyMap<string, { readonly from: LadderRung; readonly to: LadderRung }> {
  const safe = safeRungs(rungs);
  return new Map(
    setupIds.flatMap((id) => {
      const from = before?.rungs.find(({ setupId }) => setupId === id);
      if (from === undefined || rungs.some(({ setupId }) => setupId === id)) return [];
      const most = loadToday(from, bands);
      const to = safe.filter(({ load }) => load <= most).at(-1) ?? safe[0];
      return to === undefined ? [] : [[id, { from, to }] as const];
    }),
  );
}

/** What a rung of before asks by the laws of today, and no more than it was thought to ask. */
function loadToday({ document, load }: LadderRung, bands: readonly BandToday[]): number {
  const today = remeasured(document, knownLaws(knowBands(bands)));
  return Math.min(load, today?.mean ?? load);
}
