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
import type { Invitation, PeopleGiven, Role, TrainerRecord } from '@wiry-otter/contracts';
import { format, parseISO } from 'date-fns';
import { forkJoin, type Observable } from 'rxjs';
import { v7 as uuidv7 } from 'uuid';
import { selectIsOwner, selectMe, selectPresentTrainers } from '../../account/own-role';
import { problemWords } from '../../api/api-problem';
import { Sending } from '../../api/sending';
import { StudioApi } from '../../api/studio-api';
import { recordActions } from '../../records/record-actions';
import { selectStudio } from '../../records/selectors';
import { noticeActions } from '../../ui/notices/notices';

interface TrainersState {
  readonly invitations: readonly Invitation[];
  /** Everybody of the studio; undefined until the server has told. */
  readonly people: PeopleGiven | undefined;
  /** The trainer who is about to leave. */
  readonly leavingId: string | null;
  readonly trouble: string;
}

const UNKNOWN: TrainersState = { invitations: [], people: undefined, leavingId: null, trouble: '' };

/** Who works in the studio and with whom. It is the server's to know: nothing of it waits on a device. */
export const TrainersStore = signalStore(
  withState(UNKNOWN),
  withProps((_, global = inject(Store)) => ({
    _sending: new Sending(),
    _studio: global.selectSignal(selectStudio),
    me: global.selectSignal(selectMe),
    isOwner: global.selectSignal(selectIsOwner),
    present: global.selectSignal(selectPresentTrainers),
  })),
  withComputed(({ _sending, _studio, invitations, leavingId, people, present }) => {
    const countOf = (id: string): number =>
      (people() ?? []).filter(({ trainerIds }) => trainerIds.includes(id)).length;
    return {
      busy: _sending.busy,
      trainers: computed(() => present().map((one) => ({ ...one, people: countOf(one.id) }))),
      owners: computed(() => present().filter(({ role }) => role === 'owner').length),
      left: computed(() => _studio()?.trainers.filter(({ hasLeft }) => hasLeft) ?? []),
      waiting: computed(() =>
        invitations().map((one) => ({
          ...one,
          until: format(parseISO(one.expiresAt), 'EEE d MMM'),
        })),
      ),
      /** Whom nobody else has of the trainer who is about to leave. */
      leftOver: computed(() =>
        (people() ?? []).filter(
          ({ trainerIds }) => trainerIds.length === 1 && trainerIds[0] === leavingId(),
        ),
      ),
      colleagues: computed(() => present().filter(({ id }) => id !== leavingId())),
    };
  }),
  withMethods((store, api = inject(StudioApi), global = inject(Store)) => {
    const load = (): void => {
      if (!store.isOwner()) return;
      forkJoin({ invitations: api.invitations(), people: api.peopleGiven() }).subscribe({
        next: (known) => patchState(store, { ...known, trouble: '' }),
        error: (error: unknown) => patchState(store, { trouble: problemWords(error) }),
      });
    };
    /** Sends, says what was done, and shows how things stand now, whether it was taken or not. */
    const send = (write: () => Observable<unknown>, text: string, done = (): void => {}): void =>
      store._sending.send(
        write,
        () => {
          done();
          load();
          global.dispatch(recordActions.pull());
          global.dispatch(noticeActions.show({ text, tone: 'done', undo: null }));
        },
        (error) => {
          load();
          const text = problemWords(error);
          global.dispatch(noticeActions.show({ text, tone: 'trouble', undo: null }));
        },
      );
    return {
      load,
      invite(email: string, role: Role, done: () => void): void {
        send(() => api.invite(uuidv7(), { email, role }), `${email} is invited.`, done);
      },
      inviteAgain({ email, id, role }: Invitation): void {
        send(() => api.invite(id, { email, role }), `${email} is invited again.`);
      },
      withdraw({ email, id }: Invitation): void {
        send(() => api.withdrawInvitation(id), `The invitation of ${email} is withdrawn.`);
      },
      changeRole({ id, name }: TrainerRecord, role: Role): void {
        const words = role === 'owner' ? 'an owner' : 'a trainer';
        send(() => api.changeRole(id, role), `${name} is ${words} now.`);
      },
      begin(leavingId: string | null): void {
        patchState(store, { leavingId });
      },
      endMembership({ id, name }: TrainerRecord, peopleTo: string): void {
        const leaving = { peopleTo: peopleTo === '' ? null : peopleTo };
        send(
          () => api.endMembership(id, leaving),
          `${name} has left the studio.`,
          () => patchState(store, { leavingId: null }),
        );
      },
      give(person: PeopleGiven[number], trainer: TrainerRecord, isGiven: boolean): void {
        const others = person.trainerIds.filter((id) => id !== trainer.id);
        const trainerIds = isGiven ? [...others, trainer.id] : others;
        const words = isGiven ? 'is given to' : 'is no longer with';
        send(() => api.giveTo(person.id, trainerIds), `${person.name} ${words} ${trainer.name}.`);
      },
    };
  }),
  withHooks(({ load }) => ({ onInit: load })),
);
