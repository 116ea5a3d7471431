import { Dialog } from '@angular/cdk/dialog';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { NavigationEnd, Router, RouterLink, RouterLinkActive, RouterOutlet } from '@angular/router';
import { NgIcon, provideIcons } from '@ng-icons/core';
import {
  lucideBicepsFlexed,
  lucideCable,
  lucideLogOut,
  lucideMoon,
  lucideNotebookText,
  lucidePersonStanding,
  lucideSearch,
  lucideSlidersHorizontal,
  lucideSun,
  lucideSunrise,
  lucideUsers,
} from '@ng-icons/lucide';
import { Store } from '@ngrx/store';
import { selectPeople, selectStudio } from '../records/selectors';
import { recordActions } from '../records/record-actions';
import { accountActions, accountFeature } from '../account/account';
import { syncFeature } from '../records/sync';
import { filter, firstValueFrom, map } from 'rxjs';
import { outboxFeature } from '../records/outbox/outbox-state';
import { focusActions, focusFeature } from '../focus/focus';
import { Keys } from './keys';
import { SignOutDialog } from './sign-out-dialog';
import { KeysHelp } from './keys-help';
import { NewVersion } from './new-version';
import { NoticeBar } from '../ui/notices/notice-bar';
import { Theme } from '../ui/theme/theme';

const SPINE = [
  { path: '/today', words: 'Today', icon: 'lucideSunrise' },
  { path: '/bands', words: 'Bands', icon: 'lucideCable' },
  { path: '/setups', words: 'Set-ups', icon: 'lucidePersonStanding' },
  { path: '/skills', words: 'Skills', icon: 'lucideBicepsFlexed' },
  { path: '/people', words: 'People', icon: 'lucideUsers' },
  { path: '/log', words: 'Log', icon: 'lucideNotebookText' },
] as const;

/** Screens that are about the person in focus. */
const OF_SOMEBODY = ['/setups', '/skills', '/log'];

/** After `g` the next letter within this time names a screen. */
const GO_MS = 1500;

/** Spine, top line, notices; the screens lie inside. */
@Component({
  selector: 'otter-shell',
  imports: [NgIcon, NoticeBar, RouterLink, RouterLinkActive, RouterOutlet],
  providers: [
    provideIcons({
      lucideBicepsFlexed,
      lucideCable,
      lucideLogOut,
      lucideMoon,
      lucideNotebookText,
      lucidePersonStanding,
      lucideSearch,
      lucideSlidersHorizontal,
      lucideSun,
      lucideSunrise,
      lucideUsers,
    }),
  ],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(document:keydown)': 'pressed($event)' },
  templateUrl: './shell.html',
})
export class Shell {
  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly dialog = inject(Dialog);
  private readonly keys = inject(Keys);
  private goPressedAt = -Infinity;

  protected readonly spine = SPINE;
  protected readonly theme = inject(Theme);
  protected readonly newVersion = inject(NewVersion);
  protected readonly account = this.store.selectSignal(accountFeature.selectAccount);
  protected readonly studio = this.store.selectSignal(selectStudio);
  protected readonly people = this.store.selectSignal(selectPeople);
  protected readonly focusId = this.store.selectSignal(focusFeature.selectFocusId);
  protected readonly loaded = this.store.selectSignal(syncFeature.selectRecentLoaded);
  protected readonly failure = this.store.selectSignal(syncFeature.selectFailure);
  protected readonly outdated = this.store.selectSignal(syncFeature.selectOutdated);
  protected readonly unread = this.store.selectSignal(syncFeature.selectUnread);
  private readonly waiting = this.store.selectSignal(outboxFeature.selectWaiting);
  private readonly refused = this.store.selectSignal(outboxFeature.selectRefused);
  private readonly offline = this.store.selectSignal(outboxFeature.selectOffline);

  private readonly url = toSignal(
    this.router.events.pipe(
      filter((event) => event instanceof NavigationEnd),
      map(({ urlAfterRedirects }) => urlAfterRedirects),
    ),
    { initialValue: this.router.url },
  );
  /** Whether the screen is about somebody, and there is nobody. */
  protected readonly isOfNobody = computed(
    () => this.people().length === 0 && OF_SOMEBODY.some((path) => this.url().startsWith(path)),
  );
  protected readonly focus = computed(() =>
    this.people().find((person) => person.id === this.focusId()),
  );
  /** How far what was written here has got, always in sight. */
  protected readonly sync = computed(() => {
    const [waiting, refused] = [this.waiting().length, this.refused().length];
    const words =
      refused > 0
        ? refused === 1
          ? '1 wants a look'
          : `${refused} want a look`
        : waiting > 0
          ? `${waiting} waiting`
          : 'all saved';
    const isCut = (!this.outdated() && this.failure() !== null) || this.offline();
    return { words: isCut ? `${words}, no connection` : words, isSaved: refused + waiting === 0 };
  });

  constructor() {
    this.keys.offer([
      { key: '?', words: 'the keys of this screen', press: () => this.dialog.open(KeysHelp) },
      {
        key: '/',
        words: 'go to a person, a band, an exercise or a place',
        press: () => void this.find(),
      },
    ]);
  }

  protected pressed(event: KeyboardEvent): void {
    const spot = this.spotFor(event.key);
    if (event.timeStamp - this.goPressedAt < GO_MS && spot !== undefined) {
      this.goPressedAt = -Infinity;
      event.preventDefault();
      void this.router.navigateByUrl(spot.path);
      return;
    }
    const plain = !event.ctrlKey && !event.metaKey && !event.altKey;
    const writing =
      event.target instanceof HTMLElement && /INPUT|TEXTAREA|SELECT/.test(event.target.tagName);
    if (event.key === 'g' && plain && !writing) this.goPressedAt = event.timeStamp;
    this.keys.handle(event);
  }

  /** The screen that begins with a letter; of several the one after the present. */
  private spotFor(letter: string): (typeof SPINE)[number] | undefined {
    const spots = SPINE.filter(({ words }) => words[0]?.toLowerCase() === letter);
    const present = spots.findIndex(({ path }) => this.router.url.startsWith(path));
    return spots[(present + 1) % Math.max(1, spots.length)];
  }

  protected focusPerson(personId: string): void {
    this.store.dispatch(focusActions.focusPerson({ personId }));
  }

  protected retry(): void {
    this.store.dispatch(recordActions.pull());
  }

  /** Looked for rarely, so that it is fetched when it is. */
  protected async find(): Promise<void> {
    const { FindAnything } = await import('../find/find-anything');
    this.dialog.open(FindAnything);
  }

  /** What is not on the server yet is named first. */
  protected async signOut(): Promise<void> {
    if (!this.sync().isSaved) {
      const asked = this.dialog.open<boolean>(SignOutDialog).closed;
      if ((await firstValueFrom(asked, { defaultValue: false })) !== true) return;
    }
    this.store.dispatch(accountActions.signOut());
  }
}
