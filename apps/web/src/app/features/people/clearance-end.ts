import { differenceInCalendarDays, parseISO } from 'date-fns';

/** A clearance that ends so soon is asked for again, days. */
const SOON_DAYS = 14;

/** "runs out in 9 days", of a clearance that ends soon or has; null while it holds for longer. */
export function clearanceEnd(until: string): string | null {
  const days = differenceInCalendarDays(parseISO(until), new Date());
  if (days < 0) return 'has run out';
  if (days > SOON_DAYS) return null;
  if (days === 0) return 'holds until tonight';
  return days === 1 ? 'runs out tomorrow' : `runs out in ${days} days`;
}
