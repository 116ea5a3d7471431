import type { Caution, CautionContext, CautionLevel, CautionRule } from './caution.js';
import { hands, labelOnly, letGo, mixedLengths, slackStart } from './load.js';
import { bandState, inspectionDue, latex, softBand } from './band.js';
import { condition, doorSide, faceLine } from './place.js';
import { stretchHigh, stretchLimit } from './stretch.js';

/** The rules in force, hardest first. */
export const CAUTION_RULES: readonly CautionRule[] = [
  stretchLimit,
  bandState,
  condition,
  latex,
  stretchHigh,
  slackStart,
  faceLine,
  doorSide,
  letGo,
  inspectionDue,
  softBand,
  labelOnly,
  mixedLengths,
  hands,
];

const ORDER: Readonly<Record<CautionLevel, number>> = { refuse: 0, warn: 1, note: 2 };

/** Asks every rule; refusals come first, then warnings, then notes. */
export function findCautions(context: CautionContext): Caution[] {
  return CAUTION_RULES.flatMap((rule) => rule.check(context) ?? []).sort(
    (a, b) => ORDER[a.level] - ORDER[b.level],
  );
}
