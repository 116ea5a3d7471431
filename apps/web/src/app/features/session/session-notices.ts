import type { SetRecord } from '@wiry-otter/contracts';
import { STOP_PAIN } from '@wiry-otter/core';

/** What has to be said at once, while the session goes on. */
export interface SessionNotice {
  readonly tone: 'stop' | 'caution';
  readonly text: string;
}

/** Form that broke in so many sets is said. */
const BROKEN_SETS = 2;

/**
 * What the sets so far, and the pain just entered, ask for at once: the rules of the next session
 * would come too late for it.
 */
export function sessionNotices(
  sets: readonly Pick<SetRecord, 'pain' | 'form'>[],
  entered: { readonly pain: number },
  painLimit: number,
): SessionNotice[] {
  const worst = Math.max(entered.pain, ...sets.map(({ pain }) => pain));
  const broken = sets.filter(({ form }) => form === 'breaking').length;
  const notices: SessionNotice[] = [];
  if (worst >= STOP_PAIN) {
    notices.push({
      tone: 'stop',
      text: `Stop here. Pain of ${worst} in 10 goes to a licensed clinician (physician or physiotherapist) before any further work.`,
    });
  } else if (worst > painLimit) {
    notices.push({
      tone: 'caution',
      text: `Pain of ${worst} in 10 is over the limit of ${painLimit}: end the exercise or make it lighter now. The next session will be lighter.`,
    });
  }
  if (broken >= BROKEN_SETS) {
    notices.push({
      tone: 'caution',
      text: `Form broke in ${broken} sets: end the exercise, or go on lighter.`,
    });
  }
  return notices;
}
