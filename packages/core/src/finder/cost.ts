/** A band more costs this much. */
export const BAND_COST = 0.5;
/** Stretch above this costs, by so much each. */
const EASY_STRETCH = 2;
const STRETCH_COST = 2;
/** Costs are compared to so many decimals, so that sums of another order are the same cost. */
const COST_UNITS = 1e9;

export function stretchCost(stretch: number): number {
  return STRETCH_COST * Math.max(0, stretch - EASY_STRETCH);
}

/** A cost as it is compared. */
export function costUnits(cost: number): number {
  return Math.round(cost * COST_UNITS);
}

/** The highest cost that is compared as so many units. */
export function costOfUnits(units: number): number {
  return (units + 0.5) / COST_UNITS;
}
