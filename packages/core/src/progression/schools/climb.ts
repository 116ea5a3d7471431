import {
  percentUp,
  ratioUp,
  repsLikelyAt,
  STEP_TOLERANCE,
  stepWords,
  UNSEEN,
} from '../ladder-steps.js';
import type { LadderRung, Reason } from '../review.js';
import type { Situation } from '../situation.js';
import { asItStands, type Verdict } from '../verdict.js';
import { repsToFailure } from './school.js';

/** What closes a gap between two rungs. */
export const CLOSES_GAP =
  'A nudge of distance or grip, another set-up or a band between would close it';

/**
 * `heavier`, every set a rung up and from its foot; the same again on the top rung.
 *
 * @param foot repetitions that have to be likely on the next rung; not weighed where it is not given
 */
export function climb(situation: Situation, foot: number | undefined, ...why: Reason[]): Verdict {
  const { done, foot: feet, review, rungs } = situation;
  const { ladder } = review;
  const steepest = steepestRung(situation);
  const ratio = ratioUp(ladder, steepest);
  if (ratio === undefined) return asItStands(situation, 'repeat', ...why, topOfLadder(ladder));
  const n = Math.min(...done.map(repsToFailure)) + UNSEEN;
  if (foot !== undefined && repsLikelyAt(ratio, n) < foot - STEP_TOLERANCE) {
    const likely = Math.max(0, Math.floor(repsLikelyAt(ratio, n)));
    const gap: Reason = {
      rule: 'gap-too-wide',
      text: `Too far: ${stepWords(ladder, steepest)}, where ${likely} of the ${foot} repetitions are likely. ${CLOSES_GAP}.`,
      figures: { percent: percentUp(ratio), likely, from: foot },
    };
    return asItStands(situation, 'repeat', ...why, gap);
  }
  return {
    code: 'heavier',
    rungs: rungs.map((rung) => rung + 1),
    target: feet,
    reasons: [...why, stepReason(ladder, steepest)],
  };
}

/** The rung, of those prescribed, from which the next is farthest; the top one where it is among them. */
export function steepestRung({
  review: { ladder },
  rungs,
}: Pick<Situation, 'review' | 'rungs'>): number {
  const up = (rung: number): number => ratioUp(ladder, rung) ?? Infinity;
  return rungs.reduce((a, b) => (up(b) > up(a) ? b : a));
}

export function topOfLadder(ladder: readonly LadderRung[]): Reason {
  return {
    rule: 'top-of-ladder',
    text: 'This is the hardest rung of the ladder. Add a harder set-up to go on.',
    figures: { rungs: ladder.length },
  };
}

/** How far the next rung is. */
export function stepReason(ladder: readonly LadderRung[], rung: number): Reason {
  const [here, next] = [ladder[rung], ladder[rung + 1]];
  const words = stepWords(ladder, rung);
  return {
    rule: 'ladder.step',
    text: `${words.charAt(0).toUpperCase()}${words.slice(1)}.`,
    figures: { from: here?.load ?? 0, to: next?.load ?? here?.load ?? 0 },
  };
}
