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
import { bandOfCopy, DEFAULT_PAIN_LIMIT, SLOW_LOWERING_NOTE, TAPER_RANGES } from '@wiry-otter/core';
import { meanQuantity, quantityWords } from '../../ui/quantities/figures';
import { QuantityText } from '../../ui/quantities/quantity';
import { TideLine } from '../../ui/charts/tide-line';
import { ClearanceNote } from '../../ui/notices/clearance-note';
import { marksLine } from '../setups/marks';
import { Scene } from '../../scene/scene';
import { pictureOf } from '../../scene/scene-setup';
import { Keys } from '../../shell/keys';
import { NoticeBar } from '../../ui/notices/notice-bar';
import { Theme } from '../../ui/theme/theme';
import { map } from 'rxjs';
import {
  selectForceUnit,
  selectEverybody,
  selectPlaces,
  selectUnits,
} from '../../records/selectors';
import { SHOWN } from '../../records/shown';
import { outboxFeature } from '../../records/outbox/outbox-state';
import { PAINS } from './pains';
import { sessionNotices } from './session-notices';
import { type RaisedFlag, RedFlagButton } from './red-flag';
import { SessionStore } from './session-store';
import { doneWords, rangeWords, workWords } from './work-words';

const TICK_MS = 250;

/** What the wide stepper counts, by the work: the figure, and its words. */
const COUNTED = {
  reps: { name: 'reps', words: 'Repetitions done', one: 'repetition', short: 'reps' },
  hold: { name: 'hold_s', words: 'Seconds held', one: 'second', short: 'held' },
  lowering: { name: 'lowering_s', words: 'Seconds lowered', one: 'second', short: 'lowered' },
} as const;

/** What is counted beside it. */
const BESIDE = {
  reps: [{ name: 'partial', words: 'Partial reps', one: 'partial' }],
  hold: [],
  lowering: [
    { name: 'hold_s', words: 'Held at the top, s', one: 'second held' },
    { name: 'reps', words: 'Repetitions', one: 'repetition' },
  ],
} as const;

/** A session, set by set: the set-up first, then what was done. */
@Component({
  selector: 'otter-session',
  imports: [ClearanceNote, NoticeBar, RedFlagButton, RouterLink, Scene, QuantityText, TideLine],
  providers: [SessionStore],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(document:keydown)': 'keys.handle($event)' },
  templateUrl: './session.html',
})
export class Session {
  readonly id = input.required<string>();

  private readonly global = inject(Store);
  private readonly router = inject(Router);
  private readonly people = this.global.selectSignal(selectEverybody);
  private readonly places = this.global.selectSignal(selectPlaces);
  private readonly bands = this.global.selectSignal(SHOWN.band.selectEntities);
  private readonly now = signal(Date.now());

  protected readonly loweringNote = SLOW_LOWERING_NOTE;
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
  protected readonly pains = PAINS;
  protected readonly units = this.global.selectSignal(selectUnits);
  protected readonly unit = this.global.selectSignal(selectForceUnit);

  protected readonly person = computed(() =>
    this.people().find(({ id }) => id === this.store.session()?.personId),
  );
  protected readonly anchor = computed(() => {
    const setup = this.store.setup();
    return this.places()
      .flatMap(({ anchors }) => anchors)
      .find(({ id }) => id === setup?.anchorId);
  });

  /** The set-up as it was saved: its own laws, not today's. */
  protected readonly picture = computed(() => {
    const document = this.store.setup()?.document;
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
  /** Without them the set-up and the effort are told, and no loads: the person looks on. */
  private readonly figuresShown = computed(() => this.person()?.figuresShown ?? true);
  protected readonly load = computed(() => {
    const figures = this.store.setup()?.figures;
    return figures === undefined || !this.figuresShown()
      ? null
      : meanQuantity(figures, this.unit());
  });
  protected readonly marks = computed(() => {
    const document = this.store.setup()?.document;
    return document === undefined ? '' : marksLine(document, this.units().length);
  });
  protected readonly cautions = computed(() => this.store.setup()?.cautions ?? []);

  protected readonly restLeft_s = computed(() => {
    const until = this.store.entry.restUntil();
    return until === null ? 0 : Math.max(0, (until - this.now()) / 1000);
  });

  /** When the hold or the lowering at hand began; null while the clock stands. */
  protected readonly clockBegan = signal<number | null>(null);
  /** What the wide stepper counts. */
  protected readonly counted = computed(() => COUNTED[this.store.countedIn()]);
  protected readonly targetWord = computed(() =>
    this.store.countedIn() === 'reps' ? 'reps' : this.store.target() === 1 ? 'second' : 'seconds',
  );
  protected readonly beside = computed(() => BESIDE[this.store.countedIn()]);
  protected readonly count = computed(() => {
    const began = this.clockBegan();
    return began === null
      ? this.store.entry()[this.counted().name]
      : Math.max(0, Math.floor((this.now() - began) / 1000));
  });
  /** The set-up that the next set changes over to; null where it is the same, or there is none. */
  protected readonly changeOver = computed(() => {
    const last = this.store.sets().at(-1);
    const setup = this.store.setup();
    const isSame = last === undefined || last.setupId === setup?.id;
    return isSame || this.store.complete() ? null : (setup?.title ?? null);
  });
  protected readonly notices = computed(() =>
    sessionNotices(
      this.store.sets(),
      this.store.complete() ? { pain: 0 } : { pain: this.store.entry.pain() },
      this.person()?.painLimit ?? DEFAULT_PAIN_LIMIT,
    ),
  );
  protected readonly range = computed(() => {
    const prescription = this.store.session()?.prescription;
    const own = TAPER_RANGES[this.store.sets().length];
    return prescription?.school === 'taper' && own !== undefined
      ? rangeWords(own)
      : workWords(prescription?.work);
  });

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
      {
        key: 'h',
        words: 'start the clock of a hold or lowering, or stop it',
        press: () => this.toggleClock(),
      },
      { key: 'Enter', words: 'log the set', press: () => this.log() },
      { key: ' ', words: 'start the rest, or end it', press: () => this.toggleRest() },
    ]);
  }

  /** Repetitions, or seconds of a hold or a lowering. */
  protected addCount(by: number): void {
    this.addTo(this.counted().name, by);
  }

  protected addTo(name: 'reps' | 'hold_s' | 'lowering_s' | 'partial', by: number): void {
    this.store.change({ [name]: Math.max(0, this.store.entry()[name] + by) });
  }

  /** Starts the clock of a hold or lowering, or takes what it says. */
  protected toggleClock(): void {
    const began = this.clockBegan();
    const seconds = began === null ? 0 : Math.round((Date.now() - began) / 1000);
    if (began !== null) this.store.change({ [this.counted().name]: seconds });
    this.clockBegan.set(began === null ? Date.now() : null);
    this.now.set(Date.now());
  }

  protected discard(): void {
    this.store.discard();
    void this.router.navigate(['/today']);
  }

  protected log(): void {
    this.now.set(Date.now());
    this.store.log(new Date());
  }

  /** What a part of a drop set asks, in the unit on show. */
  protected partLoad(load: number): string {
    const figures = this.store.setup()?.figures;
    if (figures === undefined || !this.figuresShown()) return '';
    return quantityWords(meanQuantity({ ...figures, mean: load, meanStd: null }, this.unit()));
  }

  protected toggleRest(): void {
    const rest_s = this.store.session()?.prescription.rest_s ?? 0;
    this.store.change({
      restUntil: this.restLeft_s() > 0 ? null : Date.now() + rest_s * 1000,
    });
  }

  /** A red flag ends the session at once. */
  protected raise(flag: RaisedFlag): void {
    void this.store.raise(flag);
  }

  protected finish(): void {
    void this.store.finish();
  }
}
