import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { isHold, SLOW_LOWERING_NOTE } from '@wiry-otter/core';
import { countWord } from '../session/work-words';
import { type Rung, rungsByHand } from '../setups/ladder/ladder-model';
import type { LadderStore } from '../setups/ladder/ladder-store';
import { WorkbenchStore } from '../setups/workbench/workbench-store';
import { whenLetGo } from '../../ui/timing/when-let-go';
import { LevelStore } from './level-store';
import { StartStore } from './start-store';
import {
  dosePrescription,
  holdPrescription,
  loweringPrescription,
  nearestHelp,
  rungsOfDose,
  taperPrescription,
  taperSets,
} from './taper';
import { WorkButton } from './work-button';

/** The work of a skill from the rungs of its ladder: three sets with less help each, holds, slow lowerings. */
@Component({
  selector: 'otter-taper-row',
  imports: [WorkButton],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (inForce(); as present) {
      <h2>In force</h2>
      <p class="mt-1 text-sm">
        <span class="font-bold">{{ present.words }}</span>
        <span class="figure text-help"> aim for {{ present.aim }}</span>
      </p>
      <otter-work-button
        class="mb-3 block"
        words="In force"
        [rungs]="present.rungs"
        [input]="present.input"
        [ladder]="ladder()"
      />
    }
    @if (levels.skill().dose; as dose) {
      <h2>Slow lowerings</h2>
      @if (dosed(); as rungs) {
        <ol class="mt-1 grid gap-2 sm:grid-cols-3" aria-label="Sets of slow lowerings">
          @for (rung of rungs; track $index) {
            <li class="border-t-[3px] border-help pt-1">
              <span class="block font-bold">{{ rung.title }}</span>
              <span class="figure block text-sm text-help">{{ repsOfDose(rung) }} reps</span>
            </li>
          }
        </ol>
        <p class="mt-1 text-sm">
          Held at the top, lowered as slowly, a second more each time, up to 8 s.
          @if (dose.exit; as exit) {
            On from here at {{ exit.sets }} × {{ exit.reps }} all the way down without a band.
          }
        </p>
        <p class="mt-1 text-sm">i {{ loweringNote }}</p>
        <otter-work-button
          words="Prescribe these"
          [rungs]="rungs"
          [input]="ofDose()"
          [ladder]="ladder()"
        />
      } @else {
        <p class="mt-1 text-sm text-faint">
          Make a ladder from much help to none: the sets are rungs of it.
        </p>
      }
    } @else if (!isHeld()) {
      <h2>Three sets, less help each</h2>
      @if (sets().length === 0) {
        <p class="mt-1 text-sm text-faint">
          Make a ladder from much help to none: the three sets are rungs of it.
        </p>
      } @else {
        <ol class="mt-1 grid gap-2 sm:grid-cols-3" aria-label="Sets of the taper">
          @for (set of sets(); track $index) {
            <li class="border-t-[3px] border-help pt-1">
              <span class="block font-bold">{{ set.rung.title }}</span>
              <span class="figure block text-sm text-help"
                >{{ percent(set.share) }} help · {{ set.from }}–{{ set.to }} reps</span
              >
              @if (isFar(set)) {
                <span class="block text-xs text-caution"
                  >△ {{ percent(set.wanted) }} wanted: nothing nearer in the ladder</span
                >
              }
            </li>
          }
        </ol>
        <otter-work-button
          words="Prescribe these three"
          [rungs]="rungsOfSets()"
          [input]="taper()"
          [ladder]="ladder()"
        />
      }
    } @else {
      <h2>Holds</h2>
      @if (flagged(); as rung) {
        <p class="mt-1 text-sm">
          <span class="font-bold">{{ rung.title }}</span>: four holds, from 5 s; less help once each
          is 10 s and all are 45 s.
        </p>
        <otter-work-button
          words="Prescribe the holds"
          [rungs]="[rung]"
          [input]="holds()"
          [ladder]="ladder()"
        />
      } @else {
        <p class="mt-1 text-sm text-faint">
          Make a ladder from much help to none, and load the rung to begin with.
        </p>
      }
    }
    @if (levels.skill().lowered && flagged(); as rung) {
      <div class="mt-3 text-sm">
        <h3 class="font-bold">Slow lowerings beside it</h3>
        <p>
          {{ rungWords(rung) }}: held at the top, lowered as slowly, a second more each time, up to
          8 s.
        </p>
        <p class="mt-1">i {{ loweringNote }}</p>
        <otter-work-button
          words="Prescribe slow lowerings"
          [quiet]="true"
          [rungs]="[rung]"
          [input]="lowerings()"
          [ladder]="ladder()"
        />
      </div>
    }
  `,
})
export class TaperRow {
  readonly ladder = input.required<LadderStore>();

  private readonly workbench = inject(WorkbenchStore);
  private readonly start = inject(StartStore);
  protected readonly levels = inject(LevelStore);

  protected readonly loweringNote = SLOW_LOWERING_NOTE;
  protected readonly isHeld = computed(() => {
    const exercise = this.workbench.exercise();
    return exercise !== undefined && isHold(exercise);
  });
  private readonly rungs = computed(() => {
    const shown = this.ladder().shown();
    return shown?.source === 'found' ? shown.rungs : [];
  });
  protected readonly sets = computed(() => {
    const first = this.start.first();
    const rungs = this.rungs();
    return first === undefined || rungs.length === 0 ? [] : taperSets(rungs, first);
  });
  /** The rung that is set, else the one whose help comes nearest to what it begins with. */
  protected readonly flagged = computed(() => {
    const mean = this.workbench.settled()?.solved.summary.mean;
    const rungs = this.rungs();
    if (mean === undefined || rungs.length === 0) return undefined;
    return rungs.toSorted((a, b) => Math.abs(a.load - mean) - Math.abs(b.load - mean))[0];
  });

  protected percent(share: number): string {
    return `${Math.round(100 * share)} %`;
  }

  protected rungWords({ solved, title }: Rung): string {
    return solved.document.runs.length === 0 ? 'Without a band' : `With ${title}`;
  }

  protected isFar({ share, wanted }: { readonly share: number; readonly wanted: number }): boolean {
    return Math.abs(share - wanted) > 0.05;
  }

  /** What the work in force is told from. */
  private readonly onRecord = computed(() => ({
    settled: this.workbench.settled(),
    current: this.workbench.current(),
    saved: this.workbench.saved(),
  }));
  /** What is prescribed in the exercise: its set-ups as they stand, to be seen to and begun from here. */
  protected readonly inForce = whenLetGo(this.workbench.held, this.onRecord, () => {
    const input = this.workbench.input();
    const current = this.workbench.current();
    if (input === null || current === undefined) return null;
    const saved = this.workbench.saved().filter(({ id }) => current.setupIds.includes(id));
    const rungs = rungsByHand(
      input,
      this.workbench.usable(),
      saved,
      'mean',
      this.workbench.girthOf,
    );
    const { createdAt: _at, exerciseId: _of, fromDecisionId: _from, id: _id, ...asked } = current;
    return rungs.length === 0
      ? null
      : {
          rungs,
          input: asked,
          words: rungs.map(({ title }) => title).join(', then '),
          aim: `${current.target.join(', ')} ${countWord(current.work)}`,
        };
  });
  /** The rungs of the skill's own dose, set by set. */
  protected readonly dosed = computed(() => {
    const { dose } = this.levels.skill();
    const first = this.start.first();
    const helped = this.rungs().filter(({ solved }) => solved.document.runs.length > 0);
    const wanted = first?.shares.at(0);
    if (dose === undefined || first === undefined || wanted === undefined) return null;
    const nearest = nearestHelp(helped, first, wanted);
    const bare = this.rungs().find(({ solved }) => solved.document.runs.length === 0);
    return nearest === undefined ? null : rungsOfDose(dose, { helped: nearest, bare });
  });
  protected readonly ofDose = computed(() => {
    const { dose } = this.levels.skill();
    const rungs = this.dosed();
    return dose === undefined || rungs === null
      ? null
      : dosePrescription(this.personId(), dose, rungs);
  });

  protected repsOfDose({ solved }: Rung): number {
    const work = this.levels.skill().dose?.work;
    if (work?.kind !== 'lowering') return 0;
    return solved.document.runs.length === 0 ? (work.bareReps ?? work.reps) : work.reps;
  }

  private readonly personId = computed(() => this.workbench.person()?.id ?? '');
  protected readonly rungsOfSets = computed(() => this.sets().map(({ rung }) => rung));
  protected readonly taper = computed(() => taperPrescription(this.personId(), this.sets()));
  protected readonly holds = computed(() => {
    const rung = this.flagged();
    return rung === undefined ? null : holdPrescription(this.personId(), rung);
  });
  protected readonly lowerings = computed(() => {
    const rung = this.flagged();
    return rung === undefined ? null : loweringPrescription(this.personId(), rung);
  });
}
