import { writeDay } from '../units/units.js';
import { daysBetween } from './day.js';
import {
  type Decision,
  DEFAULT_PAIN_LIMIT,
  type DoneSession,
  type Reason,
  type RedFlag,
  type Review,
  STOP_PAIN,
} from './review.js';
import { freshTargets, movedRungs, presentTargets } from './targets.js';

/** After so many days without a session a break begins, unless the studio says otherwise. */
export const DEFAULT_BREAK_DAYS = 14;

/** What a gate says: a decision that ends the matter, or only the reason why it lets pass. */
interface GateAnswer {
  readonly reason: Reason;
  readonly decision?: Omit<Decision, 'reasons'>;
}

type Gate = (review: Review, last: DoneSession, before: DoneSession | undefined) => GateAnswer[];

/** The gates in the order they are weighed, for every school. */
const GATES: readonly Gate[] = [redFlagGate, clearanceGate, painGate, breakGate, formGate];

/**
 * Weighs the gates that come before every school: a red flag, pain, a long
 * break, form. All of them are weighed and give their reason, also those behind
 * one that closed.
 *
 * @returns the decision of the first gate that closes, or the reasons of all
 *   that let pass
 */
export function passGates(review: Review): Decision | { readonly passed: Reason[] } {
  const last = review.sessions.at(-1);
  if (last === undefined) return { passed: [] };
  const reasons: Reason[] = [];
  let closed: GateAnswer['decision'];
  for (const gate of GATES) {
    for (const answer of gate(review, last, review.sessions.at(-2))) {
      reasons.push(answer.reason);
      closed ??= answer.decision;
    }
  }
  return closed === undefined ? { passed: reasons } : { ...closed, reasons };
}

function redFlagGate(review: Review, last: DoneSession): GateAnswer[] {
  const pain = worstPain(last);
  if (last.redFlag !== undefined && last.redFlag !== false) {
    return [
      {
        reason: {
          rule: 'gate.red-flag',
          text: `A red flag was ticked${flagWords(last.redFlag)}. No further work: refer to the clinician.`,
          figures: typeof last.redFlag === 'string' ? { flag: last.redFlag } : {},
        },
        decision: stop(review),
      },
    ];
  }
  if (pain < STOP_PAIN) {
    return [{ reason: { rule: 'gate.red-flag', text: 'No red flag.', figures: {} } }];
  }
  return [
    {
      reason: {
        rule: 'gate.red-flag',
        text: `Pain of ${pain} in 10. No further work from ${STOP_PAIN} on: refer to the clinician.`,
        figures: { pain, stop: STOP_PAIN },
      },
      decision: stop(review),
    },
  ];
}

function clearanceGate(review: Review, last: DoneSession): GateAnswer[] {
  const until = review.clearance?.until;
  if (until === undefined) return [];
  if (daysBetween(last.date, until) >= 0) {
    return [
      {
        reason: {
          rule: 'gate.clearance',
          text: `Cleared by the clinician until ${writeDay(until)}.`,
          figures: { until, date: last.date },
        },
      },
    ];
  }
  return [
    {
      reason: {
        rule: 'gate.clearance',
        text: `The clearance ran out on ${writeDay(until)}. No further work until the clinician renews it.`,
        figures: { until, date: last.date },
      },
      decision: stop(review),
    },
  ];
}

function painGate(review: Review, last: DoneSession): GateAnswer[] {
  const limit = review.limits.pain ?? DEFAULT_PAIN_LIMIT;
  const pain = worstPain(last);
  const figures = { pain, limit };
  if (pain <= limit) {
    return [
      {
        reason: { rule: 'gate.pain', text: `Pain at most ${pain} in 10, limit ${limit}.`, figures },
      },
    ];
  }
  const { rungs } = review.prescription;
  const targets = presentTargets(review);
  const foot = freshTargets(review);
  const target = targets.map((value, set) => {
    const rung = rungs.length === 1 ? rungs[0] : rungs[set];
    return rung === 0 ? Math.max(1, Math.floor(value / 2)) : (foot[set] ?? value);
  });
  const onFoot = rungs.every((rung) => rung === 0);
  return [
    {
      reason: {
        rule: 'gate.pain',
        text: `Pain of ${pain} in 10, over the limit of ${limit}: ${onFoot ? 'already on the easiest rung, so half the work' : 'one rung lighter'}.`,
        figures,
      },
      decision: { code: 'lighter', rungs: movedRungs(rungs, -1, review.ladder.length), target },
    },
  ];
}

/** One rung lighter after a break, two after one of twice as long. */
function breakGate(
  review: Review,
  last: DoneSession,
  before: DoneSession | undefined,
): GateAnswer[] {
  if (before === undefined) return [];
  const { breakDays = DEFAULT_BREAK_DAYS } = review.limits;
  const days = daysBetween(before.date, last.date);
  if (days <= breakDays) {
    const text = `${days} days since the session before: no break, which begins after ${breakDays}.`;
    return [{ reason: { rule: 'gate.break', text, figures: { days } } }];
  }
  const steps = days > 2 * breakDays ? 2 : 1;
  return [
    {
      reason: {
        rule: 'gate.break',
        text: `${days} days since the session before: ${steps === 2 ? 'two rungs' : 'one rung'} lighter.`,
        figures: { days, rungs: steps },
      },
      decision: {
        code: 'lighter',
        rungs: movedRungs(review.prescription.rungs, -steps, review.ladder.length),
        target: freshTargets(review),
      },
    },
  ];
}

function formGate(
  review: Review,
  last: DoneSession,
  before: DoneSession | undefined,
): GateAnswer[] {
  const breaking = breakingSets(last);
  const figures = { breaking, sets: last.sets.length };
  if (!formBroke(last)) {
    return [
      {
        reason: {
          rule: 'gate.form',
          text: `Form broke in ${breaking} of ${last.sets.length} sets.`,
          figures,
        },
      },
    ];
  }
  const again = before !== undefined && formBroke(before) && sameRungs(before, last);
  const { rungs } = review.prescription;
  return [
    {
      reason: {
        rule: 'gate.form',
        text: again
          ? 'Form broke in at least half the sets in two sessions running on this rung: one rung lighter.'
          : `Form broke in ${breaking} of ${last.sets.length} sets: the same again, cleaner.`,
        figures,
      },
      decision: again
        ? {
            code: 'lighter',
            rungs: movedRungs(rungs, -1, review.ladder.length),
            target: freshTargets(review),
          }
        : { code: 'repeat', rungs: [...rungs], target: presentTargets(review) },
    },
  ];
}

const FLAG_WORDS: Readonly<Record<RedFlag, string>> = {
  numbness: 'numbness',
  dizziness: 'dizziness',
  chestPain: 'chest pain',
  sharpPain: 'sudden sharp pain',
  strengthLoss: 'loss of strength',
  other: '',
};

function flagWords(flag: true | RedFlag): string {
  const words = flag === true ? '' : FLAG_WORDS[flag];
  return words === '' ? '' : ` (${words})`;
}

/** The greatest pain of the session's sets and of the morning after. */
function worstPain(session: DoneSession): number {
  return Math.max(session.painNextMorning ?? 0, ...session.sets.map((set) => set.pain));
}

function breakingSets(session: DoneSession): number {
  return session.sets.filter((set) => set.form === 'breaking').length;
}

function formBroke(session: DoneSession): boolean {
  return session.sets.length > 0 && 2 * breakingSets(session) >= session.sets.length;
}

/** Whether both sessions were done on the same rungs. */
export function sameRungs(a: DoneSession, b: DoneSession): boolean {
  const rungsOf = (session: DoneSession): string =>
    [...new Set(session.sets.map((set) => set.rung))].sort((x, y) => x - y).join(' ');
  return rungsOf(a) === rungsOf(b);
}

/** No further work: the rungs stay as they are and nothing is asked of them. */
function stop({ prescription }: Review): Omit<Decision, 'reasons'> {
  return {
    code: 'stop',
    rungs: [...prescription.rungs],
    target: Array<number>(prescription.sets).fill(0),
  };
}
