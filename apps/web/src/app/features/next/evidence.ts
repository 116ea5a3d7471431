import type { DecisionRecord } from '@wiry-otter/contracts';
import { format, parseISO } from 'date-fns';
import { doneWords } from '../session/work-words';

/** A session that the rules looked at. */
export interface Evidence {
  readonly day: string;
  readonly setup: string;
  readonly done: string;
  readonly pain: number;
}

/** The sessions the rules looked at, the latest first. */
export function evidenceOf(decision: DecisionRecord | null): Evidence[] {
  return [...(decision?.review.sessions ?? [])].reverse().map(({ date, sets }) => ({
    day: format(parseISO(date), 'EEE d MMM'),
    setup: [...new Set(sets.map(({ rung }) => decision?.ladder[rung]?.title ?? ''))].join(
      ', then ',
    ),
    done: sets
      .map(({ hold_s = null, lowering_s = null, reps = 0 }) =>
        doneWords({ hold_s, lowering_s, reps }),
      )
      .join(', '),
    pain: Math.max(0, ...sets.map(({ pain = 0 }) => pain)),
  }));
}
