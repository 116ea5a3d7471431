import { computed, inject } from '@angular/core';
import {
  patchState,
  signalStore,
  withComputed,
  withMethods,
  withProps,
  withState,
} from '@ngrx/signals';
import { Store } from '@ngrx/store';
import { firstValueFrom } from 'rxjs';
import { v7 as uuidv7 } from 'uuid';
import { accountActions, rulesOf } from '../../account/account';
import { selectIsOwner } from '../../account/own-role';
import { ApiProblem, problemWords } from '../../api/api-problem';
import { StudioApi } from '../../api/studio-api';
import { RecordWriter } from '../../records/outbox/record-writer';
import { recordActions } from '../../records/record-actions';
import {
  selectEverybody,
  selectExercises,
  selectPlaces,
  selectStudio,
} from '../../records/selectors';
import {
  LARGEST_ARCHIVE,
  type NamedFile,
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

/** One document on its way in. */
interface Step {
  readonly what: string;
  readonly run: () => Promise<readonly NotRead[]>;
}

/**
 * An archive of a whole studio on its way in: told first, then read document by document, bands
 * before the people whose set-ups name them. What is here already stays as it is, so that an
 * archive can be read again after it was stopped.
 */
export const ReadStudioStore = signalStore(
  withState(NOTHING),
  withProps((_store, global = inject(Store)) => ({
    _people: global.selectSignal(selectEverybody),
    _places: global.selectSignal(selectPlaces),
    _exercises: global.selectSignal(selectExercises),
    _studio: global.selectSignal(selectStudio),
    _isOwner: global.selectSignal(selectIsOwner),
  })),
  withComputed(({ archive, _isOwner, _people }) => ({
    /** Those of the archive who are here: they are left as they are. */
    present: computed(() => {
      const known = new Set(_people().map(({ id }) => id));
      return (archive()?.people ?? []).filter(({ person }) => known.has(person.id));
    }),
    offersRules: computed(() => _isOwner() && (archive()?.settings ?? null) !== null),
  })),
  withMethods((store) => {
    const api = inject(StudioApi);
    const writer = inject(RecordWriter);
    const global = inject(Store);
    let isStopped = false;

    const readBands = async (list: object): Promise<readonly NotRead[]> => {
      const file = new File([JSON.stringify(list)], 'bands.json', { type: 'application/json' });
      const plan = await firstValueFrom(api.importBands(file));
      await firstValueFrom(api.importBands(file, plan.digest));
      return plan.rows
        .filter(({ does }) => does === 'refuse')
        .map(({ name, words }) => ({ what: name, words }));
    };
    const readPerson = async (file: NamedFile): Promise<readonly NotRead[]> => {
      await firstValueFrom(api.readPersonFile(file, true));
      return [];
    };
    /** Places and exercises that no person has brought along. */
    const readRest = async ({ exercises, people, places }: StudioArchive): Promise<void> => {
      const here = new Set([
        ...[...store._places(), ...people.flatMap((file) => file.places)].map(({ id }) => id),
        ...[...store._exercises(), ...people.flatMap((file) => file.exercises)].map(
          ({ document }) => document.id,
        ),
      ]);
      for (const { format: _format, id, ...place } of places) {
        if (here.has(id)) continue;
        await writer.write('putPlace', { id }, { ...place, version: 0 }, place.name);
      }
      for (const document of exercises) {
        if (here.has(document.id)) continue;
        const input = { version: 0, document };
        await writer.write('putExercise', { id: uuidv7() }, input, document.title);
      }
    };
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
    const stepsOf = (archive: StudioArchive): readonly Step[] => {
      const { bands, people } = archive;
      const here = new Set(store.present());
      return [
        ...(bands === null
          ? []
          : [{ what: `${bands.count} bands`, run: () => readBands(bands.list) }]),
        ...people
          .filter((file) => !here.has(file))
          .map((file) => ({ what: file.person.name, run: () => readPerson(file) })),
        {
          what: 'places and exercises',
          run: async () => {
            await readRest(archive);
            return [];
          },
        },
      ];
    };

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
        const steps = stepsOf(archive);
        if (store.offersRules() && store.withRules()) takeRules(archive);
        for (const [done, { run, what }] of steps.entries()) {
          if (isStopped) break;
          patchState(store, { reading: { what, done, of: steps.length } });
          try {
            const notRead = await run();
            patchState(store, ({ notRead: others, read }) => ({
              read: [...read, what],
              notRead: [...others, ...notRead],
            }));
          } catch (error) {
            const words = [problemWords(error), ...detailsOf(error)];
            patchState(store, ({ notRead }) => ({ notRead: [...notRead, { what, words }] }));
          }
        }
        global.dispatch(recordActions.pull());
        patchState(store, { archive: null, reading: null });
      },
    };
  }),
);

function detailsOf(error: unknown): readonly string[] {
  return error instanceof ApiProblem ? (error.details?.split('\n') ?? []) : [];
}
