import {
  ChangeDetectionStrategy,
  Component,
  computed,
  DestroyRef,
  effect,
  inject,
  input,
  signal,
} from '@angular/core';
import { BreakpointObserver } from '@angular/cdk/layout';
import { toSignal } from '@angular/core/rxjs-interop';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { bandOfCopy, DEFAULT_PAIN_LIMIT } from '@wiry-otter/core';
import { meanQuantity, quantityWords } from '../drawing/figures';
import { QuantityText } from '../drawing/quantity';
import { TideLine } from '../drawing/tide-line';
import { ClearanceNote } from '../people/clearance-note';
import { marksLine } from '../setups/marks';
import { Scene } from '../scene/scene';
import { pictureOf } from '../scene/scene-setup';
import { Keys } from '../shell/keys';
import { NoticeBar } from '../shell/notice-bar';
import { Theme } from '../shell/theme';
import { map } from 'rxjs';
import { accountFeature } from '../state/account';
import { bandsFeature } from '../state/bands';
import { outboxFeature } from '../state/outbox';
import { studioActions, studioFeature } from '../state/studio';
import { sessionNotices } from './session-notices';
import { SessionStore } from './session-store';
import { doneWords, workWords } from './work-words';

const TICK_MS = 250;

/** A session, set by set: the set-up first, then what was done. */
@Component({
  selector: 'otter-session',
  imports: [ClearanceNote, NoticeBar, RouterLink, Scene, QuantityText, TideLine],
  providers: [SessionStore],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(document:keydown)': 'keys.handle($event)' },
  templateUrl: './session.html',
})
export class Session {
  readonly id = input.required<string>();

  private readonly global = inject(Store);
  private readonly router = inject(Router);
  private readonly people = this.global.selectSignal(studioFeature.selectPeople);
  private readonly places = this.global.selectSignal(studioFeature.selectPlaces);
  private readonly bands = this.global.selectSignal(bandsFeature.selectBandEntities);
  private readonly now = signal(Date.now());

  protected readonly doneWords = doneWords;
  /** Where there is room the drawing stands beside the set at hand. */
  protected readonly wide = toSignal(
    inject(BreakpointObserver)
      .observe('(min-width: 64rem)')
      .pipe(map(({ matches }) => matches)),
    { initialValue: true },
  );
  protected readonly keys = inject(Keys);
  protected readonly store = inject(SessionStore);
  protected readonly offline = this.global.selectSignal(outboxFeature.selectOffline);
  protected readonly spares = [0, 1, 2, 3, 4, 5];
  protected readonly pains = [0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10];
  protected readonly unit = this.global.selectSignal(accountFeature.selectForceUnit);

  protected readonly person = computed(() =>
    this.people().find(({ id }) => id === this.store.session()?.personId),
  );
  protected readonly anchor = computed(() => {
    const setup = this.store.session()?.setup;
    return this.places()
      .flatMap(({ anchors }) => anchors)
      .find(({ id }) => id === setup?.anchorId);
  });

  /** The set-up as it was saved: its own laws, not today's. */
  protected readonly picture = computed(() => {
    const document = this.store.session()?.setup.document;
    const entities = this.bands();
    if (document === undefined) return null;
    return pictureOf(
      document,
      document.bands.flatMap(({ id }) => {
        const record = entities[bandOfCopy(id)];
        return record === undefined ? [] : [{ record }];
      }),
    );
  });
  protected readonly load = computed(() => {
    const figures = this.store.session()?.setup.figures;
    return figures === undefined ? null : meanQuantity(figures, this.unit());
  });
  protected readonly marks = computed(() => {
    const document = this.store.session()?.setup.document;
    return document === undefined ? '' : marksLine(document);
  });
  protected readonly cautions = computed(() => this.store.session()?.setup.cautions ?? []);

  protected readonly restLeft_s = computed(() => {
    const until = this.store.entry.restUntil();
    return until === null ? 0 : Math.max(0, (until - this.now()) / 1000);
  });

  /** When the hold at hand began; null while the clock stands. */
  protected readonly holdBegan = signal<number | null>(null);
  protected readonly held_s = computed(() => {
    const began = this.holdBegan();
    return began === null
      ? this.store.entry.hold_s()
      : Math.max(0, Math.floor((this.now() - began) / 1000));
  });
  protected readonly notices = computed(() =>
    sessionNotices(
      this.store.sets(),
      this.store.complete() ? { pain: 0 } : { pain: this.store.entry.pain() },
      this.person()?.painLimit ?? DEFAULT_PAIN_LIMIT,
    ),
  );
  protected readonly range = computed(() => workWords(this.store.session()?.prescription.work));

  constructor() {
    inject(Theme);
    this.store.load(this.id);
    const timer = setInterval(() => this.now.set(Date.now()), TICK_MS);
    inject(DestroyRef).onDestroy(() => clearInterval(timer));
    effect(() => {
      if (this.store.session()?.finishedAt) void this.router.navigate(['/next', this.id()]);
    });
    this.keys.offer([
      { key: '+', words: 'one repetition or second more', press: () => this.addCount(1) },
      { key: '-', words: 'one repetition or second fewer', press: () => this.addCount(-1) },
      { key: 'h', words: 'start the clock of a hold, or stop it', press: () => this.toggleHold() },
      { key: 'Enter', words: 'log the set', press: () => this.log() },
      { key: ' ', words: 'start the rest, or end it', press: () => this.toggleRest() },
    ]);
  }

  /** Repetitions, or seconds of a hold. */
  protected addCount(by: number): void {
    const { hold_s, reps } = this.store.entry();
    this.store.change(
      this.store.isHold() ? { hold_s: Math.max(0, hold_s + by) } : { reps: Math.max(0, reps + by) },
    );
  }

  /** Starts the clock of a hold, or takes what it says. */
  protected toggleHold(): void {
    const began = this.holdBegan();
    if (began !== null) this.store.change({ hold_s: Math.round((Date.now() - began) / 1000) });
    this.holdBegan.set(began === null ? Date.now() : null);
    this.now.set(Date.now());
  }

  protected discard(): void {
    this.store.discard(() => {
      void this.router.navigate(['/today']);
    });
  }

  protected addPartial(by: number): void {
    this.store.change({ partial: Math.max(0, this.store.entry.partial() + by) });
  }

  protected log(): void {
    this.now.set(Date.now());
    this.store.log(new Date());
  }

  /** What a part of a drop set asks, in the unit on show. */
  protected partLoad(load: number): string {
    const figures = this.store.session()?.setup.figures;
    if (figures === undefined) return '';
    return quantityWords(meanQuantity({ ...figures, mean: load, meanStd: null }, this.unit()));
  }

  protected toggleRest(): void {
    const rest_s = this.store.session()?.prescription.rest_s ?? 0;
    this.store.change({
      restUntil: this.restLeft_s() > 0 ? null : Date.now() + rest_s * 1000,
    });
  }

  protected finish(): void {
    this.store.finish(() => {
      this.global.dispatch(studioActions.load());
      void this.router.navigate(['/next', this.id()]);
    });
  }
}
