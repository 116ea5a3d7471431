import type { DoneSession } from '../review.js';
import { breakingSets, onSameRungs } from '../situation.js';
import { lighter } from '../verdict.js';
import { type Gate, passed } from './gate.js';

/** Form that broke: nothing goes up; in half the sets, twice running on the same rungs: one rung lighter. */
export const form: Gate = (situation) => {
  const { before, last } = situation;
  const breaking = breakingSets(last);
  const figures = { breaking: breaking.length, sets: last.sets.length };
  if (breaking.length === 0) return passed('gate.form', 'Form was clean in every set.', figures);
  if (before !== undefined && brokeInHalf(last) && brokeInHalf(before) && onSameRungs(situation)) {
    const reason = {
      rule: 'gate.form',
      text: 'Form broke in at least half the sets in two sessions running on the same rungs: one rung lighter.',
      figures,
    };
    return [{ reason, verdict: lighter(situation, 1, [reason]) }];
  }
  const where = `${breaking.length === 1 ? 'set' : 'sets'} ${breaking.join(', ')}`;
  const text = `Form broke in ${where} of ${last.sets.length}: nothing goes up, the same again, cleaner.`;
  return [{ reason: { rule: 'gate.form', text, figures }, holdsBack: `form broke in ${where}` }];
};

function brokeInHalf(session: DoneSession): boolean {
  return 2 * breakingSets(session).length >= session.sets.length;
}
