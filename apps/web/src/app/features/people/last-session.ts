import type { PersonRecord } from '@wiry-otter/contracts';
import { differenceInCalendarDays, format, parseISO } from 'date-fns';

/** Without a session for so long somebody has gone quiet, days. */
const QUIET_DAYS = 14;

/** When somebody trained last, as far as this device knows. */
export interface LastSession {
  /** ISO 8601; empty where none is known. */
  readonly last: string;
  readonly lastWords: string;
  /** That they have gone quiet; null where they have not, or are in the archive. */
  readonly quiet: string | null;
}

/**
 * @param last the day of the last session that is on the device
 * @param isWhole whether all is that the device keeps; before, nobody is told quiet who is not known to be
 */
export function lastSession(
  { archivedOn, trainedSince }: Pick<PersonRecord, 'archivedOn' | 'trainedSince'>,
  last: string | undefined,
  isWhole: boolean,
): LastSession {
  const isPresent = archivedOn === null;
  if (last !== undefined) {
    const days = differenceInCalendarDays(new Date(), parseISO(last));
    const quiet = days > QUIET_DAYS && isPresent ? `quiet for ${days} days` : null;
    return { last, lastWords: format(parseISO(last), 'EEE d MMM'), quiet };
  }
  // What lies further back than the device keeps is known from the person.
  const hasTrained = Object.keys(trainedSince).length > 0;
  const lastWords = !isWhole || hasTrained ? '' : 'no session yet';
  const quiet = isWhole && hasTrained && isPresent ? 'quiet for half a year' : null;
  return { last: '', lastWords, quiet };
}
