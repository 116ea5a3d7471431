import { percentUp, ratioUp, repsNeededFor, STEP_TOLERANCE, stepWords } from '../ladder-steps.js';
import type { Reason } from '../review.js';
import { onSameRungs, type Situation } from '../situation.js';
import { asItStands, lighter, more, type Verdict } from '../verdict.js';
import { climb, CLOSES_GAP, steepestRung, stepReason } from './climb.js';
import { byRange, repsOf, type SchoolRules } from './school.js';

/** How coarse the step to the next rung may be, and the repetitions that bridge it. */
const FINE_STEP = 0.1;
const COARSE_STEP = 0.2;
const BRIDGE = { fine: 0, coarse: 2, gap: 4 } as const;
/** More repetitions than this beyond the range bridge nothing: the gap is too wide. */
const WIDEST_BRIDGE = 10;

const range = byRange({ from: 8, to: 15 });

/**
 * School `fill-range`: fill the range of repetitions, then take the next rung.
 *
 * Every set at the top of the range, and beyond it by what bridges a coarse step → `heavier`, back to
 * the foot of the range. A set under the range → `repeat`, in two sessions running on this rung →
 * `lighter`. Else `more`: one repetition more in each set.
 */
export const fillRange: SchoolRules = {
  ...range,
  decide(situation) {
    const { done, review } = situation;
    const { from, to } = range.rangeOf(review.prescription);
    const bridge = bridgeToNext(situation, { from, to });
    const goal = to + bridge.extra;
    const reps = done.map(repsOf);
    const figures = { reps: reps.join(', '), from, to, goal };
    if (reps.every((count) => count >= goal)) {
      const text = `Every set reached ${goal}: ${figures.reps}.`;
      const filled: Reason = { rule: 'fill-range.full', text, figures };
      return bridge.isTooWide
        ? asItStands(situation, 'repeat', filled, bridge.reason)
        : climb(situation, undefined, filled);
    }
    if (reps.some((count) => count < from)) return underRange(situation, from, figures);
    const text = `Within ${from}–${goal}, not full yet (${figures.reps}): one repetition more in each set.`;
    return more(
      situation,
      (set) => Math.min(repsOf(set) + 1, goal),
      { rule: 'fill-range.more', text, figures },
      bridge.reason,
    );
  },
};

function underRange(situation: Situation, from: number, figures: Reason['figures']): Verdict {
  const { before, review } = situation;
  const again =
    onSameRungs(situation) &&
    before?.sets
      .slice(0, review.prescription.sets)
      .some(({ reps }) => reps !== undefined && reps < from) === true;
  const rule = 'fill-range.under';
  if (again) {
    const text = `A set under ${from} in two sessions running on this rung: one rung lighter.`;
    return lighter(situation, 1, [{ rule, text, figures }]);
  }
  const text = `A set under ${from} (${String(figures['reps'])}): the same again.`;
  return asItStands(situation, 'repeat', { rule, text, figures });
}

interface Bridge {
  /** Repetitions beyond the range. */
  readonly extra: number;
  readonly isTooWide: boolean;
  readonly reason: Reason;
}

/**
 * Repetitions beyond the range that bridge a coarse step g to the next rung: 0 up to 10 %, 2 up to 20 %,
 * else 4, and never less than makes `from` likely there, ⌈(from + 30)·(1 + g) − 30⌉ − to.
 */
function bridgeToNext(situation: Situation, { from, to }: { from: number; to: number }): Bridge {
  const { ladder } = situation.review;
  const rung = steepestRung(situation);
  const ratio = ratioUp(ladder, rung);
  if (ratio === undefined) {
    return { extra: 0, isTooWide: false, reason: stepReason(ladder, rung) };
  }
  const step = ratio - 1;
  const usual =
    step <= FINE_STEP + STEP_TOLERANCE
      ? BRIDGE.fine
      : step <= COARSE_STEP + STEP_TOLERANCE
        ? BRIDGE.coarse
        : BRIDGE.gap;
  const needed = Math.ceil(repsNeededFor(ratio, from) - STEP_TOLERANCE) - to;
  const isTooWide = needed > WIDEST_BRIDGE;
  const extra = isTooWide ? WIDEST_BRIDGE : Math.max(usual, needed);
  const figures = { from: ladder[rung]?.load ?? 0, to: ladder[rung + 1]?.load ?? 0, step, extra };
  if (extra === 0) return { extra, isTooWide, reason: stepReason(ladder, rung) };
  const words = stepWords(ladder, rung);
  return {
    extra,
    isTooWide,
    reason: isTooWide
      ? {
          rule: 'gap-too-wide',
          text: `Too far to be bridged by repetitions: ${words}. ${CLOSES_GAP}.`,
          figures: { ...figures, percent: percentUp(ratio) },
        }
      : {
          rule: 'ladder.gap',
          text: `A gap in the ladder: ${words}, so ${extra} repetitions beyond the range bridge it.`,
          figures,
        },
  };
}
