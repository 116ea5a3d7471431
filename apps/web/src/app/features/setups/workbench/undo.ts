import { computed } from '@angular/core';
import {
  patchState,
  signalStoreFeature,
  type,
  withComputed,
  withMethods,
  withState,
} from '@ngrx/signals';
import type { WorkbenchState } from './workbench-state';

/** Changes of one thing that follow each other within this count as one, ms: a key held down is one change. */
const ONE_CHANGE_MS = 700;

interface Change {
  readonly before: WorkbenchState;
  readonly what: string;
  readonly at: number;
}

interface UndoState {
  readonly past: readonly Change[];
  readonly future: readonly WorkbenchState[];
}

const NOTHING: UndoState = { past: [], future: [] };

/** Since when a pointer is down, ms; Infinity while none is. */
const LET_GO = { heldSince: Infinity };

/** Undo and redo of all that is set, without end within the visit. */
export function withUndo() {
  return signalStoreFeature(
    { state: type<{ set: WorkbenchState }>() },
    withState({ ...NOTHING, ...LET_GO }),
    withComputed(({ past, future, heldSince }) => ({
      /** Whether a pointer is down: what it changes until it is lifted is one change. */
      held: computed(() => heldSince() < Infinity),
      canUndo: computed(() => past().length > 0),
      canRedo: computed(() => future().length > 0),
    })),
    withMethods((store) => ({
      hold(): void {
        patchState(store, { heldSince: performance.now() });
      },
      letGo(): void {
        patchState(store, LET_GO);
      },
      /** Changes parts of what is set; `what` names the thing, so that a drag is undone as one. */
      change(what: string, part: Partial<WorkbenchState>): void {
        if (isAsSet(store.set(), part)) return;
        const at = performance.now();
        const last = store.past().at(-1);
        const goesOn =
          last?.what === what && (at - last.at < ONE_CHANGE_MS || last.at >= store.heldSince());
        const before = goesOn ? last.before : store.set();
        patchState(store, ({ set, past }) => ({
          set: { ...set, ...part },
          past: [...(goesOn ? past.slice(0, -1) : past), { before, what, at }],
          future: [],
        }));
      },
      undo(): void {
        const last = store.past().at(-1);
        if (last === undefined) return;
        patchState(store, ({ set, past, future }) => ({
          set: last.before,
          past: past.slice(0, -1),
          future: [set, ...future],
        }));
      },
      redo(): void {
        const [next, ...later] = store.future();
        if (next === undefined) return;
        patchState(store, ({ set, past }) => ({
          set: next,
          past: [...past, { before: set, what: 'redo', at: -Infinity }],
          future: later,
        }));
      },
      /** What was done before is no longer there to go back to. */
      forget(): void {
        patchState(store, NOTHING);
      },
    })),
  );
}

/** Whether a part changes nothing: most moves of a slow drag stay within the same centimetre. */
function isAsSet(set: WorkbenchState, part: Partial<WorkbenchState>): boolean {
  return Object.entries(part).every(([key, value]) => {
    const present = set[key as keyof WorkbenchState];
    return present === value || JSON.stringify(present) === JSON.stringify(value);
  });
}
