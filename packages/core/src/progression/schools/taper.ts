import { ratioUp, repsLikelyAt, STEP_TOLERANCE, stepWords, UNSEEN } from '../ladder-steps.js';
import type { DoneSession, Reason } from '../review.js';
import type { Situation } from '../situation.js';
import { asItStands, lighter, type Verdict } from '../verdict.js';
import { CLOSES_GAP } from './climb.js';
import { repsOf, type SchoolRules } from './school.js';

/** Repetitions of the three sets of a taper, the one with most help first. */
export const TAPER_RANGES = [
  { from: 10, to: 15 },
  { from: 6, to: 10 },
  { from: 3, to: 5 },
] as const;

/** What each set is to reach before its help is taken away: after the set after it went up, and by itself. */
const FIRST = { after: 10, alone: 20, likely: 6 } as const;
const MIDDLE = { after: 10, alone: 15, likely: 4 } as const;
const LAST = { full: 5, likely: 2, least: 3 } as const;

/**
 * School `taper`: exactly three sets with less help each, the last with the least.
 *
 * Under 3 in the last set in two sessions running → `lighter` for it, and no set above it. The last goes
 * up with 5; the middle with the last and 10, or with 15; the first with the middle and 10, or with 20;
 * none to a rung where too few are likely, none past the rung of the set after it. Any up → `heavier`,
 * else `more`. Five clean on the last rung, without help → `graduate`.
 */
export const taper: SchoolRules = {
  measures: ['reps'],
  check: ({ sets }) =>
    sets === TAPER_RANGES.length
      ? []
      : [
          {
            code: 'form',
            path: '$.prescription.sets',
            found: `${sets} sets`,
            expected: 'the three sets of a taper',
          },
        ],
  foot: () => TAPER_RANGES.map(({ from }) => from),
  reachesFoot: (set, place) => repsOf(set) >= (TAPER_RANGES[place]?.from ?? 0),
  decide(situation) {
    const { before, done, review, rungs } = situation;
    const { length } = review.ladder;
    const third = done[2];
    const counts = done.map(repsOf);
    const figures = { reps: counts.join(', ') };
    const isUnder = (session: DoneSession | undefined): boolean =>
      (session?.sets[2]?.reps ?? LAST.least) < LAST.least;
    if (third !== undefined && isUnder(situation.last) && isUnder(before)) {
      const text = `Under ${LAST.least} in the last set in two sessions running: more help for it.`;
      return lastLighter(situation, { rule: 'taper.under', text, figures });
    }
    if (third?.form !== 'breaking' && (counts[2] ?? 0) >= LAST.full && rungs[2] === length - 1) {
      const text = `${counts[2] ?? 0} clean on the last rung, without help: this level is learnt.`;
      return asItStands(situation, 'graduate', { rule: 'taper.unassisted', text, figures });
    }
    const next = rungsUp(situation, counts);
    if (next.rungs.some((rung, place) => rung !== rungs[place])) {
      return lessHelp(situation, next, figures);
    }
    const [, second = 0, last = 0] = counts;
    const text = `${last} in the last set and ${second} in the one before, to reach ${LAST.full} and ${MIDDLE.after}: one repetition more in each.`;
    return {
      code: 'more',
      rungs,
      target: situation.targets.map((value, place) => {
        const set = done[place];
        if (place === 0 || set === undefined) return value;
        return Math.min(repsOf(set) + 1, place === 1 ? MIDDLE.after : LAST.full);
      }),
      reasons: [{ rule: 'taper.more', text, figures }, ...next.gaps],
    };
  },
};

/** The last set a rung down, and no set above it. */
function lastLighter(situation: Situation, why: Reason): Verdict {
  const { foot, rungs } = situation;
  const eased = lighter(situation, 1, [why], (place) => place === 2);
  const lowest = eased.rungs[2] ?? 0;
  const next = eased.rungs.map((rung) => Math.min(rung, lowest));
  return {
    ...eased,
    rungs: next,
    target: eased.target.map((value, place) =>
      place < 2 && next[place] !== rungs[place] ? (foot[place] ?? value) : value,
    ),
  };
}

interface RungsUp {
  readonly rungs: readonly number[];
  /** Why a set that was full did not go up. */
  readonly gaps: readonly Reason[];
}

/** The rung of every set where those that are full go up, the last first. */
function rungsUp({ review: { ladder }, rungs }: Situation, counts: readonly number[]): RungsUp {
  const gaps: Reason[] = [];
  const up = (place: number, likely: number, highest: number): number => {
    const rung = rungs[place] ?? 0;
    const ratio = ratioUp(ladder, rung);
    if (ratio === undefined || rung + 1 > highest) return rung;
    const reps = repsLikelyAt(ratio, (counts[place] ?? 0) + UNSEEN);
    if (reps >= likely - STEP_TOLERANCE) return rung + 1;
    gaps.push({
      rule: 'gap-too-wide',
      text: `Too far for set ${place + 1}: ${stepWords(ladder, rung)}, where under ${likely} repetitions are likely. ${CLOSES_GAP}.`,
      figures: { set: place + 1, likely, reps },
    });
    return rung;
  };
  const [first = 0, second = 0, third = 0] = counts;
  const last = third >= LAST.full ? up(2, LAST.likely, Infinity) : (rungs[2] ?? 0);
  const isLastUp = last !== rungs[2];
  const isSecondFull = (isLastUp && second >= MIDDLE.after) || second >= MIDDLE.alone;
  const middle = isSecondFull ? up(1, MIDDLE.likely, last) : (rungs[1] ?? 0);
  const isMiddleUp = middle !== rungs[1];
  const isFirstFull = (isMiddleUp && first >= FIRST.after) || first >= FIRST.alone;
  const lead = isFirstFull ? up(0, FIRST.likely, middle) : (rungs[0] ?? 0);
  return { rungs: [lead, middle, last], gaps };
}

function lessHelp(
  { foot, rungs, targets }: Situation,
  next: RungsUp,
  figures: Reason['figures'],
): Verdict {
  const isUp = (place: number): boolean => next.rungs[place] !== rungs[place];
  const moved = rungs.flatMap((_, place) => (isUp(place) ? [place + 1] : []));
  const text =
    moved.length === rungs.length
      ? `${String(figures['reps'])} repetitions: less help in every set.`
      : `${String(figures['reps'])} repetitions: less help in ${moved.length === 1 ? 'set' : 'sets'} ${moved.join(' and ')}.`;
  return {
    code: 'heavier',
    rungs: next.rungs,
    target: targets.map((value, place) => (isUp(place) ? (foot[place] ?? value) : value)),
    reasons: [
      { rule: 'taper.full', text, figures: { ...figures, sets: moved.join(', ') } },
      ...next.gaps,
    ],
  };
}
