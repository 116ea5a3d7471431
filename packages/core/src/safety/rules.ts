import { balance } from './balance.js';
import { clearanceLimit } from './clearance-limit.js';
import { noRoom } from './room.js';
import { reversed } from './reversed.js';
import { anchorLoad, doorPlace, doorSide, slide } from './anchor.js';
import { bandState, inspectionDue, latex, softBand } from './band.js';
import type { Caution, CautionContext, CautionLevel, CautionRule } from './caution.js';
import { faceLine } from './face.js';
import { mount, overHelp } from './help.js';
import { hands, labelOnly, letGo, mixedLengths, slackStart } from './load.js';
import {
  backForm,
  breath,
  fast,
  freeHand,
  loweringHard,
  neckSlip,
  neckWork,
  shoulderRehab,
} from './movement.js';
import { condition, jointRange, minor, noGo } from './person.js';
import { linkedWeak, stretchHigh, stretchLimit } from './stretch.js';

/** The rules in force, in the order they are told within a level. */
export const CAUTION_RULES: readonly CautionRule[] = [
  stretchLimit,
  bandState,
  condition,
  clearanceLimit,
  noGo,
  noRoom,
  latex,
  jointRange,
  neckWork,
  anchorLoad,
  doorPlace,
  fast,
  faceLine,
  stretchHigh,
  balance,
  overHelp,
  reversed,
  slackStart,
  mount,
  doorSide,
  slide,
  linkedWeak,
  letGo,
  neckSlip,
  shoulderRehab,
  minor,
  inspectionDue,
  softBand,
  labelOnly,
  breath,
  mixedLengths,
  hands,
  backForm,
  loweringHard,
  freeHand,
];

const ORDER: Readonly<Record<CautionLevel, number>> = { refuse: 0, warn: 1, note: 2 };

/** Asks every rule; refusals come first, then warnings, then notes. */
export function findCautions(context: CautionContext): Caution[] {
  return CAUTION_RULES.flatMap((rule) => rule.check(context) ?? []).sort(
    (a, b) => ORDER[a.level] - ORDER[b.level],
  );
}
