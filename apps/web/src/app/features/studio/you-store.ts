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
import type { PasswordChange, SignIns } from '@wiry-otter/contracts';
import { format, parseISO } from 'date-fns';
import type { Observable } from 'rxjs';
import { accountFeature } from '../../account/account';
import { problemWords } from '../../api/api-problem';
import { Sending } from '../../api/sending';
import { StudioApi } from '../../api/studio-api';
import { noticeActions } from '../../ui/notices/notices';

interface YouState {
  readonly signIns: SignIns;
  readonly trouble: string;
  /** Why the password was not changed. */
  readonly refused: string;
}

/** What is the trainer's own: the password, and where they are signed in. */
export const YouStore = signalStore(
  withState<YouState>({ signIns: [], trouble: '', refused: '' }),
  withProps((_, global = inject(Store)) => ({
    _sending: new Sending(),
    account: global.selectSignal(accountFeature.selectAccount),
  })),
  withComputed(({ _sending, signIns }) => ({
    busy: _sending.busy,
    rows: computed(() =>
      signIns().map((one) => ({
        ...one,
        begun: format(parseISO(one.begunAt), 'EEE d MMM'),
        seen: format(parseISO(one.seenAt), 'EEE d MMM, HH:mm'),
      })),
    ),
  })),
  withMethods((store, api = inject(StudioApi), global = inject(Store)) => {
    const load = (): void => {
      api.signIns().subscribe({
        next: (signIns) => patchState(store, { signIns, trouble: '' }),
        error: (error: unknown) => patchState(store, { trouble: problemWords(error) }),
      });
    };
    const send = (write: () => Observable<unknown>, text: string): void =>
      store._sending.send(write, () => {
        load();
        global.dispatch(noticeActions.show({ text, tone: 'done', undo: null }));
      });
    return {
      load,
      end({ device, id }: SignIns[number]): void {
        send(() => api.endSignIn(id), `Signed out of ${device}.`);
      },
      endOthers(): void {
        send(() => api.endOtherSignIns(), 'Signed out everywhere else.');
      },
      changePassword(change: PasswordChange, done: () => void): void {
        patchState(store, { refused: '' });
        store._sending.send(
          () => api.changePassword(change),
          () => {
            done();
            load();
            const text = 'The password is changed; every other device is signed out.';
            global.dispatch(noticeActions.show({ text, tone: 'done', undo: null }));
          },
          (error) => patchState(store, { refused: problemWords(error) }),
        );
      },
      refuse(refused: string): void {
        patchState(store, { refused });
      },
    };
  }),
  withHooks(({ load }) => ({ onInit: load })),
);
