import type { Reason } from '../review.js';
import type { Situation } from '../situation.js';
import type { Verdict } from '../verdict.js';

/** What a gate says: its reason, and what it asks for where it closes. */
export interface GateAnswer {
  readonly reason: Reason;
  /** A stop, or lighter work. */
  readonly verdict?: Verdict;
  /** At most `repeat`: nothing goes up, because of this ("form broke in set 2"). */
  readonly holdsBack?: string;
}

/** A rule that is weighed before every school. */
export type Gate = (situation: Situation) => readonly GateAnswer[];

/** A gate that lets pass, and why. */
export function passed(
  rule: string,
  text: string,
  figures: Reason['figures'] = {},
): readonly GateAnswer[] {
  return [{ reason: { rule, text, figures } }];
}
