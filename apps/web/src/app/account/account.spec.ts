import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import { Actions } from '@ngrx/effects';
import type { Action } from '@ngrx/store';
import { ACCOUNT, setUpApp, STUDIO, tell, asked } from '../../testing/app';
import { UUID } from '../../testing/records';
import { ActingTrainer } from '../api/acting-trainer';
import { recordActions } from '../records/record-actions';
import { noticesFeature } from '../ui/notices/notices';
import { accountActions, accountFeature } from './account';
import { accountOnDevice } from './account-on-device';
import { askWhoIsSignedIn } from './ask-who-is-signed-in';
import { signedIn } from './signed-in';

const COLLEAGUE = {
  ...ACCOUNT,
  trainer: { id: `${UUID}9`, name: 'Ilse Prow', email: 'ilse@canalside.example' },
};

function open() {
  const app = setUpApp();
  const went = spyOn(TestBed.inject(Router), 'navigateByUrl').and.resolveTo(true);
  const seen: Action[] = [];
  TestBed.inject<Actions>(Actions).subscribe((action) => seen.push(action));
  app.store.dispatch(accountActions.signedIn({ account: ACCOUNT }));
  const acting = TestBed.inject(ActingTrainer);
  const who = (): string | undefined =>
    app.store.selectSignal(accountFeature.selectAccount)()?.trainer.name;
  return { ...app, acting, seen, went, who };
}

describe('who is signed in', () => {
  beforeEach(() => localStorage.clear());
  afterEach(() => localStorage.clear());

  it('is who this tab acts as, whose records are followed, and known without a network', () => {
    const { acting, seen } = open();
    expect(acting.id).toBe(ACCOUNT.trainer.id);
    expect(seen).toContain(recordActions.follow({ trainerId: ACCOUNT.trainer.id }));
    expect(accountOnDevice()).toEqual(ACCOUNT);
  });

  it('is asked again of a server that was too busy to say, and of none that is not there', async () => {
    const { store, wire } = setUpApp();
    spyOn(TestBed.inject(Router), 'navigateByUrl').and.resolveTo(true);
    const who = store.selectSignal(accountFeature.selectAccount);
    const ask = (): void => void TestBed.runInInjectionContext(askWhoIsSignedIn)?.subscribe();
    ask();
    const busy = { status: 503, statusText: 'Service Unavailable' };
    (await asked(wire, '/api/account')).flush({}, busy);
    (await asked(wire, '/api/account')).flush(ACCOUNT);
    expect(who()?.trainer.name).toBe(ACCOUNT.trainer.name);
    store.dispatch(accountActions.lapsed());
    ask();
    (await asked(wire, '/api/account')).error(new ProgressEvent('error'));
    wire.expectNone('/api/account');
    expect(who()).toBeNull();
  });

  it('is nobody once the server no longer knows the sign-in; what waits stays', () => {
    const { acting, seen, store, went, who } = open();
    const pullFailed = { code: 'signed-out', words: 'Sign in first.' };
    store.dispatch(recordActions.pullFailed(pullFailed));
    expect(who()).toBeUndefined();
    expect(acting.id).toBeNull();
    expect(accountOnDevice()).toBeUndefined();
    expect(seen).toContain(recordActions.leave());
    expect(seen).not.toContain(recordActions.forget());
    expect(went).toHaveBeenCalledWith('/sign-in');
  });

  it('is the colleague who signed in in another tab: nothing of the first is shown to them', async () => {
    const { acting, seen, store, who, wire } = open();
    const pullFailed = { code: 'another-trainer', words: 'Somebody else is signed in.' };
    store.dispatch(recordActions.pullFailed(pullFailed));
    (await asked(wire, '/api/account')).flush(COLLEAGUE);
    expect(who()).toBe('Ilse Prow');
    expect(acting.id).toBe(COLLEAGUE.trainer.id);
    const types = seen.map(({ type }) => type);
    expect(types.indexOf(recordActions.leave.type)).toBeLessThan(
      types.lastIndexOf(recordActions.follow.type),
    );
  });

  it('stays signed in where the server does not hear of the end, and says so', async () => {
    const { seen, store, who, wire } = open();
    store.dispatch(accountActions.signOut());
    (await asked(wire, '/api/sign-out')).error(new ProgressEvent('error'));
    expect(who()).toBe('Mika Ferrow');
    expect(store.selectSignal(noticesFeature.selectNotice)()?.tone).toBe('trouble');
    expect(seen).not.toContain(recordActions.forget());
  });

  it('is nobody after the end, and nothing of theirs is kept', async () => {
    const { seen, store, who, wire } = open();
    tell(store, { studio: [STUDIO] });
    store.dispatch(accountActions.signOut());
    (await asked(wire, '/api/sign-out')).flush(null);
    expect(who()).toBeUndefined();
    expect(seen).toContain(recordActions.forget());
    expect(accountOnDevice()).toBeUndefined();
  });

  it('is asked to sign in first, and comes to where they wanted to go', () => {
    setUpApp();
    const guard = (url: string): unknown =>
      TestBed.runInInjectionContext(() => signedIn({} as never, { url } as never));
    const asked = (url: string): string =>
      TestBed.inject(Router).serializeUrl(guard(url) as ReturnType<Router['parseUrl']>);
    expect(asked('/')).toBe('/sign-in');
    expect(asked('/log')).toBe('/sign-in?to=%2Flog');
  });
});
