import {
  ChangeDetectionStrategy,
  Component,
  computed,
  DestroyRef,
  effect,
  inject,
  linkedSignal,
  signal,
  untracked,
} from '@angular/core';
import { FormsModule } from '@angular/forms';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import {
  askedOf,
  type ChangeCost,
  DEFAULT_SAMPLES,
  type EqualWeight,
  fromNewtons,
  solveSetup,
  writeForce,
} from '@wiry-otter/core';
import { LONGEST_TITLE } from '@wiry-otter/contracts';
import { v7 as uuidv7 } from 'uuid';
import { Sending } from '../api/sending';
import { StudioApi } from '../api/studio-api';
import { ClearanceNote } from '../people/clearance-note';
import { AtRest } from '../timing/at-rest';
import { demandInUnit, demandQuantity, forceWord, pulledWord } from '../drawing/figures';
import { FramePacer } from '../timing/frame-pacer';
import { QuantityText } from '../drawing/quantity';
import { Keys } from '../shell/keys';
import { NumberInput } from '../forms/number-input';
import { noticeActions } from '../state/notices';
import { studioActions } from '../state/studio';
import { FindPanel } from './find/find-panel';
import { BagList } from './bag-list';
import { CautionList } from './figures/caution-list';
import { ChooseSetup } from './choose-setup';
import { CostList } from './figures/cost-list';
import { besideWords, SURE_WORDS } from './figures/figure-words';
import { marksOf } from './marks';
import { SavedSetups } from './saved/saved-setups';
import { ScenePanel } from './scene-panel';
import { type OtherCurve, Trace } from '../scene/trace';
import { Tune } from './tune';
import { COMPARABLE_WORDS, compareWords, weightTitle } from './figures/weight-words';
import { chosenRoutes, type SolvedWorkbench } from './workbench/workbench-model';
import { WorkbenchStore } from './workbench/workbench-store';

/** How long the figures of before a change stay in sight, ms. */
const OLD_FIGURES_MS = 2500;

/** Nothing set for so long is rest, ms. */
const REST_MS = 400;

/** Steps of the rep slider by key, samples. */
const SLIDE = 2;

/** The workbench: person, exercise, anchor and bands; what they ask, and what is wrong with them. */
@Component({
  selector: 'otter-workbench',
  imports: [
    BagList,
    CautionList,
    ChooseSetup,
    ClearanceNote,
    CostList,
    FindPanel,
    NumberInput,
    FormsModule,
    RouterLink,
    SavedSetups,
    ScenePanel,
    QuantityText,
    Trace,
    Tune,
  ],
  providers: [WorkbenchStore],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: {
    '(pointerdown)': 'workbench.hold()',
    '(document:pointerup)': 'workbench.letGo()',
    '(document:pointercancel)': 'workbench.letGo()',
  },
  templateUrl: './workbench.html',
})
export class Workbench {
  private readonly api = inject(StudioApi);
  private readonly global = inject(Store);

  protected readonly workbench = inject(WorkbenchStore);
  protected readonly lastSample = DEFAULT_SAMPLES - 1;
  protected readonly sample = signal(DEFAULT_SAMPLES - 1);
  protected readonly sending = new Sending();
  protected readonly longestTitle = LONGEST_TITLE;
  /** Whether the figures that are typed are in sight; in a drag they would be written with the rest. */
  protected readonly tuning = signal(false);

  /**
   * What the figures beside the scene are of. In a drag the scene keeps up with the hand, and they
   * follow in its pauses.
   */
  protected readonly solved = linkedSignal<
    { readonly now: SolvedWorkbench | null; readonly held: boolean },
    SolvedWorkbench | null
  >({
    source: () => ({ now: this.workbench.solved(), held: this.workbench.held() }),
    computation: ({ now, held }, before) => (held ? before?.value : null) ?? now,
  });

  protected readonly demandUnit = computed(() =>
    this.solved()?.solved.rig.prepared.unit === 'N·m' ? 'N·m' : forceWord(this.workbench.unit()),
  );

  protected readonly figures = computed(() => {
    const solved = this.solved();
    if (solved === null) return [];
    const { summary, rig } = solved.solved;
    const quantity = (value: number, std: number) =>
      demandQuantity(value, std, rig.prepared.unit, this.workbench.unit());
    return [
      { id: 'start', words: 'start', quantity: quantity(summary.start, solved.spread.start) },
      { id: 'mean', words: 'mean', quantity: quantity(summary.mean, solved.spread.mean) },
      { id: 'end', words: 'end', quantity: quantity(summary.end, solved.spread.end) },
    ];
  });
  protected readonly costs = signal<readonly ChangeCost[]>([]);

  /** What the figures were before the last change, for a moment. */
  protected readonly before = signal<Readonly<Record<string, string>> | null>(null);

  /** The same with a weight of equal mean beside it, on request: looking for one solves twice more. */
  private readonly wishedComparison = signal<EqualWeight['kind'] | null>(null);
  protected readonly comparing = computed(() => {
    const wished = this.wishedComparison();
    return wished !== null && this.workbench.comparable().includes(wished) ? wished : null;
  });
  private readonly equal = computed(() => {
    switch (this.comparing()) {
      case 'dumbbell':
        return this.workbench.equalDumbbell();
      case 'cable':
        return this.workbench.equalCable();
      case null:
        return undefined;
    }
  });
  protected readonly weightCurve = computed<OtherCurve | null>(() => {
    const weight = this.equal();
    return weight === undefined
      ? null
      : {
          words: weightTitle(weight, (N) => writeForce(N, this.workbench.unit())),
          demand: weight.demand,
        };
  });
  protected readonly comparableWords = COMPARABLE_WORDS;
  protected readonly weightWords = computed(() => {
    const weight = this.equal();
    const solved = this.solved();
    if (weight === undefined || solved === null) return null;
    const { buffers, rig, summary } = solved.solved;
    return compareWords(weight, askedOf(rig.prepared, buffers.signed), summary.match);
  });

  /** The saved set-up in force, as long as the workbench shows another. */
  protected readonly savedDocument = computed(() => this.workbench.inForce()?.document ?? null);
  protected readonly savedCurve = computed<OtherCurve | null>(() => {
    const document = this.savedDocument();
    if (document === null) return null;
    const solution = solveSetup(document);
    return solution.ok ? { words: 'saved, in force', demand: solution.value.demand } : null;
  });

  protected readonly gripped = computed(
    () =>
      this.solved()?.document.runs.some(({ path }) =>
        path.some((name) => name.startsWith('grip')),
      ) ?? false,
  );

  protected readonly marks = computed(() => {
    const solved = this.solved();
    return solved === null ? [] : marksOf(solved.document);
  });

  protected readonly peakStretch = computed(() => {
    const solved = this.solved();
    return solved === null || solved.document.runs.length === 0
      ? '–'
      : pulledWord(solved.solved.summary.peakStretch);
  });

  protected readonly cautions = computed(() => this.solved()?.cautions ?? []);
  protected readonly refused = computed(() =>
    this.cautions().some(({ level }) => level === 'refuse'),
  );
  protected readonly overstretched = computed(() =>
    this.cautions().some(({ rule }) => rule === 'stretch-limit'),
  );
  /** What makes the figures unsure most. */
  protected readonly sureWords = computed(() => {
    const mostly = this.solved()?.spread.mostly;
    return mostly === undefined ? null : SURE_WORDS[mostly][this.workbench.set.marked() ? 1 : 0];
  });
  /** What has to be known beside the figures. */
  protected readonly besides = computed(() => {
    const solved = this.solved();
    return solved === null ? [] : besideWords(solved, this.workbench.unit());
  });
  protected readonly unread = computed(() =>
    this.cautions().filter(
      ({ level, text }) => level === 'warn' && !this.workbench.set.acknowledged().includes(text),
    ),
  );

  /** The name a set-up goes by unless the trainer gives another. */
  protected readonly title = linkedSignal(() => {
    const on = this.workbench.bag().filter((item) => item.on);
    const linked = this.solved()?.document.links !== undefined;
    // A chain is named in the order in which it hangs, a stack in that of the tags.
    const order = this.workbench.set.bandIds();
    const place = ({ band }: (typeof on)[number]): number => order.indexOf(band.record.id);
    const named = linked ? on.sort((a, b) => place(a) - place(b)) : on;
    const names = named.map(({ band }) => band.record.name);
    const { distance_m } = this.workbench.set();
    const anchor = this.workbench.exercise()?.anchor;
    const at =
      anchor === undefined || anchor.side === 'over' ? '' : ` at ${distance_m.toFixed(2)} m`;
    const side = this.solved()?.document.side;
    const rest = `${at}${side === 'left' ? ', left' : ''}`;
    const title = `${names.join(linked ? ' linked with ' : ' + ')}${rest}`;
    return title.length <= LONGEST_TITLE ? title : `${names.length} bands${rest}`;
  });
  protected readonly overwritten = computed(() =>
    this.workbench.saved().find(({ title }) => title === this.title().trim()),
  );
  protected readonly savable = computed(
    () =>
      (this.solved()?.document.runs.length ?? 0) > 0 &&
      this.solved()?.document.runs.length === this.workbench.set.bandIds().length &&
      this.title().trim() !== '' &&
      this.workbench.place() !== undefined &&
      this.workbench.hasKit(),
  );

  constructor() {
    this.followInPauses();
    this.tellOldFigures();
    this.tellCostsAtRest();
    inject(Keys).offer([
      { key: '[', words: 'back through the rep', press: () => this.slide(-SLIDE) },
      { key: ']', words: 'on through the rep', press: () => this.slide(SLIDE) },
      { key: 'u', words: 'undo', press: () => this.workbench.undo() },
      { key: 'r', words: 'redo', press: () => this.workbench.redo() },
      { key: 'w', words: 'compare with a weight', press: () => this.compareWith('dumbbell') },
      { key: 'c', words: 'compare with a cable', press: () => this.compareWith('cable') },
      ...Array.from({ length: 9 }, (_, i) => ({
        key: String(i + 1),
        words: `band with tag ${i + 1} on or off`,
        press: () => this.toggleTag(i + 1),
      })),
    ]);
  }

  /** Shows the bands beside something of equal mean; asked for again, alone. */
  protected compareWith(kind: EqualWeight['kind']): void {
    this.wishedComparison.update((wished) => (wished === kind ? null : kind));
  }

  private followInPauses(): void {
    const pacer = inject(FramePacer);
    effect(() => {
      this.workbench.solved();
      // Asked for anew in the pause: by then a click may have changed it.
      if (this.workbench.held()) pacer.follow(this, () => this.solved.set(this.workbench.solved()));
      else pacer.forget(this);
    });
    inject(DestroyRef).onDestroy(() => pacer.forget(this));
  }

  /** A dozen other set-ups are solved for the costs: once the hand rests, a few in each frame. */
  private tellCostsAtRest(): void {
    const pacer = inject(FramePacer);
    const rest = new AtRest(REST_MS, () =>
      pacer.followInSteps(rest, this.workbench.costs(), (costs) => this.costs.set(costs)),
    );
    const stop = (): void => pacer.forget(rest);
    effect(() => {
      this.workbench.solved();
      stop();
      rest.restart();
    });
    inject(DestroyRef).onDestroy(() => {
      stop();
      rest.cancel();
    });
  }

  /** Keeps the figures of before a change in sight for a moment. */
  private tellOldFigures(): void {
    let last: Readonly<Record<string, string>> = {};
    let lastOf: string | undefined;
    const rest = new AtRest(OLD_FIGURES_MS, () => this.before.set(null));
    effect(() => {
      const now = Object.fromEntries(
        this.figures().map(({ id, quantity }) => [id, quantity.figure]),
      );
      const of = `${this.workbench.person()?.id} ${this.workbench.exercise()?.id}`;
      // Nothing was changed yet on a workbench that was just taken up.
      const same = of === lastOf && (this.workbench.canUndo() || this.workbench.canRedo());
      const old = same ? last : {};
      last = now;
      lastOf = of;
      // Figures of another person or exercise are no old figures of these.
      if (!same) this.before.set(null);
      const changed = Object.keys(now).some((id) => old[id] !== undefined && old[id] !== now[id]);
      if (!changed) return;
      // A drag is one change: what stood before its first move stays.
      untracked(() => this.before.update((kept) => kept ?? old));
      rest.restart();
    });
    inject(DestroyRef).onDestroy(() => rest.cancel());
  }

  protected percent(share: number): number {
    return Math.round(100 * share);
  }

  protected slide(by: number): void {
    this.sample.update((k) => Math.min(this.lastSample, Math.max(0, k + by)));
  }

  protected setWanted(end: 'from' | 'to', value: number | null): void {
    const present = this.workbench.wanted();
    if (value === null || !(value > 0)) return this.workbench.setWanted(null);
    const N = this.demandUnit() === 'N·m' ? value : value / fromNewtons(1, this.workbench.unit());
    const wanted = { from: present?.from ?? N, to: present?.to ?? N, [end]: N };
    this.workbench.setWanted(wanted.from <= wanted.to ? wanted : { from: N, to: N });
  }

  protected wantedFigure(end: 'from' | 'to'): string {
    const wanted = this.workbench.wanted();
    if (wanted === null) return '';
    const unit = this.demandUnit() === 'N·m' ? 'N·m' : 'N';
    const figure = demandInUnit(wanted[end], unit, this.workbench.unit());
    return figure.toFixed(unit === 'N' && this.workbench.unit() === 'N' ? 0 : 1);
  }

  protected save(): void {
    const solved = this.workbench.solved();
    const person = this.workbench.person();
    const place = this.workbench.place();
    const exercise = this.workbench.exercise();
    if (!solved || !person || !place || !exercise || !this.savable()) return;
    const known = this.overwritten();
    const title = this.title().trim();
    const input = {
      version: known?.version ?? 0,
      personId: person.id,
      placeId: place.id,
      anchorId: exercise.anchor === undefined ? null : (this.workbench.anchor()?.id ?? null),
      title,
      routeId: chosenRoutes(exercise, this.workbench.set())[0]?.id ?? '',
      document: solved.document,
      acknowledged: solved.cautions
        .filter(({ text }) => this.workbench.set.acknowledged().includes(text))
        .map(({ rule }) => rule),
    };
    this.sending.send(
      () => this.api.putSetup(known?.id ?? uuidv7(), input),
      (setup) => {
        this.global.dispatch(studioActions.setupSaved({ setup }));
        const text = `${title}: ${setup.ready ? 'ready' : 'saved, but not ready'}.`;
        this.global.dispatch(noticeActions.show({ text, tone: 'done', undo: null }));
      },
    );
  }

  private toggleTag(tag: number): void {
    const found = this.workbench.usable().find(({ record }) => record.tag === tag);
    if (found !== undefined) this.workbench.toggleBand(found.record.id);
  }
}
