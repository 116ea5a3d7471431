import type { Decision, DoneSession, DoneSet, Reason, Review } from './review.js';
import { freshTargets, movedRungs, presentTargets, rungOfEach } from './targets.js';

/** Repetitions that the last two sets are to reach before help is taken away. */
const TOP_FULL = 5;
const MIDDLE_FULL = 10;
/** Fewer in the last set, twice running, and it gets its help back. */
const TOP_LEAST = 3;

/**
 * School `taper`: sets with less help each, the last with the least.
 *
 * The last set with 5 clean repetitions and the one before with 10 → `heavier` for all; the last
 * alone → `heavier` for it; under 3 in the last in two sessions running → `lighter` for it; else
 * `more`, one repetition in each of the last two. The last set on the top rung, which is the bare
 * exercise, with 5 clean → `graduate`.
 */
export function taper(review: Review): Decision {
  const { ladder, prescription, sessions } = review;
  const rungs = rungOfEach(prescription);
  const top = setAt(sessions.at(-1), prescription.sets);
  const middle = setAt(sessions.at(-1), prescription.sets - 1);
  const figures = { top: repsOf(top), middle: repsOf(middle) };
  const isTopFull = repsOf(top) >= TOP_FULL && top?.form === 'clean';
  if (isTopFull && top.rung === ladder.length - 1) {
    const text = `${figures.top} clean on the last rung, without help: this level is learnt.`;
    return {
      code: 'graduate',
      rungs,
      target: presentTargets(review),
      reasons: [{ rule: 'taper.unassisted', text, figures }],
    };
  }
  if (isTopFull) return lessHelp(review, rungs, figures);
  const before = setAt(sessions.at(-2), prescription.sets);
  if (repsOf(top) < TOP_LEAST && before !== undefined && repsOf(before) < TOP_LEAST) {
    const text = `Under ${TOP_LEAST} in the last set in two sessions running: more help for it.`;
    return {
      code: 'lighter',
      rungs: withLastMoved(rungs, -1, ladder.length),
      target: withLast(presentTargets(review), freshTargets(review).at(-1)),
      reasons: [{ rule: 'taper.under', text, figures: { ...figures, before: repsOf(before) } }],
    };
  }
  return {
    code: 'more',
    rungs,
    target: presentTargets(review).map((target, i) => {
      const isOneOfTwo = i >= prescription.sets - 2;
      return isOneOfTwo ? repsOf(setAt(sessions.at(-1), i + 1)) + 1 : target;
    }),
    reasons: [{ rule: 'taper.more', text: moreWords(figures, top), figures }],
  };
}

function lessHelp(
  review: Review,
  rungs: readonly number[],
  figures: Readonly<{ top: number; middle: number }>,
): Decision {
  const { length } = review.ladder;
  const isMiddleFull = figures.middle >= MIDDLE_FULL;
  const next = isMiddleFull ? movedRungs(rungs, 1, length) : withLastMoved(rungs, 1, length);
  const reached: Reason = {
    rule: 'taper.full',
    text: isMiddleFull
      ? `${figures.top} clean in the last set and ${figures.middle} in the one before: less help in every set.`
      : `${figures.top} clean in the last set, ${figures.middle} in the one before, which is to reach ${MIDDLE_FULL}: less help in the last set.`,
    figures,
  };
  const fresh = freshTargets(review);
  return {
    code: 'heavier',
    rungs: next,
    target: isMiddleFull ? fresh : withLast(presentTargets(review), fresh.at(-1)),
    reasons: [reached, stepReason(review, rungs.at(-1) ?? 0)],
  };
}

/** How far apart the rungs are that the last set moves over. */
function stepReason({ ladder }: Review, rung: number): Reason {
  const [here, next] = [ladder[rung], ladder[rung + 1]];
  const percent =
    here === undefined || next === undefined ? 0 : Math.round(100 * (next.load / here.load - 1));
  return {
    rule: 'ladder.step',
    text: `The next rung, ${next?.id ?? ''}, leaves ${percent} % more to the person.`,
    figures: { from: here?.load ?? 0, to: next?.load ?? 0, percent },
  };
}

function moreWords(
  { middle, top }: Readonly<{ top: number; middle: number }>,
  last: DoneSet | undefined,
): string {
  const broken = top >= TOP_FULL && last?.form === 'breaking' ? ', but not clean,' : '';
  return `${top} in the last set${broken} and ${middle} in the one before, to reach ${TOP_FULL} and ${MIDDLE_FULL}: one repetition more in each.`;
}

/** The set that stands at a place of a session, counted from 1; undefined where it was not done. */
function setAt(session: DoneSession | undefined, place: number): DoneSet | undefined {
  return session?.sets[place - 1];
}

/** A set that was not done counts as none. */
function repsOf(set: DoneSet | undefined): number {
  return set?.reps ?? 0;
}

function withLastMoved(rungs: readonly number[], by: number, length: number): number[] {
  return withLast(rungs, movedRungs(rungs.slice(-1), by, length)[0]);
}

function withLast(values: readonly number[], last: number | undefined): number[] {
  return values.map((value, i) => (i === values.length - 1 ? (last ?? value) : value));
}
