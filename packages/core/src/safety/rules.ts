import type { Caution, CautionContext, CautionLevel, CautionRule } from './caution.js';
import { hands, labelOnly, letGo, mixedLengths, slackStart } from './load.js';
import { bandState, condition, doorSide, faceLine } from './place.js';
import { stretchHigh, stretchLimit } from './stretch.js';

/** The rules in force, hardest first. */
export const CAUTION_RULES: readonly CautionRule[] = [
  stretchLimit,
  bandState,
  condition,
  stretchHigh,
  slackStart,
  faceLine,
  doorSide,
  letGo,
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
