import { writeDay } from '../units/units.js';
import type { PersonFacts } from './caution.js';

/** A clinician's clearance as it is on file. */
export interface Clearance {
  readonly by: string;
  /** The last day it holds, ISO 8601. */
  readonly until: string;
  /** What the clinician allows, in their words; may be empty. */
  readonly limits: string;
}

const CONDITION_WORDS: Readonly<Record<PersonFacts['conditions'][number], string>> = {
  recentSurgery: 'recent surgery',
  pregnancy: 'pregnancy',
  neurological: 'a neurological condition',
  heart: 'a heart condition',
  highBloodPressure: 'high blood pressure',
};

/** Whether a clinician's clearance is on file and has not run out. */
export function isCleared({ clearance }: Pick<PersonFacts, 'clearance'>, today: string): boolean {
  return clearance !== null && clearance.until >= today;
}

/** What makes a clearance necessary, in words; nothing where none is needed. */
export function reasonsForClearance({
  goal,
  conditions,
}: Pick<PersonFacts, 'goal' | 'conditions'>): string[] {
  return [
    ...(goal === 'rehab' ? ['a rehab goal'] : []),
    // Blood pressure sharpens the caution about breathing; by itself it asks for no clearance.
    ...conditions
      .filter((condition) => condition !== 'highBloodPressure')
      .map((condition) => CONDITION_WORDS[condition]),
  ];
}

/** Whom the product defers to, wherever a set-up stands. */
export const DEFERENCE =
  'Clearance is a licensed clinician’s (physician or physiotherapist), local rules and licensed practice come first, and the figures are estimates.';

/**
 * What every screen that plans or runs the work of a person says of their
 * clearance; undefined where the file asks for none. Says whose it is and its
 * limits, and whom the product defers to.
 *
 * @param today ISO 8601; a clearance holds on its last day
 */
export function clearanceWords(
  person: Pick<PersonFacts, 'goal' | 'conditions'> & { readonly clearance: Clearance | null },
  today: string,
): string | undefined {
  if (reasonsForClearance(person).length === 0) return undefined;
  const { clearance } = person;
  const onFile =
    clearance === null
      ? 'No clearance is on file.'
      : isCleared(person, today)
        ? `Cleared by ${clearance.by} until ${writeDay(clearance.until)}.`
        : `The clearance by ${clearance.by} ran out on ${writeDay(clearance.until)}.`;
  const limits = clearance?.limits ?? '';
  return [onFile, ...(limits === '' ? [] : [limits]), DEFERENCE].join(' ');
}
