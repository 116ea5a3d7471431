import { sameRungs } from './gates.js';
import type { Decision, DoneSession, Reason, Review } from './review.js';
import { freshTargets, movedRungs, presentTargets, repRange } from './targets.js';

/** How coarse the step to the next rung may be, and the repetitions that bridge it. */
const FINE_STEP = 0.1;
const COARSE_STEP = 0.2;
const BRIDGE = { fine: 0, coarse: 2, gap: 4 } as const;

/** Ratios within this of a border count as on it (relative). */
const STEP_TOLERANCE = 1e-9;

/**
 * School `fill-range`: fill the range of repetitions, then take the next rung.
 *
 * Every set at the top of the range (and beyond it by 2 or 4 where the next
 * rung is more than 10 or 20 % up) → `heavier`, back to the foot of the range.
 * A set under the range → `repeat`, in two sessions running on this rung →
 * `lighter`. Else `more`: one repetition more in each set.
 */
export function fillRange(review: Review): Decision {
  const { prescription, ladder, sessions } = review;
  const last = sessions.at(-1);
  const { from, to } = repRange(prescription);
  const step = nextStep(review);
  const goal = to + step.extra;
  const reps = last === undefined ? [] : repsOf(last, prescription.sets);
  const done = { reps: reps.join(', '), from, to };
  if (reps.every((count) => count >= goal)) {
    const filled: Reason = {
      rule: 'fill-range.full',
      text: `Every set reached ${goal}: ${reps.join(', ')}.`,
      figures: { ...done, goal },
    };
    if (step.top) return topOfLadder(review, goal, filled);
    return {
      code: 'heavier',
      rungs: movedRungs(prescription.rungs, 1, ladder.length),
      target: freshTargets(review),
      reasons: [filled, step.reason],
    };
  }
  if (reps.some((count) => count < from)) return underRange(review, done);
  return {
    code: 'more',
    rungs: [...prescription.rungs],
    target: reps.map((count) => Math.min(count + 1, goal)),
    reasons: [
      {
        rule: 'fill-range.more',
        text: `Within ${from}–${goal}, not full yet (${reps.join(', ')}): one repetition more in each set.`,
        figures: { ...done, goal },
      },
      step.reason,
    ],
  };
}

function underRange(review: Review, done: Record<string, number | string>): Decision {
  const { prescription, ladder, sessions } = review;
  const last = sessions.at(-1);
  const before = sessions.at(-2);
  const { from } = repRange(prescription);
  const again =
    last !== undefined &&
    before !== undefined &&
    sameRungs(before, last) &&
    repsOf(before, prescription.sets).some((count) => count < from);
  const reason: Reason = {
    rule: 'fill-range.under',
    text: again
      ? `A set under ${from} in two sessions running on this rung: one rung lighter.`
      : `A set under ${from} (${String(done['reps'])}): the same again.`,
    figures: done,
  };
  return again
    ? {
        code: 'lighter',
        rungs: movedRungs(prescription.rungs, -1, ladder.length),
        target: freshTargets(review),
        reasons: [reason],
      }
    : {
        code: 'repeat',
        rungs: [...prescription.rungs],
        target: presentTargets(review),
        reasons: [reason],
      };
}

function topOfLadder(review: Review, goal: number, filled: Reason): Decision {
  const { prescription, ladder } = review;
  return {
    code: 'repeat',
    rungs: [...prescription.rungs],
    target: Array<number>(prescription.sets).fill(goal),
    reasons: [
      filled,
      {
        rule: 'ladder.end',
        text: 'This is the hardest rung of the ladder. Save a harder set-up to go on.',
        figures: { rungs: ladder.length },
      },
    ],
  };
}

interface NextStep {
  readonly extra: number;
  readonly top: boolean;
  readonly reason: Reason;
}

/** The step from the hardest prescribed rung to the next, and the repetitions that bridge it. */
function nextStep({ prescription, ladder }: Review): NextStep {
  const rung = Math.max(...prescription.rungs);
  const here = ladder[rung];
  const next = ladder[rung + 1];
  if (here === undefined || next === undefined) {
    return {
      extra: BRIDGE.gap,
      top: true,
      reason: {
        rule: 'ladder.end',
        text: 'No harder rung in the ladder: repetitions go on beyond the range.',
        figures: { extra: BRIDGE.gap },
      },
    };
  }
  const up = next.load / here.load - 1;
  const extra =
    up <= FINE_STEP + STEP_TOLERANCE
      ? BRIDGE.fine
      : up <= COARSE_STEP + STEP_TOLERANCE
        ? BRIDGE.coarse
        : BRIDGE.gap;
  const percent = Math.round(up * 100);
  return {
    extra,
    top: false,
    reason: {
      rule: extra === 0 ? 'ladder.step' : 'ladder.gap',
      text:
        extra === 0
          ? `The next rung, ${next.id}, is ${percent} % up.`
          : `Gap in the ladder: the next rung, ${next.id}, is ${percent} % up, so ${extra} repetitions beyond the range bridge it.`,
      figures: { from: here.load, to: next.load, step: up, extra },
    },
  };
}

/** Full repetitions of each set; a prescribed set that was not done counts as none. */
function repsOf(session: DoneSession, sets: number): number[] {
  const missing = Math.max(0, sets - session.sets.length);
  return [...session.sets.map((set) => set.reps ?? 0), ...Array<number>(missing).fill(0)];
}
