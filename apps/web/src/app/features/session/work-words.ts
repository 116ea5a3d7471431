import type { SetRecord, Work } from '@wiry-otter/contracts';

/** What a set is to be: "range 8–15 reps", "range 10–20 s held", "3 reps, held and lowered". */
export function workWords(work: Work | undefined): string {
  switch (work?.kind) {
    case undefined:
      return '';
    case 'reps':
      return rangeWords(work);
    case 'hold':
      return `range ${work.from_s}–${work.to_s} s held`;
    case 'lowering':
      return work.bareReps === undefined
        ? `${work.reps} reps, held and lowered`
        : `${work.reps} reps, ${work.bareReps} without a band, held and lowered`;
  }
}

/** The range of repetitions of a set. */
export function rangeWords({ from, to }: { readonly from: number; readonly to: number }): string {
  return `range ${from}–${to} reps`;
}

/** What the targets of a prescription are counted in. */
export function countWord(work: Work | undefined): 'reps' | 's' {
  return work === undefined || work.kind === 'reps' ? 'reps' : 's';
}

/** What was done in a set: repetitions, seconds held, or repetitions held and lowered. */
export function doneWords({
  hold_s,
  lowering_s,
  reps,
}: Pick<SetRecord, 'hold_s' | 'lowering_s' | 'reps'>): string {
  if (lowering_s !== null) return `${reps} held ${hold_s ?? 0} s, lowered ${lowering_s} s`;
  return hold_s === null ? String(reps) : `${hold_s} s`;
}
