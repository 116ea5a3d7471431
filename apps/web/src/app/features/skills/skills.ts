import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  signal,
  untracked,
  viewChild,
} from '@angular/core';
import { withLengthsIn } from '../../ui/quantities/figures';
import type { RouteOfExercise } from '../setups/workbench/routes';
import { RouterLink } from '@angular/router';
import { BagList } from '../setups/bag-list';
import { SetupCautions } from '../setups/figures/setup-cautions';
import { LadderPanel } from '../setups/ladder/ladder-panel';
import { SaveSetup } from '../setups/saved/save-setup';
import { SavedSetups } from '../setups/saved/saved-setups';
import { WORKBENCH_KEY, WorkbenchStore } from '../setups/workbench/workbench-store';
import { Keys } from '../../shell/keys';
import { ArcChart } from './arc-chart';
import { BalancePanel } from './balance-panel';
import { BandTable } from './band-table';
import { CurveTable } from './curve-table';
import { HangControls } from './hang-controls';
import { HangPanel } from './hang-panel';
import { KnownLine } from './known-line';
import { LevelList } from './level-list';
import { HangStore } from './hang-store';
import { LevelStore } from './level-store';
import { firstName } from './skill-words';
import { StartStore } from './start-store';
import { TaperRow } from './taper-row';

/** A ladder that begins with less help than this is none. */
const LEAST_HELP = 0.1;
/** Where help is read at the hardest point, more of it is wanted in the mean. */
const MORE_IN_THE_MEAN = 1.3;

/** A skill: its levels, what a band does hung here or there, and how the help goes. */
@Component({
  selector: 'otter-skills',
  imports: [
    ArcChart,
    BagList,
    BalancePanel,
    BandTable,
    CurveTable,
    HangControls,
    HangPanel,
    KnownLine,
    LadderPanel,
    LevelList,
    RouterLink,
    SavedSetups,
    SaveSetup,
    SetupCautions,
    TaperRow,
  ],
  providers: [
    { provide: WORKBENCH_KEY, useValue: 'otter.skills' },
    WorkbenchStore,
    LevelStore,
    HangStore,
    StartStore,
  ],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: {
    '(pointerdown)': 'workbench.hold()',
    '(document:pointerup)': 'workbench.letGo()',
    '(document:pointercancel)': 'workbench.letGo()',
  },
  templateUrl: './skills.html',
})
export class Skills {
  readonly skillId = input.required<string>();
  /** Exercise of the level to open; the one worked on where it is not given. */
  readonly level = input<string>();

  private readonly ladder = viewChild(LadderPanel);
  private readonly start = inject(StartStore);
  protected readonly levels = inject(LevelStore);
  protected readonly store = inject(HangStore);
  protected readonly workbench = inject(WorkbenchStore);

  protected readonly name = computed(() => firstName(this.workbench.person()));
  /** Whether the table is in sight; in a drag it would be written with the rest. */
  protected readonly tabled = signal(false);
  protected readonly chosen = computed(() => this.store.hangs().find(({ isSet }) => isSet));
  /** Whether the weight of the body against its support is what decides the skill. */
  protected readonly isBalanced = computed(
    () => this.workbench.exercise()?.demand.kind === 'moment',
  );
  /** Whether the need goes up or down over the movement, so that place and arc belong together. */
  protected readonly isArc = computed(() => {
    const needs = this.store.hangs()[0]?.help.curve.map(({ need }) => need) ?? [];
    return Math.max(...needs) > 1.1 * Math.min(...needs);
  });

  constructor() {
    effect(() => {
      const id = this.skillId();
      const exerciseId = this.level();
      untracked(() => this.levels.open(id, exerciseId));
    });
    // A ladder begins where the person does, unless one is kept.
    effect(() => {
      const first = this.start.first();
      const share =
        (first?.shares[0] ?? 0) *
        (first?.at === 'hardest' && first.shares.length > 1 ? MORE_IN_THE_MEAN : 1);
      const ladder = this.ladder()?.store;
      if (ladder === undefined || share < LEAST_HELP) return;
      untracked(() => {
        if (this.workbench.keptLadder()?.source !== 'found' && ladder.shown()?.source !== 'found') {
          ladder.set({ from: Math.min(1, Math.round(100 * share) / 100) });
        }
      });
    });
    inject(Keys).offer([
      { key: 'u', words: 'undo', press: () => this.workbench.undo() },
      { key: 'r', words: 'redo', press: () => this.workbench.redo() },
      ...Array.from({ length: 9 }, (_, i) => ({
        key: String(i + 1),
        words: `band with tag ${i + 1} on or off`,
        press: () => this.workbench.toggleTag(i + 1),
      })),
    ]);
  }

  protected routeWords({ title }: RouteOfExercise): string {
    return withLengthsIn(this.workbench.units().length, title);
  }
}
