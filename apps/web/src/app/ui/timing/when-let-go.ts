import { linkedSignal, type Signal, untracked } from '@angular/core';

/**
 * What takes too long to keep up with a hand, even in its pauses: worked out anew as what it is of
 * changes, but in a drag only once the hand lets go.
 *
 * @param of changes whenever the work is to be done again
 */
export function whenLetGo<T>(held: Signal<boolean>, of: Signal<unknown>, work: () => T): Signal<T> {
  return linkedSignal<{ readonly held: boolean; readonly of: unknown }, T>({
    source: () => ({ held: held(), of: of() }),
    computation: ({ held: isHeld }, before) =>
      isHeld && before !== undefined ? before.value : untracked(work),
  }).asReadonly();
}
