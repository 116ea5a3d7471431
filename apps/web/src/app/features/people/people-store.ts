import { computed, inject } from '@angular/core';
import { patchState, signalStore, withComputed, withMethods, withState } from '@ngrx/signals';
import { Store } from '@ngrx/store';
import {
  parseDocument,
  personInput,
  type PersonInput,
  type PersonRecord,
} from '@wiry-otter/contracts';
import { clinicianWords, needsClearance, writeDay } from '@wiry-otter/core';
import { NOTHING_SAID_YET, type PersonFields, personFields, weighed } from '@wiry-otter/derived';
import { format } from 'date-fns';
import { v7 as uuidv7 } from 'uuid';
import { selectPresentTrainers } from '../../account/own-role';
import { focusActions } from '../../focus/focus';
import {
  selectEverybody,
  selectExercises,
  selectLastDays,
  selectStudio,
  selectUnits,
} from '../../records/selectors';
import { SHOWN } from '../../records/shown';
import { syncFeature } from '../../records/sync';
import { studioActions } from '../../records/writing/studio-actions';
import { fits, readStored, store as keep } from '../../storage/storage';
import { knownExercises } from '../exercises/known-exercises';
import { clearanceEnd } from './clearance-end';
import { lastSession } from './last-session';
import { limitLines, personFaultWords, personLines } from './person-words';

/** A person under change: their id, and the fields as they would be written. */
export interface PersonDraft extends PersonFields {
  readonly id: string;
}

type Order = 'name' | 'lastSession';

/** Whom the list shows. */
type Listed = 'present' | 'archived';

interface PeopleState {
  /** Whose sheet is open; null for none. */
  readonly openId: string | null;
  readonly draft: PersonDraft | null;
  /** Whether the draft was changed since it was opened: a form begins without errors. */
  readonly changed: boolean;
  readonly order: Order;
  readonly listed: Listed;
}

/** In which order the trainer last looked at them. */
const ORDER_KEY = 'otter.people.order';
const anOrder = fits((found): found is Order => found === 'name' || found === 'lastSession');

/** What most people are like, until it is said otherwise; stature and mass have to be said. */
const NEW_PERSON: Omit<PersonFields, 'stature_m' | 'mass_kg'> = {
  ...NOTHING_SAID_YET,
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
    listed: 'present',
  })),
  withComputed(({ draft, listed, openId, order }, global = inject(Store)) => {
    const people = global.selectSignal(selectEverybody);
    const units = global.selectSignal(selectUnits);
    const loaded = global.selectSignal(syncFeature.selectLoaded);
    const lastDays = global.selectSignal(selectLastDays);
    const person = computed(() => people().find(({ id }) => id === openId()));
    const own = global.selectSignal(selectExercises);
    const exercises = computed(() => knownExercises(own()));
    const titleOf = (id: string): string => exercises().get(id)?.title ?? id;
    const present = global.selectSignal(selectPresentTrainers);
    const archived = computed(() => people().filter(({ archivedOn }) => archivedOn !== null));
    return {
      studio: global.selectSignal(selectStudio),
      units,
      person,
      exercises,
      /** By title. */
      exerciseChoices: computed(() =>
        [...exercises().values()]
          .map(({ id, title }) => ({ id, words: title }))
          .toSorted((a, b) => a.words.localeCompare(b.words)),
      ),
      archivedCount: computed(() => archived().length),
      rows: computed(() => {
        const wanted = people().filter(
          ({ archivedOn }) => (archivedOn === null) === (listed() === 'present'),
        );
        const rows = wanted.map((one) => ({
          person: one,
          ...lastSession(one, lastDays().get(one.id), loaded()),
        }));
        // Who was trained longest ago first: whom nobody has trained yet before all others.
        return order() === 'name' ? rows : rows.toSorted((a, b) => a.last.localeCompare(b.last));
      }),
      lines: computed(() => {
        const found = person();
        if (found === undefined) return [];
        const trainers = present().length > 1 ? present() : [];
        const theirs = trainers.filter(({ id }) => found.trainerIds.includes(id));
        return personLines(found, {
          units: units(),
          today: today(),
          trainers: theirs.map(({ name }) => name),
          exercise: titleOf,
        });
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
              by: clinicianWords(clearance),
              until: writeDay(clearance.until),
              isOver: clearance.until < today(),
              endsWords: endsWords(clearance.until),
              limits: clearance.limits,
              enforced: limitLines(clearance, units(), titleOf),
            };
      }),
      clearancesBefore: computed(() =>
        (person()?.clearancesBefore ?? []).map(
          (one) => `${clinicianWords(one)}, until ${writeDay(one.until)}`,
        ),
      ),
      /** What is wrong with the draft, each in words; nothing when it can be kept. */
      faults: computed(() => {
        const present = draft();
        if (present === null) return [];
        const { id, ...fields } = present;
        const input = withMass(
          fields,
          people().find((one) => one.id === id),
        );
        const parsed = parseDocument(personInput, input);
        // A mass stands in two places: what is wrong with it is said once.
        return parsed.ok
          ? []
          : [...new Set(parsed.faults.map((fault) => personFaultWords(input, fault)))];
      }),
    };
  }),
  withMethods(
    (store, global = inject(Store), people = global.selectSignal(SHOWN.person.selectEntities)) => ({
      open(openId: string | null): void {
        patchState(store, { openId, draft: null, changed: false });
      },
      list(listed: Listed): void {
        patchState(store, { listed });
      },
      sort(order: Order): void {
        keep(ORDER_KEY, order);
        patchState(store, { order });
      },
      add(): void {
        const { painLimit = NEW_PERSON.painLimit } = store.studio() ?? {};
        const unsaid = { stature_m: UNSAID, mass_kg: UNSAID };
        const draft = { ...NEW_PERSON, painLimit, id: uuidv7(), ...unsaid };
        patchState(store, { draft, changed: false });
      },
      change(person: PersonRecord): void {
        patchState(store, { draft: { ...personFields(person), id: person.id }, changed: false });
      },
      set(part: Partial<PersonFields>): void {
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
        const { id, ...fields } = draft;
        const input = withMass(fields, people()[id]);
        const words = `${input.name.trim()}: kept.`;
        global.dispatch(focusActions.focusPerson({ personId: id }));
        global.dispatch(studioActions.savePerson({ id, input, words }));
        patchState(store, { openId: id, draft: null, changed: false });
        return id;
      },
    }),
  ),
);

/** What they weigh as of today, where the form says something else than the file. */
function withMass(fields: PersonFields, before: PersonRecord | undefined): PersonInput {
  const { mass_kg } = fields;
  if (before?.mass_kg === mass_kg) return fields;
  return { ...fields, ...weighed(fields, { on: today(), mass_kg }) };
}

const today = (): string => format(new Date(), 'yyyy-MM-dd');

/** That a clearance runs out soon, or has; nothing while it holds for longer. */
function endsWords(until: string): string | null {
  const end = clearanceEnd(until);
  return end === null ? null : `It ${end}: ask for another.`;
}
