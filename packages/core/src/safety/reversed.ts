import type { CautionContext, CautionRule } from './caution.js';

/** Less of a rep than this may be done by the band before it is said. */
const REVERSED_SHARE = 0.1;

/** Warns when for a part of the rep the band, or gravity, does the movement. */
export const reversed: CautionRule = {
  id: 'reversed',
  level: 'warn',
  check: (context) => {
    const { reversedShare } = context.solved.summary;
    if (reversedShare <= REVERSED_SHARE) return undefined;
    const share = Math.round(100 * reversedShare);
    const doer = context.setup.runs.length === 0 ? 'gravity' : 'the band';
    return {
      rule: 'reversed',
      level: 'warn',
      text:
        reversedShare === 1
          ? `All through the rep ${doer} does the movement: turn round, or move the anchor.`
          : `For ${partWords(context)} ${share} % of the rep ${doer} does the movement: move the anchor, or turn.`,
      figures: { reversedShare },
    };
  },
};

/** Whether the reversed part is the first of the rep, the last, or neither. */
function partWords({ solved: { buffers } }: CautionContext): string {
  const { signed } = buffers;
  if ((signed[0] as number) < 0) return 'the first';
  return (signed[signed.length - 1] as number) < 0 ? 'the last' : '';
}
