import type { SessionRecord, SetRecord, SetupRecord } from '@wiry-otter/contracts';
import type { Metric, Target } from '@wiry-otter/core';

/** What is wanted, in the trainer's words: a figure, so many repetitions, or as much as another set-up. */
export type WishKind = Metric | 'repetitions' | 'asMuchAs';

/** A set from which a person's strength in an exercise is known. */
export interface KnownStrength {
  /** The load that could be moved once, in the demand's unit. */
  readonly once: number;
  /** The day of the set, ISO 8601. */
  readonly day: string;
  readonly reps: number;
  readonly spare: number;
  readonly load: number;
}

/** What is looked at of a session. */
export interface DoneSession extends Pick<SessionRecord, 'personId' | 'day'> {
  readonly setup: Pick<SetupRecord, 'exerciseId'> & { readonly figures: { readonly mean: number } };
  readonly sets: readonly Pick<SetRecord, 'form' | 'hold_s' | 'reps' | 'spare'>[];
}

/** More repetitions than this tell little of what could be moved once. */
const TRUSTED_REPS = 20;
/** So many repetitions halve and halve again what can be moved: load once = load·(1 + n/30). */
const ENDURANCE = 30;

/** The load that can just be moved so many times with so many to spare. */
export function loadFor({ once }: KnownStrength, reps: number, spare: number): number {
  return once / (1 + (reps + spare) / ENDURANCE);
}

/**
 * What the latest session of an exercise tells of the person's strength: the best of its full sets
 * that were clean; undefined where there is none.
 */
export function knownStrength(
  sessions: readonly DoneSession[],
  personId: string,
  exerciseId: string,
): KnownStrength | undefined {
  const of = sessions
    .filter(({ setup, personId: whose }) => whose === personId && setup.exerciseId === exerciseId)
    .toSorted((a, b) => b.day.localeCompare(a.day));
  for (const { day, sets, setup } of of) {
    const known = sets.flatMap(({ form, hold_s, reps, spare }): KnownStrength[] => {
      if (hold_s !== null || reps < 1 || form === 'breaking') return [];
      const count = Math.min(TRUSTED_REPS, reps + (spare ?? 0));
      const load = setup.figures.mean;
      return [{ once: load * (1 + count / ENDURANCE), day, reps, spare: spare ?? 0, load }];
    });
    const [best] = known.toSorted((a, b) => b.once - a.once);
    if (best !== undefined) return best;
  }
  return undefined;
}

/** The mean that another set-up asks, as a wish. */
export function asMuchAs({ figures }: SetupRecord): Target {
  return { metric: 'mean', value: figures.mean };
}
