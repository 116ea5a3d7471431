/** A band more costs this much. */
export const BAND_COST = 0.5;
/** Stretch above this costs, by so much each. */
const EASY_STRETCH = 2;
const STRETCH_COST = 2;
/** Costs are compared to so many decimals, so that sums of another order are the same cost. */
const DECIMALS = 1e9;

export function stretchCost(stretch: number): number {
  return STRETCH_COST * Math.max(0, stretch - EASY_STRETCH);
}

/** A cost as it is compared. */
export function roundedCost(cost: number): number {
  return Math.round(cost * DECIMALS);
}

/** The highest cost that rounds to this. */
export function highestOfRounded(rounded: number): number {
  return (rounded + 0.5) / DECIMALS;
}
