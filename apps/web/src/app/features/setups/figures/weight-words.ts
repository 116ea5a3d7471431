import { type EqualWeight, type Units, writeForce, writeMass } from '@wiry-otter/core';

/** What bands are compared with. */
export const COMPARABLE_WORDS: Readonly<Record<EqualWeight['kind'], string>> = {
  dumbbell: 'a free weight',
  cable: 'a cable',
};

/** A demand below this share of its most is next to nothing. */
const NEXT_TO_NOTHING = 0.12;
/** A curve that stays within this share of its most is even. */
const EVEN = 0.9;

/** What stands in for the bands, with its amount: `a dumbbell of 6.5 kg in each hand`. */
export function weightTitle({ amount, at, kind }: EqualWeight, units: Units): string {
  const what =
    kind === 'cable'
      ? `a cable of ${writeForce(amount, units.force)}`
      : `a weight of ${writeMass(amount, units.mass)}`;
  const [first = ''] = at;
  const held = first.startsWith('grip')
    ? 'hand'
    : first.startsWith('shoulder')
      ? 'shoulder'
      : 'side';
  return at.length > 1 ? `${what} at each ${held}` : what;
}

/** How two things of equal mean differ over the rep, and which suits the muscle better. */
export function compareWords(
  weight: EqualWeight,
  bandDemand: readonly number[],
  bandMatch: number | null,
): string {
  const name = weight.kind === 'cable' ? 'The cable' : 'The weight';
  const suits =
    weight.match === null || bandMatch === null
      ? ''
      : ` Against the muscle’s strength ${name.toLowerCase()} fits ${percent(weight.match)}, the band ${percent(bandMatch)}.`;
  return `${name} ${shapeWords(weight.demand)}; the band ${shapeWords(bandDemand)}.${suits}`;
}

/** Where a demand is least and most: `asks next to nothing at the start and most in the middle`. */
function shapeWords(demand: readonly number[]): string {
  const most = Math.max(...demand);
  const least = Math.min(...demand);
  if (!(most > 0)) return 'asks nothing';
  if (least >= EVEN * most) return 'asks the same all along';
  const where = (value: number): string =>
    PLACES[Math.min(2, Math.floor((3 * demand.indexOf(value)) / demand.length))] ?? '';
  const little = least < NEXT_TO_NOTHING * most ? 'next to nothing' : 'least';
  return `asks ${little} ${where(least)} and most ${where(most)}`;
}

const PLACES = ['at the start', 'in the middle', 'at the end'] as const;

function percent(share: number): string {
  return `${Math.round(100 * share)} %`;
}
