import type { ExerciseDocument } from '@wiry-otter/contracts';
import {
  type Body,
  type Joint,
  layLeftLimbs,
  type Pair,
  type PreparedExercise,
  prepareExercise,
} from '@wiry-otter/core';

/** Where a contact of the figure is, m in the exercise's plane; nothing where it has none. */
export type FigurePlace = (contact: string) => Pair | undefined;

/**
 * Places of a figure at one sampled phase: those the statics uses, with the
 * left side as the poses tell it and the rest of the body from the backdrop.
 */
export function figurePlaces(
  exercise: ExerciseDocument,
  body: Body,
  prepared: PreparedExercise,
  k: number,
): FigurePlace {
  const own = placesOf(prepared, k);
  const behind = backdropPlaces(exercise, body);
  const place: FigurePlace = (contact) => own(contact) ?? behind(contact);
  const left = layLeftLimbs(exercise, body, prepared.phase[k] ?? 0, (joint) =>
    // The backdrop is the body; what the chain names beside it is the right limb alone.
    exercise.backdrop === undefined ? place(`${joint}L`) : behind(`${joint}L`),
  );
  return (contact) =>
    (contact.endsWith('L') ? left.get(contact.slice(0, -1) as Joint) : undefined) ?? place(contact);
}

function placesOf({ contacts, samples }: PreparedExercise, k: number): FigurePlace {
  return (contact) => {
    const c = contacts.index.get(contact);
    if (c === undefined) return undefined;
    return [contacts.x[c * samples + k] as number, contacts.y[c * samples + k] as number];
  };
}

function backdropPlaces(exercise: ExerciseDocument, body: Body): FigurePlace {
  const { backdrop } = exercise;
  if (backdrop === undefined) return () => undefined;
  const { root, ...pose } = backdrop;
  const standing = prepareExercise(
    {
      ...exercise,
      root,
      contacts: undefined,
      poses: [
        { phase: 0, ...pose },
        { phase: 1, ...pose },
      ],
      demand: { kind: 'contact', at: [] },
    },
    body,
    { samples: 2 },
  );
  return standing.ok ? placesOf(standing.value, 0) : () => undefined;
}
