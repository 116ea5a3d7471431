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
import type { ExerciseDocument, PlaceDocument } from '@wiry-otter/contracts';
import { firstValueFrom } from 'rxjs';
import { v7 as uuidv7 } from 'uuid';
import { accountActions, rulesOf } from '../../account/account';
import { selectIsOwner } from '../../account/own-role';
import { problemDetails, problemWords } from '../../api/api-problem';
import { StudioApi } from '../../api/studio-api';
import { RecordWriter } from '../../records/outbox/record-writer';
import { recordActions } from '../../records/record-actions';
import { noticeActions } from '../../ui/notices/notices';
import { selectBands, selectEverybody, selectPlaces, selectStudio } from '../../records/selectors';
import { SHOWN } from '../../records/shown';
import {
  type BandList,
  LARGEST_ARCHIVE,
  readStudioArchive,
  type StudioArchive,
} from './studio-archive';

/** What was not read in, and why. */
interface NotRead {
  readonly what: string;
  readonly words: readonly string[];
}

interface ReadStudioState {
  readonly archive: StudioArchive | null;
  readonly faults: readonly string[];
  /** Whether rules and units are taken over too. */
  readonly withRules: boolean;
  /** What is being read in, while it is. */
  readonly reading: { readonly what: string; readonly done: number; readonly of: number } | null;
  readonly read: readonly string[];
  readonly notRead: readonly NotRead[];
}

const NOTHING: ReadStudioState = {
  ...{ archive: null, faults: [], withRules: false, reading: null },
  ...{ read: [], notRead: [] },
};

/** The documents that are read in. */
export type Arrivals = Pick<StudioArchive, 'bands' | 'people' | 'places' | 'exercises'>;

/** One of them on its way. */
interface Step {
  readonly what: string;
  readonly run: () => Promise<{
    /** In words; null where all of it was refused. */
    readonly read: string | null;
    readonly notRead: readonly NotRead[];
  }>;
}

/**
 * An archive of a whole studio on its way in: told first, then read document by document, bands
 * before the people whose set-ups name them. What is here already stays as it is, so that an
 * archive can be read again after it was stopped.
 */
export const ReadStudioStore = signalStore(
  withState(NOTHING),
  withProps((_store, global = inject(Store)) => ({
    _bands: global.selectSignal(selectBands),
    _people: global.selectSignal(selectEverybody),
    _places: global.selectSignal(selectPlaces),
    _exercises: global.selectSignal(SHOWN.exercise.selectAll),
    _studio: global.selectSignal(selectStudio),
    _isOwner: global.selectSignal(selectIsOwner),
  })),
  withComputed(({ archive, _bands, _exercises, _isOwner, _people, _places }) => ({
    /** What of the archive is not here yet. */
    arrivals: computed((): Arrivals => {
      const { bands = null, exercises = [], people = [], places = [] } = archive() ?? {};
      const here = new Set([..._bands(), ..._people(), ..._places()].map(({ id }) => id));
      const newBands = bands?.bands.filter(({ id }) => !here.has(id)) ?? [];
      // Their own places and exercises come along with people.
      const brought = new Set(people.flatMap((file) => file.places).map(({ id }) => id));
      const titles = new Set(
        [..._exercises(), ...people.flatMap((file) => file.exercises)].map(
          ({ document }) => document.id,
        ),
      );
      return {
        bands: bands === null || newBands.length === 0 ? null : { ...bands, bands: newBands },
        people: people.filter(({ person }) => !here.has(person.id)),
        places: places.filter(({ id }) => !here.has(id) && !brought.has(id)),
        exercises: exercises.filter(({ id }) => !titles.has(id)),
      };
    }),
    offersRules: computed(() => _isOwner() && (archive()?.settings ?? null) !== null),
  })),
  withMethods((store) => {
    const api = inject(StudioApi);
    const writer = inject(RecordWriter);
    const global = inject(Store);
    let isStopped = false;

    const readBands = async (list: BandList): Promise<readonly NotRead[]> => {
      const file = new File([JSON.stringify(list)], 'bands.json', { type: 'application/json' });
      const plan = await firstValueFrom(api.importBands(file));
      await firstValueFrom(api.importBands(file, plan.digest));
      return plan.rows
        .filter(({ does }) => does === 'refuse')
        .map(({ name, words }) => ({ what: name, words }));
    };
    const readPlace = ({ format: _format, id, ...input }: PlaceDocument): Promise<unknown> =>
      writer.write('putPlace', { id }, { ...input, version: 0 }, input.name);
    const readExercise = (document: ExerciseDocument): Promise<unknown> =>
      writer.write('putExercise', { id: uuidv7() }, { version: 0, document }, document.title);
    const takeRules = ({ settings }: StudioArchive): void => {
      const studio = store._studio();
      if (settings === null || studio === undefined) return;
      const {
        format: _format,
        version: _version,
        trainers: _trainers,
        zone: _zone,
        ...rules
      } = settings;
      global.dispatch(
        accountActions.saveRules({
          input: { ...rulesOf(studio), ...rules, name: studio.name },
          words: 'Rules and units are those of the archive.',
        }),
      );
    };
    const stepsOf = ({ bands, exercises, people, places }: Arrivals): readonly Step[] => {
      const one = (what: string, run: () => Promise<unknown>): Step => ({
        what,
        run: async () => {
          await run();
          return { read: what, notRead: [] };
        },
      });
      return [
        ...(bands === null ? [] : [bandStep(bands)]),
        ...people.map((file) =>
          one(file.person.name, () => firstValueFrom(api.readPersonFile(file, true))),
        ),
        ...places.map((place) => one(place.name, () => readPlace(place))),
        ...exercises.map((document) => one(document.title, () => readExercise(document))),
      ];
    };
    const bandStep = (list: BandList): Step => ({
      what: bandCount(list.bands.length),
      run: async () => {
        const notRead = await readBands(list);
        const count = list.bands.length - notRead.length;
        return { read: count === 0 ? null : bandCount(count), notRead };
      },
    });

    return {
      async choose(file: File): Promise<void> {
        patchState(store, NOTHING);
        if (file.size > LARGEST_ARCHIVE) {
          const [found, most] = [file.size, LARGEST_ARCHIVE].map((bytes) => Math.ceil(bytes / 1e6));
          const fault = `$: found ${found} MB, expected at most ${most} MB`;
          return patchState(store, { faults: [fault] });
        }
        const read = readStudioArchive(new Uint8Array(await file.arrayBuffer()));
        if (!read.ok) return patchState(store, { faults: read.faults });
        // A studio that has nobody yet is about to become the other.
        const withRules = store._people().length === 0;
        patchState(store, { archive: read.archive, withRules });
      },
      setWithRules(withRules: boolean): void {
        patchState(store, { withRules });
      },
      leave(): void {
        patchState(store, NOTHING);
      },
      /** After the document at hand. */
      stop(): void {
        isStopped = true;
      },
      async readIn(): Promise<void> {
        const archive = store.archive();
        if (archive === null || store.reading() !== null) return;
        isStopped = false;
        const steps = stepsOf(store.arrivals());
        if (store.offersRules() && store.withRules()) takeRules(archive);
        for (const [done, { run, what }] of steps.entries()) {
          if (isStopped) break;
          patchState(store, { reading: { what, done, of: steps.length } });
          try {
            const outcome = await run();
            patchState(store, ({ notRead, read }) => ({
              read: outcome.read === null ? read : [...read, outcome.read],
              notRead: [...notRead, ...outcome.notRead],
            }));
          } catch (error) {
            const words = [problemWords(error), ...problemDetails(error)];
            patchState(store, ({ notRead }) => ({ notRead: [...notRead, { what, words }] }));
          }
        }
        global.dispatch(recordActions.pull());
        patchState(store, { archive: null, reading: null });
        if (isStopped) {
          const text = 'Reading in was stopped: choose the archive again to go on.';
          global.dispatch(noticeActions.show({ text, tone: 'done', undo: null }));
        }
      },
    };
  }),
  withHooks({
    // Whoever leaves the page would not see what becomes of it.
    onDestroy(store) {
      if (store.reading() !== null) store.stop();
    },
  }),
);

function bandCount(count: number): string {
  return count === 1 ? '1 band' : `${count} bands`;
}
