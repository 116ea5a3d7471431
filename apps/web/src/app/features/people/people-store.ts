import { computed, inject } from '@angular/core';
import { patchState, signalStore, withComputed, withMethods, withState } from '@ngrx/signals';
import { Store } from '@ngrx/store';
import {
  parseDocument,
  personInput,
  type PersonInput,
  type PersonRecord,
} from '@wiry-otter/contracts';
import { needsClearance, writeDay } from '@wiry-otter/core';
import { differenceInCalendarDays, format, parseISO } from 'date-fns';
import { v7 as uuidv7 } from 'uuid';
import { selectPresentTrainers } from '../../account/own-role';
import { focusActions } from '../../focus/focus';
import { personFields } from '../../records/outbox/kinds/people';
import { selectUnits, selectPeople, selectSessions } from '../../records/selectors';
import { syncFeature } from '../../records/sync';
import { studioActions } from '../../records/writing/studio-actions';
import { fits, readStored, store as keep } from '../../storage/storage';
import { limitLines, personFaultWords, personLines } from './person-words';

/** A person under change: their id, and the fields as they would be written. */
export interface PersonDraft extends PersonInput {
  readonly id: string;
}

type Order = 'name' | 'lastSession';

interface PeopleState {
  /** Whose sheet is open; null for none. */
  readonly openId: string | null;
  readonly draft: PersonDraft | null;
  /** Whether the draft was changed since it was opened: a form begins without errors. */
  readonly changed: boolean;
  readonly order: Order;
}

/** In which order the trainer last looked at them. */
const ORDER_KEY = 'otter.people.order';
const anOrder = fits((found): found is Order => found === 'name' || found === 'lastSession');

/** A clearance that ends so soon is asked for again, days. */
const SOON_DAYS = 14;

/** Without a session for so long somebody has gone quiet, days. */
const QUIET_DAYS = 14;

/** What most people are like, until it is said otherwise; stature and mass have to be said. */
const NEW_PERSON: Omit<PersonInput, 'stature_m' | 'mass_kg'> = {
  version: 0,
  name: '',
  about: '',
  goal: 'build',
  painLimit: 3,
  latexAllergy: false,
  bornOn: null,
  conditions: [],
  mountLimit_N: 250,
  ranges: [],
  clearance: null,
};
const UNSAID = null as unknown as number;

/** The people of the trainer: the list, the sheet of one, and the form. */
export const PeopleStore = signalStore(
  withState((): PeopleState => ({
    ...{ openId: null, draft: null, changed: false },
    order: readStored(ORDER_KEY, anOrder) ?? 'name',
  })),
  withComputed(({ draft, openId, order }, global = inject(Store)) => {
    const people = global.selectSignal(selectPeople);
    const sessions = global.selectSignal(selectSessions);
    const units = global.selectSignal(selectUnits);
    const present = global.selectSignal(selectPresentTrainers);
    const loaded = global.selectSignal(syncFeature.selectLoaded);
    const lastDays = computed(() => {
      const days = new Map<string, string>();
      for (const { day, discardedAt, personId } of sessions()) {
        if (discardedAt === null && day > (days.get(personId) ?? '')) days.set(personId, day);
      }
      return days;
    });
    const person = computed(() => people().find(({ id }) => id === openId()));
    return {
      units,
      person,
      rows: computed(() => {
        const today = new Date();
        const rows = people().map((one) => {
          const last = lastDays().get(one.id);
          if (last !== undefined) {
            const days = differenceInCalendarDays(today, parseISO(last));
            const quiet = days > QUIET_DAYS ? `quiet for ${days} days` : null;
            return { person: one, last, lastWords: format(parseISO(last), 'EEE d MMM'), quiet };
          }
          // What lies further back than the device keeps is known from the person.
          const isKnown = Object.keys(one.trainedSince).length > 0;
          const lastWords = !loaded() || isKnown ? '' : 'no session yet';
          const quiet = loaded() && isKnown ? 'quiet for half a year' : null;
          return { person: one, last: '', lastWords, quiet };
        });
        // Who was trained longest ago first: whom nobody has trained yet before all others.
        return order() === 'name' ? rows : rows.toSorted((a, b) => a.last.localeCompare(b.last));
      }),
      lines: computed(() => {
        const found = person();
        if (found === undefined) return [];
        const trainers = present().length > 1 ? present() : [];
        const theirs = trainers.filter(({ id }) => found.trainerIds.includes(id));
        return personLines(
          found,
          units(),
          theirs.map(({ name }) => name),
        );
      }),
      /** Then the note of every screen says what there is, or that there is none. */
      isClearanceAskedFor: computed(() => {
        const found = person();
        return found !== undefined && needsClearance(found);
      }),
      clearance: computed(() => {
        const clearance = person()?.clearance ?? null;
        return clearance === null
          ? null
          : {
              by: clearance.by,
              until: writeDay(clearance.until),
              isOver: clearance.until < format(new Date(), 'yyyy-MM-dd'),
              endsWords: endsWords(clearance.until),
              limits: clearance.limits,
              enforced: limitLines(clearance, units()),
            };
      }),
      clearancesBefore: computed(() =>
        (person()?.clearancesBefore ?? []).map(
          ({ by, until }) => `${by}, until ${writeDay(until)}`,
        ),
      ),
      /** What is wrong with the draft, each in words; nothing when it can be kept. */
      faults: computed(() => {
        const present = draft();
        if (present === null) return [];
        const { id: _id, ...input } = present;
        const parsed = parseDocument(personInput, input);
        return parsed.ok ? [] : parsed.faults.map((fault) => personFaultWords(input, fault));
      }),
    };
  }),
  withMethods((store, global = inject(Store)) => ({
    open(openId: string | null): void {
      patchState(store, { openId, draft: null, changed: false });
    },
    sort(order: Order): void {
      keep(ORDER_KEY, order);
      patchState(store, { order });
    },
    add(): void {
      const draft = { ...NEW_PERSON, id: uuidv7(), stature_m: UNSAID, mass_kg: UNSAID };
      patchState(store, { draft, changed: false });
    },
    change(person: PersonRecord): void {
      patchState(store, { draft: { ...personFields(person), id: person.id }, changed: false });
    },
    set(part: Partial<PersonInput>): void {
      patchState(store, ({ draft }) =>
        draft === null ? {} : { draft: { ...draft, ...part }, changed: true },
      );
    },
    leave(): void {
      patchState(store, { draft: null, changed: false });
    },
    /** Keeps the draft. Returns whose it is; nothing while something is wrong with it. */
    save(): string | undefined {
      const draft = store.draft();
      patchState(store, { changed: true });
      if (draft === null || store.faults().length > 0) return undefined;
      const { id, ...input } = draft;
      const words = `${input.name.trim()}: kept.`;
      global.dispatch(focusActions.focusPerson({ personId: id }));
      global.dispatch(studioActions.savePerson({ id, input, words }));
      patchState(store, { openId: id, draft: null, changed: false });
      return id;
    },
  })),
);

/** That a clearance runs out soon, or has; nothing while it holds for longer. */
function endsWords(until: string): string | null {
  const days = differenceInCalendarDays(parseISO(until), new Date());
  if (days < 0) return 'It has run out: ask for another.';
  if (days > SOON_DAYS) return null;
  return days === 0 ? 'It holds until tonight.' : `It runs out in ${days} days: ask for another.`;
}
