import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { fromNewtons, POUND_KG, type Units } from '@wiry-otter/core';
import { PosePicture } from '../exercises/pose-picture';
import { WorkbenchStore } from '../setups/workbench/workbench-store';
import { demandQuantity, forceWord, quantityWords } from '../../ui/quantities/figures';
import { LevelStore, type LevelView } from './level-store';
import { perLimbWords } from './skill-words';
import { shownWords } from './standing';

/** The levels of a skill, easiest for this body first, and where the person stands. */
@Component({
  selector: 'otter-level-list',
  imports: [PosePicture],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 class="text-sm">Levels, easiest first</h2>
    <ol class="mt-1 flex gap-2 overflow-x-auto pb-1 lg:block lg:overflow-visible">
      @for (level of rows(); track level.view.key) {
        <li class="flex-none lg:mb-1">
          <button
            type="button"
            class="grid w-56 grid-cols-[4.5rem_minmax(0,1fr)] items-center gap-2 border-[1.5px] p-1 text-left lg:w-full"
            [class.border-ink]="level.isShown"
            [class.bg-sheet]="level.isShown"
            [class.border-transparent]="!level.isShown"
            [attr.aria-pressed]="level.isShown"
            (click)="store.chooseLevel(level.view)"
          >
            <otter-pose-picture
              [exercise]="level.view.exercise"
              [body]="workbench.body()"
              [phases]="level.view.level.phases"
            />
            <span class="min-w-0 text-sm leading-tight">
              <span class="block" [class.font-bold]="level.isShown">{{ level.view.title }}</span>
              <span class="figure block text-pull">{{ level.demand }}</span>
              <span class="figure block text-xs text-faint">{{ level.perKg }}</span>
              @if (level.today; as words) {
                <span class="figure block text-xs text-help">today {{ words }} help</span>
              }
              @if (level.standing; as words) {
                <span
                  class="block text-xs"
                  [class.text-range]="level.isDone"
                  [class.text-help]="!level.isDone"
                  >{{ words }}</span
                >
              }
            </span>
          </button>
        </li>
      }
    </ol>
    <p class="mt-1 text-xs text-faint">{{ store.skill().orderWhy }}</p>
  `,
})
export class LevelList {
  protected readonly store = inject(LevelStore);
  protected readonly workbench = inject(WorkbenchStore);

  protected readonly rows = computed(() => {
    const { shown, unassisted } = this.store.standing();
    const next = this.store.nextLevel()?.key;
    const limb = perLimbWords(this.store.skill());
    return this.store.levels().map((view) => {
      const isDone = unassisted.has(view.key);
      const last = shown.get(view.key);
      const words = last === undefined ? '' : shownWords(last);
      return {
        view,
        isDone,
        isShown: view.key === this.store.level()?.key,
        demand: `${this.amount(view)}${limb}`,
        today: this.store.today().get(view.exercise.id) ?? '',
        perKg: `${perMassWords(view, this.workbench.units())}, ${Math.round(100 * view.share)} % of the hardest`,
        standing: isDone
          ? `✓ ${words}`
          : view.key === next
            ? `next${words === '' ? '' : `: ${words}`}`
            : words,
      };
    });
  });

  private amount({ demand, unit }: LevelView): string {
    return quantityWords(demandQuantity(demand, null, unit, this.workbench.unit()));
  }
}

/** "4.9 N/kg" or "0.50 lb/lb": what bodies are compared by, in the units of pulls and of bodies. */
function perMassWords({ perKg, unit }: LevelView, { force, mass }: Units): string {
  const perMass = mass === 'kg' ? perKg : perKg * POUND_KG;
  return unit === 'N'
    ? `${fromNewtons(perMass, force).toFixed(force === 'N' ? 1 : 2)} ${forceWord(force)}/${mass}`
    : `${perMass.toFixed(2)} ${unit}/${mass}`;
}
