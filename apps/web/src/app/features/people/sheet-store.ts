import { computed, inject } from '@angular/core';
import { Router } from '@angular/router';
import {
  patchState,
  signalStore,
  withComputed,
  withMethods,
  withProps,
  withState,
} from '@ngrx/signals';
import { Store } from '@ngrx/store';
import type { BandToday, PersonInput, PersonRecord } from '@wiry-otter/contracts';
import { hasLatex } from '@wiry-otter/core';
import { type PersonFields, personFields, weighed } from '@wiry-otter/derived';
import { format } from 'date-fns';
import { v7 as uuidv7 } from 'uuid';
import { selectPresentTrainers } from '../../account/own-role';
import { problemWords } from '../../api/api-problem';
import { Sending } from '../../api/sending';
import { StudioApi } from '../../api/studio-api';
import { recordActions } from '../../records/record-actions';
import { outboxFeature } from '../../records/outbox/outbox-state';
import { RecordWriter } from '../../records/outbox/record-writer';
import {
  selectNotes,
  selectPlaces,
  selectRail,
  selectSessions,
  selectUnits,
} from '../../records/selectors';
import { SHOWN } from '../../records/shown';
import { noteFields } from '../../records/outbox/kinds/people';
import { studioActions } from '../../records/writing/studio-actions';
import { noticeActions } from '../../ui/notices/notices';
import { downloadJson } from '../../ui/files/json-file';
import { PeopleStore } from './people-store';
import { type Entry, personTimeLine } from './person-time-line';

/** A copy of a band that a person has at home, or could get. */
export interface KitBand {
  readonly band: BandToday;
  readonly copy: BandToday['copies'][number];
  readonly words: string;
}

interface SheetState {
  /** Whether the time line shows all of it. */
  readonly whole: boolean;
  /** The note that is being changed; null for none. */
  readonly noteId: string | null;
  /** Whose deletion is asked about. */
  readonly deletingId: string | null;
  /** Of whom it is asked who works with them. */
  readonly givingId: string | null;
  readonly trouble: string;
}

const CLOSED: SheetState = {
  ...{ whole: false, noteId: null, deletingId: null, givingId: null },
  trouble: '',
};

/** So many lines of what happened are shown at first. */
const LATEST = 8;

/** What is done on the sheet of one person, beside the form. */
export const SheetStore = signalStore(
  withState(CLOSED),
  withProps((_, global = inject(Store)) => ({
    _sending: new Sending(),
    _notes: global.selectSignal(selectNotes),
    _sessions: global.selectSignal(selectSessions),
    _stops: global.selectSignal(SHOWN.stop.selectAll),
    _rail: global.selectSignal(selectRail),
    _places: global.selectSignal(selectPlaces),
    _writes: global.selectSignal(outboxFeature.selectWrites),
    _present: global.selectSignal(selectPresentTrainers),
    units: global.selectSignal(selectUnits),
    person: inject(PeopleStore).person,
  })),
  withComputed(
    ({
      _notes,
      _places,
      _present,
      _rail,
      _sending,
      _sessions,
      _stops,
      _writes,
      deletingId,
      givingId,
      person,
      units,
      whole,
    }) => {
      const all = computed((): readonly Entry[] => {
        const found = person();
        if (found === undefined) return [];
        return personTimeLine(found, {
          notes: _notes(),
          sessions: _sessions(),
          stops: _stops(),
          units: units(),
        });
      });
      const copies = computed(() =>
        _rail().flatMap((band) =>
          band.copies
            .filter(({ state }) => state !== 'retired')
            .map((copy) => ({ band, copy, words: copyWords(band, copy) })),
        ),
      );
      return {
        busy: _sending.busy,
        timeLine: computed(() => (whole() ? all() : all().slice(0, LATEST))),
        more: computed(() => (whole() ? 0 : Math.max(0, all().length - LATEST))),
        isAllergic: computed(() => person()?.latexAllergy === true),
        kit: computed((): readonly KitBand[] =>
          copies().filter(
            ({ copy: { holder } }) => holder.at === 'person' && holder.personId === person()?.id,
          ),
        ),
        /** What can be given: no roll, and no latex to who may not touch it. */
        inBag: computed((): readonly KitBand[] =>
          copies().filter(
            ({ band, copy: { holder } }) =>
              holder.at === 'bag' &&
              band.stock === 'band' &&
              !(person()?.latexAllergy === true && hasLatex(band.material)),
          ),
        ),
        places: computed(() => {
          const ids = new Set(person()?.placeIds);
          return _places().filter(({ id }) => ids.has(id));
        }),
        isDeleting: computed(() => deletingId() !== null && deletingId() === person()?.id),
        isGiving: computed(() => givingId() !== null && givingId() === person()?.id),
        /** Everybody of the studio, and whether they work with the person. */
        colleagues: computed(() =>
          _present().map(({ id, name }) => ({
            ...{ id, name },
            works: person()?.trainerIds.includes(id) ?? false,
          })),
        ),
        /** What is not the server's yet: of the person it would be lost. */
        unsent: computed(() => _writes().length),
        counts: computed(() => {
          const own = <One extends { readonly personId: string }>(all: readonly One[]): One[] =>
            all.filter(({ personId }) => personId === person()?.id);
          return { notes: own(_notes()).length, sessions: own(_sessions()).length };
        }),
      };
    },
  ),
  withMethods(
    (
      store,
      global = inject(Store),
      api = inject(StudioApi),
      router = inject(Router),
      writer = inject(RecordWriter),
    ) => {
      const today = (): string => format(new Date(), 'yyyy-MM-dd');
      const save = (person: PersonRecord, part: Partial<PersonFields>, words: string): void => {
        const input: PersonInput = { ...personFields(person), ...part };
        global.dispatch(studioActions.savePerson({ id: person.id, input, words }));
      };
      const move = ({ band, copy }: KitBand, holder: BandToday['copies'][number]['holder']) => {
        const params = { id: band.id, eventId: uuidv7() };
        const what = { kind: 'moved' as const, holder };
        const input = { copyId: copy.id, what, at: new Date().toISOString() };
        void writer.write('addBandEvent', params, input, 'A note on a band');
      };
      return {
        close(): void {
          patchState(store, CLOSED);
        },
        showAll(): void {
          patchState(store, { whole: true });
        },
        weigh(mass_kg: number): void {
          const person = store.person();
          if (person === undefined) return;
          save(person, weighed(person, { on: today(), mass_kg }), `${person.name}: weighed today.`);
        },
        /** Written down by mistake; what they have is what they weighed last. */
        takeMassAway(on: string): void {
          const person = store.person();
          if (person === undefined) return;
          const bodyMasses = person.bodyMasses.filter((one) => one.on !== on);
          const mass_kg = bodyMasses.at(-1)?.mass_kg ?? person.mass_kg;
          save(person, { bodyMasses, mass_kg }, `${person.name}: not weighed that day.`);
        },
        archive(archived: boolean): void {
          const person = store.person();
          if (person === undefined) return;
          const words = archived
            ? `${person.name}: archived. Nothing is lost.`
            : `${person.name}: back among your people.`;
          save(person, { archivedOn: archived ? today() : null }, words);
        },
        lend(one: KitBand): void {
          const personId = store.person()?.id;
          if (personId !== undefined) move(one, { at: 'person', personId });
        },
        takeBack(one: KitBand): void {
          move(one, { at: 'bag' });
        },
        changeNote(noteId: string | null): void {
          patchState(store, { noteId });
        },
        /** Keeps a note, a new one or one that was written before. */
        keepNote(text: string, day: string): void {
          const personId = store.person()?.id;
          if (personId === undefined || text.trim() === '' || day === '') return;
          const known = store._notes().find(({ id }) => id === store.noteId());
          const fields = known === undefined ? { version: 0, removed: false } : noteFields(known);
          const input = { ...fields, personId, text: text.trim(), day };
          const id = known?.id ?? uuidv7();
          global.dispatch(studioActions.saveNote({ id, input, words: 'Noted.' }));
          patchState(store, { noteId: null });
        },
        takeNoteAway(id: string): void {
          const known = store._notes().find((note) => note.id === id);
          if (known === undefined) return;
          const input = { ...noteFields(known), removed: true };
          global.dispatch(studioActions.saveNote({ id, input, words: 'The note is gone.' }));
          patchState(store, { noteId: null });
        },
        /** Hands all that the server has of the person to the browser as one file. */
        takeFile(): void {
          const person = store.person();
          if (person === undefined) return;
          store._sending.send(
            () => api.personFile(person.id),
            (file) => downloadJson(person.name, 'person-file', file),
            (error) => patchState(store, { trouble: problemWords(error) }),
          );
        },
        askToGive(): void {
          const givingId = store.person()?.id ?? null;
          patchState(store, { givingId, deletingId: null, trouble: '' });
        },
        /** It is the server's to carry out: who is taken off sees nothing of them any more. */
        giveTo(trainerId: string, works: boolean): void {
          const person = store.person();
          if (person === undefined) return;
          const others = person.trainerIds.filter((id) => id !== trainerId);
          const trainerIds = works ? [...others, trainerId] : others;
          patchState(store, { trouble: '' });
          store._sending.send(
            () => api.giveTo(person.id, trainerIds),
            () => global.dispatch(recordActions.pull()),
            (error) => patchState(store, { trouble: problemWords(error) }),
          );
        },
        askToDelete(): void {
          patchState(store, {
            givingId: null,
            deletingId: store.person()?.id ?? null,
            trouble: '',
          });
        },
        /** For good, once the name was typed: it cannot be undone. */
        deleteForGood(): void {
          const person = store.person();
          if (person === undefined || !store.isDeleting()) return;
          store._sending.send(
            () => api.deletePerson(person.id),
            async () => {
              patchState(store, CLOSED);
              await router.navigate(['/people']);
              const text = `${person.name}: deleted for good.`;
              global.dispatch(noticeActions.show({ text, tone: 'done', undo: null }));
            },
            (error) => patchState(store, { trouble: problemWords(error) }),
          );
        },
      };
    },
  ),
);

function copyWords({ copies, name }: BandToday, { mark }: BandToday['copies'][number]): string {
  return copies.length > 1 ? `${name}, ${mark}` : name;
}
