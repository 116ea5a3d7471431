import type { SetRecord, Work } from '@wiry-otter/contracts';

/** The range a set is to lie in: "8–15 reps", "10–20 s held". */
export function workWords(work: Work | undefined): string {
  if (work === undefined) return '';
  return work.kind === 'reps'
    ? `${work.from}–${work.to} reps`
    : `${work.from_s}–${work.to_s} s held`;
}

/** What the targets of a prescription are counted in. */
export function countWord(work: Work | undefined): 'reps' | 's' {
  return work?.kind === 'hold' ? 's' : 'reps';
}

/** What was done in a set: repetitions, or seconds held. */
export function doneWords({ hold_s, reps }: Pick<SetRecord, 'hold_s' | 'reps'>): string {
  return hold_s === null ? String(reps) : `${hold_s} s`;
}
