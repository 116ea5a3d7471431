import { worstPain } from '../situation.js';
import { lighter } from '../verdict.js';
import { type Gate, passed } from './gate.js';

/** Pain over the limit, in a set or the morning after: one rung lighter. */
export const pain: Gate = (situation) => {
  const { last, painLimit: limit, rungs } = situation;
  const worst = worstPain(last);
  const figures = { pain: worst, limit };
  if (worst <= limit) {
    return passed('gate.pain', `Pain at most ${worst} in 10, limit ${limit}.`, figures);
  }
  const onEasiest = rungs.every((rung) => rung === 0);
  const reason = {
    rule: 'gate.pain',
    text: `Pain of ${worst} in 10, over the limit of ${limit}: ${onEasiest ? 'already on the easiest rung, so half the work' : 'one rung lighter'}.`,
    figures,
  };
  return [{ reason, verdict: lighter(situation, 1, [reason]) }];
};

/** Sessions whose pain is compared. */
const RISING = 3;

/** The greatest pain of each of the last three sessions, strictly rising. */
export const painRising: Gate = ({ review }) => {
  const pains = review.sessions.slice(-RISING).map(worstPain);
  const isRising =
    pains.length === RISING && pains.every((one, i) => i === 0 || one > (pains[i - 1] ?? one));
  const figures = { pains: pains.join(', ') };
  if (!isRising)
    return passed('pain-rising', 'Pain does not rise from session to session.', figures);
  return [
    {
      reason: {
        rule: 'pain-rising',
        text: `Pain rises from session to session (${figures.pains}): nothing goes up.`,
        figures,
      },
      holdsBack: `pain rose over three sessions (${figures.pains})`,
    },
  ];
};
