import { effect, inject, linkedSignal, type Signal } from '@angular/core';
import { signalStoreFeature, type, withHooks, withProps } from '@ngrx/signals';
import { FramePacer } from '../../../ui/timing/frame-pacer';
import type { SolvedWorkbench } from './solve-workbench';

/**
 * What the figures beside the scene are of. In a drag the scene keeps up with the hand, and they
 * follow in its pauses.
 */
export function withSettled() {
  return signalStoreFeature(
    {
      props: type<{
        readonly solved: Signal<SolvedWorkbench | null>;
        readonly held: Signal<boolean>;
      }>(),
    },
    withProps(({ held, solved }) => {
      const following = linkedSignal<
        { readonly now: SolvedWorkbench | null; readonly held: boolean },
        SolvedWorkbench | null
      >({
        source: () => ({ now: solved(), held: held() }),
        computation: ({ now, held: isHeld }, before) => (isHeld ? before?.value : null) ?? now,
      });
      return { settled: following.asReadonly(), _following: following };
    }),
    withHooks((store, pacer = inject(FramePacer)) => ({
      onInit() {
        effect(() => {
          store.solved();
          // Asked for anew in the pause: by then a click may have changed it.
          if (store.held()) pacer.follow(store, () => store._following.set(store.solved()));
          else pacer.forget(store);
        });
      },
      onDestroy() {
        pacer.forget(store);
      },
    })),
  );
}
