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
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { rigSetup, knowBand } from '@wiry-otter/core';
import { meanSounding } from '../drawing/figures';
import { SoundingText } from '../drawing/sounding';
import { TideLine } from '../drawing/tide-line';
import { ClearanceNote } from '../people/clearance-note';
import { marksLine } from '../setups/marks';
import { Scene } from '../setups/scene';
import type { SolvedWorkbench } from '../setups/workbench-model';
import { Keys } from '../shell/keys';
import { NoticeBar } from '../shell/notice-bar';
import { Theme } from '../shell/theme';
import { accountFeature } from '../state/account';
import { bandsFeature } from '../state/bands';
import { outboxFeature } from '../state/outbox';
import { studioActions, studioFeature } from '../state/studio';
import { SessionStore } from './session-store';

const TICK_MS = 250;

/** A session, set by set: the set-up first, then what was done. */
@Component({
  selector: 'otter-session',
  imports: [ClearanceNote, NoticeBar, RouterLink, Scene, SoundingText, TideLine],
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
  protected readonly picture = computed<SolvedWorkbench | null>(() => {
    const document = this.store.session()?.setup.document;
    const entities = this.bands();
    if (document === undefined) return null;
    const rigged = rigSetup(document);
    const bands = document.bands
      .flatMap(({ id }) => entities[id] ?? [])
      .map((band) => knowBand(band));
    if (!rigged.ok || bands.length !== document.bands.length) return null;
    return {
      document,
      bands,
      solved: rigged.value,
      spread: { demand: [], start: 0, end: 0, peak: 0, mean: 0, assistMean: 0 },
      cautions: [],
      headClearance_m: undefined,
    };
  });
  protected readonly load = computed(() => {
    const figures = this.store.session()?.setup.figures;
    return figures === undefined ? null : meanSounding(figures, this.unit());
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

  constructor() {
    inject(Theme);
    this.store.load(this.id);
    const timer = setInterval(() => this.now.set(Date.now()), TICK_MS);
    inject(DestroyRef).onDestroy(() => clearInterval(timer));
    effect(() => {
      if (this.store.session()?.finishedAt) void this.router.navigate(['/next', this.id()]);
    });
    this.keys.offer([
      { key: '+', words: 'one repetition more', press: () => this.addReps(1) },
      { key: '-', words: 'one repetition fewer', press: () => this.addReps(-1) },
      { key: 'Enter', words: 'log the set', press: () => this.log() },
      { key: ' ', words: 'start the rest, or end it', press: () => this.toggleRest() },
    ]);
  }

  protected addReps(by: number): void {
    this.store.change({ reps: Math.max(0, this.store.entry.reps() + by) });
  }

  protected addPartial(by: number): void {
    this.store.change({ partial: Math.max(0, this.store.entry.partial() + by) });
  }

  protected log(): void {
    this.now.set(Date.now());
    this.store.log(new Date());
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
