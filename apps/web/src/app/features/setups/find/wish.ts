import type {
  PrescriptionRecord,
  SessionRecord,
  SetRecord,
  SetupRecord,
} from '@wiry-otter/contracts';
import { capabilityFrom, type Metric, type Target } from '@wiry-otter/core';

/** What is wanted, in the trainer's words: a figure, so many repetitions, or as much as another set-up. */
export type WishKind = Metric | 'repetitions' | 'asMuchAs';

/** A set from which a person's strength in an exercise is known. */
export interface KnownStrength {
  /** The load that could be moved once, with what of the body is lifted besides, in the demand's unit. */
  readonly once: number;
  /** The day of the set, ISO 8601. */
  readonly day: string;
  readonly reps: number;
  readonly spare: number;
  /** Of the bands. */
  readonly load: number;
}

/** What is looked at of a session. */
export interface DoneSession extends Pick<SessionRecord, 'personId' | 'day'> {
  readonly prescription: Pick<PrescriptionRecord, 'exerciseId'>;
  readonly setups: readonly (Pick<SetupRecord, 'id'> & {
    readonly figures: { readonly mean: number };
  })[];
  readonly sets: readonly Pick<SetRecord, 'form' | 'hold_s' | 'reps' | 'setupId' | 'spare'>[];
}

/**
 * What the latest session of an exercise tells of the person's strength: the best of its full sets
 * that were clean; undefined where there is none.
 *
 * @param moved_N what of the body is lifted with the bands
 */
export function knownStrength(
  sessions: readonly DoneSession[],
  personId: string,
  exerciseId: string,
  moved_N: number,
): KnownStrength | undefined {
  const of = sessions
    .filter(
      ({ personId: whose, prescription }) =>
        whose === personId && prescription.exerciseId === exerciseId,
    )
    .toSorted((a, b) => b.day.localeCompare(a.day));
  for (const { day, sets, setups } of of) {
    const known = sets.flatMap(({ form, hold_s, reps, setupId, spare: left }): KnownStrength[] => {
      const setup = setups.find(({ id }) => id === setupId);
      if (setup === undefined || hold_s !== null || reps < 1 || form === 'breaking') return [];
      const spare = left ?? 0;
      const load = setup.figures.mean;
      return [
        {
          once: capabilityFrom({ kind: 'reps', reps, spare }, load + moved_N),
          ...{ day, reps, spare, load },
        },
      ];
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
