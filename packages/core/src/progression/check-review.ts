import type { Fault } from '../faults.js';
import type { DoneSession, LadderRung, Review } from './review.js';
import type { SchoolRules } from './schools/school.js';

/**
 * What keeps a review from being decided: sessions out of order, a `today` before the last of them, loads
 * that do not rise, rungs beyond the ladder, a measure or a time that the school cannot do without.
 */
export function checkReview(review: Review, school: SchoolRules): Fault[] {
  const { ladder, prescription, sessions } = review;
  return [
    ...checkOrder(review),
    ...checkLoads(ladder),
    ...prescription.rungs.flatMap((rung, i) =>
      beyondLadder(ladder, rung, `$.prescription.rungs[${i}]`),
    ),
    ...(prescription.exit === undefined
      ? []
      : beyondLadder(ladder, prescription.exit, '$.prescription.exit')),
    ...sessions.flatMap(({ sets }, s) =>
      sets.flatMap(({ rung }, i) => beyondLadder(ladder, rung, `$.sessions[${s}].sets[${i}].rung`)),
    ),
    ...(school.check?.(prescription) ?? []),
    ...sessions.flatMap((session, s) => missingMeasures(review, school, session, s)),
  ];
}

function checkOrder({ sessions, today }: Review): Fault[] {
  const last = sessions.at(-1);
  if (last === undefined) {
    return [{ code: 'form', path: '$.sessions', found: 'none', expected: 'the session just done' }];
  }
  const faults = sessions.flatMap(({ date }, i): Fault[] => {
    const before = sessions[i - 1]?.date;
    if (before === undefined || date >= before) return [];
    return [notBefore(`$.sessions[${i}].date`, date, before)];
  });
  return today === undefined || today >= last.date
    ? faults
    : [...faults, notBefore('$.today', today, last.date)];
}

function notBefore(path: string, found: string, day: string): Fault {
  const expected = `a day not before ${day}: sessions run from the oldest to the last`;
  return { code: 'form', path, found, expected };
}

function checkLoads(ladder: readonly LadderRung[]): Fault[] {
  return ladder.flatMap(({ load }, i): Fault[] => {
    const below = ladder[i - 1]?.load;
    if (below === undefined || load > below) return [];
    const expected = `a load above ${below}: index 0 is the easiest and loads rise`;
    return [{ code: 'form', path: `$.ladder[${i}].load`, found: `${load}`, expected }];
  });
}

function beyondLadder(ladder: readonly LadderRung[], rung: number, path: string): Fault[] {
  if (rung < ladder.length) return [];
  const expected = `a rung of the ladder, 0 to ${ladder.length - 1}`;
  return [{ code: 'unknown-name', path, found: `rung ${rung}`, expected }];
}

/** Sets beyond those prescribed, and those under another school, need not tell what this one goes by. */
function missingMeasures(
  { prescription, school }: Review,
  { measures }: SchoolRules,
  session: DoneSession,
  s: number,
): Fault[] {
  if ((session.school ?? school) !== school) return [];
  return session.sets.slice(0, prescription.sets).flatMap((set, i) =>
    measures.flatMap((measure): Fault[] =>
      set[measure] === undefined
        ? [
            {
              code: 'form',
              path: `$.sessions[${s}].sets[${i}].${measure}`,
              found: 'nothing',
              expected: `what the school ${school} goes by`,
            },
          ]
        : [],
    ),
  );
}
