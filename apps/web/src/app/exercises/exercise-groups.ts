import type { ExerciseDocument } from '@wiry-otter/contracts';
import { OWN_PREFIX } from './own-exercise';

export interface ExerciseGroup {
  readonly words: string;
  readonly exercises: readonly ExerciseDocument[];
}

/** Exercises as they are offered: the studio's own, on the body, from an anchor, with the body's weight. */
export function groupExercises(all: readonly ExerciseDocument[]): ExerciseGroup[] {
  const groups = [
    { words: 'Your own', belongs: isOwn },
    { words: 'On the body', belongs: (e: ExerciseDocument) => !e.bodyweight && !e.anchor },
    { words: 'From an anchor', belongs: (e: ExerciseDocument) => !e.bodyweight && !!e.anchor },
    { words: 'With the body’s weight', belongs: (e: ExerciseDocument) => e.bodyweight },
  ];
  const offered = groups.map(({ words, belongs }) => ({
    words,
    exercises: all
      .filter((e) => belongs(e) && (belongs === isOwn || !isOwn(e)))
      .toSorted((a, b) => a.title.localeCompare(b.title)),
  }));
  return offered.filter(({ exercises }) => exercises.length > 0);
}

function isOwn({ id }: ExerciseDocument): boolean {
  return id.startsWith(OWN_PREFIX);
}
