import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  linkedSignal,
  signal,
} from '@angular/core';
import { FormsModule } from '@angular/forms';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import { CATALOGUE } from '@wiry-otter/catalogue';
import type { SetupRecord } from '@wiry-otter/contracts';
import { DEFAULT_SAMPLES, type ForceUnit, fromNewtons, isContinuous } from '@wiry-otter/core';
import { of, switchMap } from 'rxjs';
import { v7 as uuidv7 } from 'uuid';
import { problemWords } from '../api/api-problem';
import { StudioApi } from '../api/studio-api';
import { GRADE_WORDS } from '../bands/band-law';
import { demandSounding, forceWord, stretchWord } from '../drawing/figures';
import { GaugeStaff } from '../drawing/gauge-staff';
import { Ribbon } from '../drawing/ribbon';
import { SoundingText } from '../drawing/sounding';
import { Keys } from '../shell/keys';
import { noticeActions } from '../state/notices';
import { studioActions } from '../state/studio';
import { Scene } from './scene';
import { Trace } from './trace';
import { chosenRoutes } from './workbench-model';
import { WorkbenchStore } from './workbench-store';

/** What a first prescription asks for: three sets of 8 to 15, a minute and a half between. */
const FIRST_PRESCRIPTION = {
  school: 'fill-range',
  sets: 3,
  reps: { from: 8, to: 15 },
  rest_s: 90,
  target: [8, 8, 8],
} as const;

/** Steps of the rep slider by key, samples. */
const SLIDE = 2;

/** The workbench: person, exercise, anchor and bands; what they ask, and what is wrong with them. */
@Component({
  selector: 'otter-workbench',
  imports: [FormsModule, GaugeStaff, Ribbon, Scene, SoundingText, Trace],
  providers: [WorkbenchStore],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './workbench.html',
})
export class Workbench {
  private readonly api = inject(StudioApi);
  private readonly global = inject(Store);
  private readonly router = inject(Router);

  protected readonly bench = inject(WorkbenchStore);
  protected readonly Math = Math;
  protected readonly exercises = CATALOGUE;
  protected readonly lastSample = DEFAULT_SAMPLES - 1;
  protected readonly sample = signal(DEFAULT_SAMPLES - 1);
  protected readonly busy = signal(false);
  protected readonly gradeWords = GRADE_WORDS;

  protected readonly demandUnit = computed(() =>
    this.bench.solved()?.solved.rig.prepared.unit === 'N·m' ? 'N·m' : forceWord(this.bench.unit()),
  );

  protected readonly figures = computed(() => {
    const solved = this.bench.solved();
    if (solved === null) return [];
    const { summary, rig } = solved.solved;
    const sounding = (value: number, std: number) =>
      demandSounding(value, std, rig.prepared.unit, this.bench.unit());
    return [
      { id: 'start', words: 'start', sounding: sounding(summary.start, solved.spread.start) },
      { id: 'mean', words: 'mean', sounding: sounding(summary.mean, solved.spread.mean) },
      { id: 'end', words: 'end', sounding: sounding(summary.end, solved.spread.end) },
    ];
  });
  protected readonly peakStretch = computed(() =>
    stretchWord(this.bench.solved()?.solved.summary.peakStretch ?? 0),
  );

  protected readonly cautions = computed(() => this.bench.solved()?.cautions ?? []);
  protected readonly refused = computed(() =>
    this.cautions().some(({ level }) => level === 'refuse'),
  );
  protected readonly unread = computed(() =>
    this.cautions().filter(
      ({ level, rule }) => level === 'warn' && !this.bench.set.acknowledged().includes(rule),
    ),
  );

  protected readonly bag = computed(() => {
    const on = this.bench.set.bandIds();
    return this.bench.usable().map((band) => ({ band, on: on.includes(band.record.id) }));
  });

  /** A choice of routes where the bands on the bench leave one. */
  protected readonly routeChoices = computed(() => {
    const exercise = this.bench.exercise();
    if (exercise === undefined) return [];
    const chosen = chosenRoutes(exercise, this.bench.set()).map(({ id }) => id);
    return (['continuous', 'open'] as const).flatMap((form) => {
      const wanted = this.bag().some(
        ({ band, on }) => on && (form === 'continuous') === isContinuous(band.record.kind),
      );
      const routes = (exercise.routes ?? []).filter((route) => route.for === form);
      return wanted && routes.length > 1
        ? [{ form, routes, chosen: routes.find(({ id }) => chosen.includes(id))?.id }]
        : [];
    });
  });

  protected readonly rungs = computed(() =>
    this.bench.saved().map(({ id, title, figures }) => ({
      id,
      title,
      load: inUnit(figures.mean, figures.unit, this.bench.unit()),
    })),
  );
  /** The name a set-up goes by unless the trainer gives another. */
  protected readonly title = linkedSignal(() => {
    const names = this.bag()
      .filter(({ on }) => on)
      .map(({ band }) => band.record.name);
    const { distance_m } = this.bench.set();
    const at = this.bench.exercise()?.anchor === undefined ? '' : ` at ${distance_m.toFixed(2)} m`;
    return `${names.join(' + ')}${at}`;
  });
  protected readonly overwritten = computed(() =>
    this.bench.saved().find(({ title }) => title === this.title().trim()),
  );
  protected readonly savable = computed(
    () =>
      (this.bench.solved()?.document.runs.length ?? 0) > 0 &&
      this.bench.solved()?.document.runs.length === this.bench.set.bandIds().length &&
      this.title().trim() !== '' &&
      this.bench.place() !== undefined,
  );

  constructor() {
    inject(Keys).offer([
      { key: '[', words: 'back through the rep', press: () => this.slide(-SLIDE) },
      { key: ']', words: 'on through the rep', press: () => this.slide(SLIDE) },
      ...Array.from({ length: 9 }, (_, i) => ({
        key: String(i + 1),
        words: `band with tag ${i + 1} on or off`,
        press: () => this.toggleTag(i + 1),
      })),
    ]);
  }

  protected slide(by: number): void {
    this.sample.update((k) => Math.min(this.lastSample, Math.max(0, k + by)));
  }

  protected setWanted(end: 'from' | 'to', text: string): void {
    const value = Number(text);
    const present = this.bench.wanted();
    if (text === '' || !(value > 0)) return this.bench.setWanted(null);
    const N = this.demandUnit() === 'N·m' ? value : value / fromNewtons(1, this.bench.unit());
    const wanted = { from: present?.from ?? N, to: present?.to ?? N, [end]: N };
    this.bench.setWanted(wanted.from <= wanted.to ? wanted : { from: N, to: N });
  }

  protected wantedFigure(end: 'from' | 'to'): string {
    const wanted = this.bench.wanted();
    if (wanted === null) return '';
    const unit = this.demandUnit() === 'N·m' ? 'N·m' : 'N';
    return inUnit(wanted[end], unit, this.bench.unit()).toFixed(0);
  }

  /** Steps as far towards the anchor as the refusal says. */
  protected cureBy(closer_m: number): void {
    this.bench.setDistance(this.bench.set.distance_m() - closer_m);
  }

  protected save(): void {
    const solved = this.bench.solved();
    const person = this.bench.person();
    const place = this.bench.place();
    const exercise = this.bench.exercise();
    if (!solved || !person || !place || !exercise || !this.savable()) return;
    const known = this.overwritten();
    const title = this.title().trim();
    const input = {
      version: known?.version ?? 0,
      personId: person.id,
      placeId: place.id,
      anchorId: exercise.anchor === undefined ? null : (this.bench.anchor()?.id ?? null),
      title,
      routeId: chosenRoutes(exercise, this.bench.set())[0]?.id ?? '',
      document: solved.document,
      acknowledged: [...this.bench.set.acknowledged()],
    };
    this.busy.set(true);
    this.api.putSetup(known?.id ?? uuidv7(), input).subscribe({
      next: (setup) => {
        this.busy.set(false);
        this.global.dispatch(studioActions.setupSaved({ setup }));
        const state = setup.ready ? 'ready' : 'saved, but not ready';
        this.say(`${title}: ${state}.`, 'done');
      },
      error: (error: unknown) => this.fail(error),
    });
  }

  protected putAway({ id }: SetupRecord): void {
    this.global.dispatch(studioActions.putSetupAway({ id }));
  }

  /** Starts from the prescription in force when it is for this set-up, else from a first one. */
  protected start(setup: SetupRecord): void {
    this.busy.set(true);
    const current = this.bench.current();
    const prescription =
      current?.setupId === setup.id
        ? of(current)
        : this.api.addPrescription(uuidv7(), {
            ...FIRST_PRESCRIPTION,
            reps: { ...FIRST_PRESCRIPTION.reps },
            target: [...FIRST_PRESCRIPTION.target],
            personId: setup.personId,
            setupId: setup.id,
          });
    const id = uuidv7();
    prescription
      .pipe(
        switchMap((prescribed) =>
          this.api.startSession(id, {
            prescriptionId: prescribed.id,
            startedAt: new Date().toISOString(),
          }),
        ),
      )
      .subscribe({
        next: () => void this.router.navigate(['/session', id]),
        error: (error: unknown) => this.fail(error),
      });
  }

  private toggleTag(tag: number): void {
    const found = this.bench.usable().find(({ record }) => record.tag === tag);
    if (found !== undefined) this.bench.toggleBand(found.record.id);
  }

  private fail(error: unknown): void {
    this.busy.set(false);
    this.say(problemWords(error), 'trouble');
  }

  private say(text: string, tone: 'done' | 'trouble'): void {
    this.global.dispatch(noticeActions.show({ text, tone, undo: null }));
  }
}

function inUnit(value: number, demandUnit: 'N' | 'N·m', unit: ForceUnit): number {
  return demandUnit === 'N' ? fromNewtons(value, unit) : value;
}
