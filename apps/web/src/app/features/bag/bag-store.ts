import { computed, inject } from '@angular/core';
import {
  patchState,
  signalStore,
  withComputed,
  withHooks,
  withMethods,
  withProps,
  withState,
} from '@ngrx/signals';
import { Store } from '@ngrx/store';
import type { SetupRecord } from '@wiry-otter/contracts';
import { bandOfCopy, copyOfId, type Proposal, USUAL_PREFERENCES } from '@wiry-otter/core';
import { format } from 'date-fns';
import * as z from 'zod';
import { lineOf, requestOf } from '../setups/find/found-lines';
import { chosenRoutes } from '../setups/workbench/routes';
import { RecordInputs } from '../setups/workbench/record-inputs';
import {
  selectKnownBands,
  selectPeople,
  selectPrescriptions,
  selectSetups,
} from '../../records/selectors';
import { readStored, store as keep } from '../../storage/storage';
import { Finder } from '../../workers/finder';
import type { PackedBag, PackedSetup } from '../../workers/finder.worker';

/** Anchors that a trainer carries to a place; all others are there. */
const CARRIED: Readonly<Record<string, string>> = { door: 'door strap', rings: 'rings' };
const CARRIED_PREFIX = 'anchor ';

/** An item of the bag and what it is needed for. */
export interface BagItem {
  readonly id: string;
  readonly name: string;
  /** The band's colour; none for an anchor. */
  readonly colour: string | null;
  readonly tag: number | null;
  readonly uses: readonly string[];
  readonly packed: boolean;
}

interface BagState {
  /** People whose work is packed for. */
  readonly personIds: readonly string[];
  readonly packedIds: readonly string[];
  readonly bag: PackedBag | null;
  /** What the bag was packed for, in the order of its ways. */
  readonly packedFor: readonly SetupRecord[];
  readonly broken: boolean;
}

const NOTHING_PACKED: BagState = {
  personIds: [],
  packedIds: [],
  bag: null,
  packedFor: [],
  broken: false,
};

type BagWay = PackedBag['ways'][number][number];

/** The way in which the bag serves a set-up, by its place; undefined where it does not. */
function wayOf({ packing, ways }: PackedBag, s: number): BagWay | undefined {
  return ways[s]?.[packing.ways[s] ?? -1];
}

/** The smallest bag for some people's next work, ticked off while it is packed. */
export const BagStore = signalStore(
  withState<BagState>(NOTHING_PACKED),
  withProps(() => ({
    _finder: inject(Finder),
    _inputs: inject(RecordInputs),
    _key: `otter.bag.${format(new Date(), 'yyyy-MM-dd')}`,
  })),
  withComputed((state, global = inject(Store)) => {
    /** Where to stand or grip, and how the bands run. */
    const wordsOf = (setup: SetupRecord, proposal: Proposal): string => {
      const input = state._inputs.of(setup);
      return (input && lineOf(input, state._inputs.usable(), proposal)?.words) ?? '';
    };
    const people = global.selectSignal(selectPeople);
    const setups = global.selectSignal(selectSetups);
    const prescriptions = global.selectSignal(selectPrescriptions);
    const known = global.selectSignal(selectKnownBands);
    /** What a person does next: what is prescribed, else what is ready. */
    const workOf = (personId: string): SetupRecord[] => {
      const own = setups().filter((setup) => setup.personId === personId);
      const prescribed = prescriptions().filter((one) => one.personId === personId);
      const wanted = prescribed.flatMap(({ setupIds }) => setupIds);
      const found = own.filter(({ id }) => wanted.includes(id));
      return found.length > 0 ? found : own.filter(({ ready }) => ready);
    };
    const nameOf = (setup: SetupRecord): string => {
      const person = people().find(({ id }) => id === setup.personId);
      return `${person?.name ?? ''}: ${setup.document.exercise.title}`;
    };
    return {
      people: computed(() =>
        people().map((person) => ({
          person,
          work: workOf(person.id),
          chosen: state.personIds().includes(person.id),
        })),
      ),
      chosen: computed(() => state.personIds().flatMap(workOf)),
      items: computed((): BagItem[] => {
        const bag = state.bag();
        if (bag === null) return [];
        return bag.packing.items.map((id) => {
          const band = known().find(({ record }) => record.id === bandOfCopy(id))?.record;
          const copy = copyOfId(id) === 1 ? '' : ', a second one';
          const uses = state.packedFor().flatMap((setup, s) => {
            const way = wayOf(bag, s);
            return way?.items.includes(id) === true ? [nameOf(setup)] : [];
          });
          return {
            id,
            name: band === undefined ? id.replace(CARRIED_PREFIX, '') : band.name + copy,
            colour: band?.colour ?? null,
            tag: band?.tag ?? null,
            uses,
            packed: state.packedIds().includes(id),
          };
        });
      }),
      /** Set-ups that are built another way than they are saved, so that the bag is smaller. */
      otherWays: computed(() => {
        const bag = state.bag();
        return state.packedFor().flatMap((setup, s) => {
          const proposal = bag && wayOf(bag, s)?.proposal;
          if (proposal === null || proposal === undefined) return [];
          const names = [...new Set(proposal.bandIds)].map(
            (id) => known().find(({ record }) => record.id === id)?.record.name ?? 'a band',
          );
          return [
            {
              setup,
              name: nameOf(setup),
              instead: names.join(' + '),
              words: wordsOf(setup, proposal),
              share: proposal.value / setup.figures.mean - 1,
            },
          ];
        });
      }),
      /** Set-ups that nothing in the bag can build: a band of theirs is retired. */
      unserved: computed(() =>
        state
          .packedFor()
          .filter((_, s) => (state.bag()?.packing.ways[s] ?? 0) < 0)
          .map(nameOf),
      ),
    };
  }),
  withMethods((store) => {
    const packedSetup = (setup: SetupRecord, isOnlyOwn: boolean): PackedSetup => {
      const input = store._inputs.of(setup);
      const carried = CARRIED[input?.anchor?.kind ?? ''];
      const anchorItems = carried === undefined ? [] : [CARRIED_PREFIX + carried];
      const laid = setup.document.bands.map(({ id }) => id);
      const items = [...laid, ...anchorItems];
      const bandIds = laid.map(bandOfCopy);
      if (isOnlyOwn || input === null) {
        return { items, anchorItems, bandIds, request: null };
      }
      const target = { metric: 'mean', value: setup.figures.mean } as const;
      const request = requestOf(input, store._inputs.usable(), target, USUAL_PREFERENCES);
      // Other bands, but laid as the person knows it.
      const routes = chosenRoutes(input.exercise, input.state);
      return { items, anchorItems, bandIds, request: { ...request, routes } };
    };
    /** Whether a caution stands against another way of a set-up. */
    const isRefused = (setup: SetupRecord, way: BagWay | undefined): boolean => {
      const input = store._inputs.of(setup);
      const proposal = way?.proposal ?? null;
      return (
        proposal !== null &&
        input !== null &&
        lineOf(input, store._inputs.usable(), proposal) === undefined
      );
    };
    return {
      choose(personId: string, yes: boolean): void {
        const others = store.personIds().filter((id) => id !== personId);
        patchState(store, { personIds: yes ? [...others, personId] : others, bag: null });
      },
      async pack(): Promise<void> {
        const chosen = store.chosen();
        patchState(store, { broken: false, bag: null });
        /** Set-ups of which another way was refused by a caution: they are packed as they are saved. */
        const onlyOwn = new Set<SetupRecord>();
        for (;;) {
          const setups = chosen.map((setup) => packedSetup(setup, onlyOwn.has(setup)));
          const outcome = await store._finder.ask({ kind: 'bag', setups });
          patchState(store, { broken: outcome.kind === 'broken' });
          if (outcome.kind !== 'done') return;
          const refused = chosen.filter((setup, s) => isRefused(setup, wayOf(outcome.result, s)));
          if (refused.length === 0) {
            patchState(store, { bag: outcome.result, packedFor: chosen });
            return;
          }
          for (const setup of refused) onlyOwn.add(setup);
        }
      },
      cancel(): void {
        store._finder.cancel();
      },
      tick(id: string, yes: boolean): void {
        const others = store.packedIds().filter((other) => other !== id);
        patchState(store, { packedIds: yes ? [...others, id] : others });
        keep(store._key, store.packedIds());
      },
    };
  }),
  withHooks({
    onInit(store) {
      const personIds = store
        .people()
        .filter(({ work }) => work.length > 0)
        .map(({ person }) => person.id);
      patchState(store, {
        personIds,
        packedIds: readStored(store._key, z.array(z.string())) ?? [],
      });
    },
  }),
);
