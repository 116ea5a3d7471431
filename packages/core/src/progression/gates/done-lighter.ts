import { type Gate, passed } from './gate.js';

/** A set on a lighter rung than prescribed: nothing goes up. */
export const doneLighter: Gate = ({ done, rungs }) => {
  const sets = done.flatMap((set, place) => (set.rung < (rungs[place] ?? 0) ? [place + 1] : []));
  if (sets.length === 0)
    return passed('done-lighter', 'Every set was done at the load prescribed.');
  const where = `${sets.length === 1 ? 'set' : 'sets'} ${sets.join(', ')}`;
  return [
    {
      reason: {
        rule: 'done-lighter',
        text: `Lighter than prescribed in ${where}: nothing goes up.`,
        figures: { sets: sets.join(', ') },
      },
      holdsBack: `${where} ${sets.length === 1 ? 'was' : 'were'} done lighter than prescribed`,
    },
  ];
};
