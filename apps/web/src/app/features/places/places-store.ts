import { computed, inject } from '@angular/core';
import { patchState, signalStore, withComputed, withMethods, withState } from '@ngrx/signals';
import { Store } from '@ngrx/store';
import {
  type AnchorRecord,
  parseDocument,
  placeInput,
  type PlaceInput,
  type PlaceRecord,
} from '@wiry-otter/contracts';
import { v7 as uuidv7 } from 'uuid';
import { selectForceUnit, selectPlaces, selectLengthUnit } from '../../records/selectors';
import { studioActions } from '../../records/writing/studio-actions';
import { type AnchorKind, type Door, NEW_DOOR, newAnchor } from './new-anchor';
import { placeFaultWords } from './place-words';

/** A place under change: its id, and the fields as they would be written. */
interface Draft extends PlaceInput {
  readonly id: string;
}

interface PlacesState {
  readonly draft: Draft | null;
  /** Whether the draft was changed since it was opened: a form begins without errors. */
  readonly changed: boolean;
}

const NO_DRAFT: PlacesState = { draft: null, changed: false };

/** The places of the studio, and the one under change. */
export const PlacesStore = signalStore(
  withState(NO_DRAFT),
  withComputed(({ draft }, global = inject(Store)) => ({
    places: global.selectSignal(selectPlaces),
    unit: global.selectSignal(selectForceUnit),
    lengthUnit: global.selectSignal(selectLengthUnit),
    /** What is wrong with the draft, each in words with its place; nothing when it can be kept. */
    faults: computed(() => {
      const present = draft();
      if (present === null) return [];
      const { id: _id, ...input } = present;
      const parsed = parseDocument(placeInput, input);
      return parsed.ok ? [] : parsed.faults.map((fault) => placeFaultWords(input, fault));
    }),
  })),
  withMethods((store, global = inject(Store)) => {
    const set = (part: Partial<Draft>): void =>
      patchState(store, ({ draft }) =>
        draft === null ? {} : { draft: { ...draft, ...part }, changed: true },
      );
    const anchors = (): readonly AnchorRecord[] => store.draft()?.anchors ?? [];
    const setAnchor = (id: string, part: Partial<AnchorRecord>): void =>
      set({ anchors: anchors().map((one) => (one.id === id ? { ...one, ...part } : one)) });
    return {
      set,
      setAnchor,
      change({ about, anchors, id, name, version }: PlaceRecord): void {
        patchState(store, { draft: { id, version, name, about, anchors }, changed: false });
      },
      add(): void {
        const draft = { id: uuidv7(), version: 0, name: '', about: '', anchors: [] };
        patchState(store, { draft, changed: false });
      },
      leave(): void {
        patchState(store, NO_DRAFT);
      },
      addAnchor(kind: AnchorKind): void {
        set({ anchors: [...anchors(), newAnchor(kind)] });
      },
      setDoor({ door, id }: AnchorRecord, part: Partial<Door>): void {
        setAnchor(id, { door: { ...(door ?? NEW_DOOR), ...part } });
      },
      removeAnchor(id: string): void {
        set({ anchors: anchors().filter((anchor) => anchor.id !== id) });
      },
      save(): void {
        const draft = store.draft();
        if (draft === null || store.faults().length > 0) return;
        const { id, ...input } = draft;
        const count = input.anchors.length;
        const words = `${input.name.trim()}: ${count === 1 ? '1 anchor' : `${count} anchors`} kept.`;
        global.dispatch(studioActions.savePlace({ id, input, words }));
        patchState(store, NO_DRAFT);
      },
    };
  }),
);
