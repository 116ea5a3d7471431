import type { SetRecord, Work } from '@wiry-otter/contracts';

/** The range a set is to lie in: "8–15 reps", "10–20 s held", "3 reps, held and lowered". */
export function workWords(work: Work | undefined): string {
  switch (work?.kind) {
    case undefined:
      return '';
    case 'reps':
      return `${work.from}–${work.to} reps`;
    case 'hold':
      return `${work.from_s}–${work.to_s} s held`;
    case 'lowering':
      return `${work.reps} reps, held at the top, then lowered as slowly`;
  }
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
