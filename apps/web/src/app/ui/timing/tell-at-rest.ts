import { DestroyRef, effect, inject } from '@angular/core';
import { AtRest } from './at-rest';
import { FramePacer } from './frame-pacer';

/**
 * Tells what takes many steps to work out once nothing has changed for a while, a few steps in each
 * frame; a change on the way begins it anew.
 *
 * @param watch reads what it depends on
 * @param steps what is to be told, one after the other
 */
export function tellAtRest<T>(
  rest_ms: number,
  watch: () => void,
  steps: () => Iterator<T, unknown>,
  told: (all: readonly T[]) => void,
): void {
  const pacer = inject(FramePacer);
  const rest = new AtRest(rest_ms, () => pacer.followInSteps(rest, steps(), told));
  effect(() => {
    watch();
    pacer.forget(rest);
    rest.restart();
  });
  inject(DestroyRef).onDestroy(() => {
    pacer.forget(rest);
    rest.cancel();
  });
}
