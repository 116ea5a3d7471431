import type { Decision, DoneSession, Review } from './review.js';
import { presentTargets } from './targets.js';

/** The slowest that is asked for, s. */
const SLOWEST_S = 8;
/** The least that is asked for, s. */
const QUICKEST_S = 1;

/**
 * School `lowering`: held at the top for so many seconds, lowered in as many.
 *
 * A session is on time when every prescribed set was done with all its repetitions, and both times
 * were kept. On time → `more`, a second more in every set, up to 8; on time at 8 → `next-level`,
 * which is the movement itself with help. Not on time → `repeat`; twice running at the same time →
 * `lighter` on the same rung, a second less.
 */
export function lowering(review: Review): Decision {
  const { prescription, sessions } = review;
  const asked_s = Math.max(QUICKEST_S, ...presentTargets(review));
  const [last, before] = [sessions.at(-1), sessions.at(-2)];
  const figures = { asked_s, done: last === undefined ? '' : timesOf(last) };
  const same = { rungs: [...prescription.rungs] };
  const every = (seconds: number): number[] => Array<number>(prescription.sets).fill(seconds);
  if (last !== undefined && isOnTime(last, review, asked_s)) {
    return asked_s >= SLOWEST_S
      ? {
          ...same,
          code: 'next-level',
          target: every(SLOWEST_S),
          reasons: [
            {
              rule: 'lowering.learnt',
              text: `Held and lowered in ${SLOWEST_S} s in every set: the movement itself comes next, with help.`,
              figures,
            },
          ],
        }
      : {
          ...same,
          code: 'more',
          target: every(asked_s + 1),
          reasons: [
            {
              rule: 'lowering.more',
              text: `Held and lowered in ${asked_s} s in every set: ${asked_s + 1} s from now on.`,
              figures,
            },
          ],
        };
  }
  const isAgain =
    before !== undefined &&
    (before.hold_s ?? asked_s) === asked_s &&
    !isOnTime(before, review, asked_s);
  const eased_s = Math.max(QUICKEST_S, asked_s - 1);
  return {
    ...same,
    code: isAgain ? 'lighter' : 'repeat',
    target: every(isAgain ? eased_s : asked_s),
    reasons: [
      {
        rule: 'lowering.short',
        text: isAgain
          ? `${asked_s} s not kept in two sessions running (${figures.done}): ${eased_s} s from now on.`
          : `${asked_s} s not kept in every set (${figures.done}): the same again.`,
        figures,
      },
    ],
  };
}

function isOnTime(session: DoneSession, { prescription }: Review, asked_s: number): boolean {
  const least = prescription.reps?.from ?? 1;
  const kept = session.sets.filter(
    ({ hold_s = 0, lowering_s = 0, reps = 0 }) =>
      reps >= least && hold_s >= asked_s && lowering_s >= asked_s,
  );
  return session.sets.length >= prescription.sets && kept.length === session.sets.length;
}

/** "3 held 3 s, lowered in 4 s; …" */
function timesOf({ sets }: DoneSession): string {
  return sets
    .map(
      ({ hold_s = 0, lowering_s = 0, reps = 0 }) =>
        `${reps} held ${hold_s} s, lowered in ${lowering_s} s`,
    )
    .join('; ');
}
