import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  signal,
  untracked,
} from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import { DEFAULT_SAMPLES } from '@wiry-otter/core';
import { Keys } from '../../shell/keys';
import { BagList } from './bag-list';
import { ChooseSetup } from './choose-setup';
import { ChangeList } from './figures/change-list';
import { DropSetPanel } from './drop-set/drop-set-panel';
import { FiguresPanel } from './figures/figures-panel';
import { NudgeTable } from './figures/nudge-table';
import { FindPanel } from './find/find-panel';
import { LadderPanel } from './ladder/ladder-panel';
import { marksOf } from './marks';
import { SaveSetup } from './saved/save-setup';
import { SavedSetups } from './saved/saved-setups';
import { ScenePanel } from './scene-panel';
import { Tune } from './tune';
import { WorkbenchStore } from './workbench/workbench-store';

/** Steps of the rep slider by key, samples. */
const SLIDE = 2;

/** What stands beside the scene. */
type Panel = 'figures' | 'find' | 'ladder' | 'dropSet';

const PANEL_WORDS: Readonly<Record<Panel, string>> = {
  figures: 'Figures',
  find: 'Find',
  ladder: 'Ladder',
  dropSet: 'Drop set',
};

/** The workbench: person, exercise, anchor and bands; what they ask, and what is wrong with them. */
@Component({
  selector: 'otter-workbench',
  imports: [
    BagList,
    ChangeList,
    ChooseSetup,
    DropSetPanel,
    FiguresPanel,
    FindPanel,
    LadderPanel,
    NudgeTable,
    RouterLink,
    SavedSetups,
    SaveSetup,
    ScenePanel,
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
  /** Exercise to work on; the one of before where it is not given. */
  readonly exercise = input<string>();

  private readonly router = inject(Router);
  protected readonly workbench = inject(WorkbenchStore);
  protected readonly lastSample = DEFAULT_SAMPLES - 1;
  protected readonly sample = signal(DEFAULT_SAMPLES - 1);
  protected readonly panels: readonly Panel[] = ['figures', 'find', 'ladder', 'dropSet'];
  protected readonly panelWords = PANEL_WORDS;
  protected readonly panel = signal<Panel>('figures');
  /** Whether the figures that are typed are in sight; in a drag they would be written with the rest. */
  protected readonly tuning = signal(false);

  protected readonly marks = computed(() => {
    const shown = this.workbench.preview() ?? this.workbench.settled();
    return shown === null ? [] : marksOf(shown.document, this.workbench.units().length);
  });
  /** The sign of the gravest caution against what is set that still wants seeing to. */
  protected readonly amiss = computed(() => {
    const cautions = this.workbench.settled()?.cautions ?? [];
    const seen = this.workbench.set.acknowledged();
    if (cautions.some(({ level }) => level === 'refuse')) return '✕';
    return cautions.some(({ level, text }) => level === 'warn' && !seen.includes(text))
      ? '△'
      : null;
  });

  constructor() {
    effect(() => {
      const id = this.exercise();
      if (id === undefined) return;
      untracked(() => this.workbench.chooseExercise(id));
      // Taken up once: another choice is made on the screen.
      void this.router.navigateByUrl('/setups', { replaceUrl: true });
    });
    inject(Keys).offer([
      { key: '[', words: 'back through the rep', press: () => this.slide(-SLIDE) },
      { key: ']', words: 'on through the rep', press: () => this.slide(SLIDE) },
      { key: 'u', words: 'undo', press: () => this.workbench.undo() },
      { key: 'r', words: 'redo', press: () => this.workbench.redo() },
      { key: 'f', words: 'find a set-up', press: () => this.show('find') },
      { key: 'l', words: 'ladder', press: () => this.show('ladder') },
      { key: 'd', words: 'drop set', press: () => this.show('dropSet') },
      { key: 'Escape', words: 'back to the figures', press: () => this.show('figures') },
      ...Array.from({ length: 9 }, (_, i) => ({
        key: String(i + 1),
        words: `band with tag ${i + 1} on or off`,
        press: () => this.workbench.toggleTag(i + 1),
      })),
    ]);
  }

  protected show(panel: Panel): void {
    this.workbench.showInScene(null);
    this.panel.set(panel);
  }

  private slide(by: number): void {
    this.sample.update((k) => Math.min(this.lastSample, Math.max(0, k + by)));
  }
}
