import { computed, inject, Injectable } from '@angular/core';
import type { SkillDocument, SkillTestInput } from '@wiry-otter/contracts';
import { type Effort, firstHelp, helpOver, isHold, type Target } from '@wiry-otter/core';
import { format } from 'date-fns';
import { v7 as uuidv7 } from 'uuid';
import { RecordWriter } from '../../records/outbox/record-writer';
import { withPart } from '../setups/workbench/changes';
import { solveWorkbench } from '../setups/workbench/solve-workbench';
import { WorkbenchStore } from '../setups/workbench/workbench-store';
import { whenLetGo } from '../../ui/timing/when-let-go';
import { LevelStore } from './level-store';

/** What is known of a person in a level, and the help that it gives to begin with. */
@Injectable()
export class StartStore {
  private readonly writer = inject(RecordWriter);
  private readonly workbench = inject(WorkbenchStore);
  private readonly levels = inject(LevelStore);

  /** What the exercise asks of the person without bands; undefined where it cannot be laid. */
  private readonly bare = whenLetGo(this.workbench.held, this.workbench.settled, () => {
    const input = this.workbench.input();
    if (input === null) return undefined;
    const solved = solveWorkbench(withPart(input, [], { bandIds: [] }));
    return 'document' in solved
      ? { need: solved.solved.summary.mean, help: helpOver(solved.document, solved.solved) }
      : undefined;
  });
  readonly need = computed(() => this.bare()?.need ?? 0);

  /** What was shown that tells most of the present level: in itself, else in the hardest level before it. */
  readonly shown = computed(() => {
    const levels = this.levels.levels();
    const at = levels.findIndex(({ key }) => key === this.levels.level()?.key);
    const { shown } = this.levels.standing();
    return levels
      .slice(0, at + 1)
      .reverse()
      .flatMap(({ key }) => shown.get(key) ?? [])[0];
  });
  /** Help to begin with, by what was shown. */
  readonly first = computed(() => {
    const shown = this.shown();
    const mean = this.need();
    if (!(mean > 0)) return undefined;
    const isNext = shown !== undefined && shown.exerciseId !== this.workbench.exercise()?.id;
    const told = shown && { ...shown, load: shown.load * this.limbsAgainst(shown.exerciseId) };
    return firstHelp(told ?? null, { mean }, this.workOf(), isNext);
  });

  /** Enters what was shown with what is set, or without help. */
  enter(effort: Effort | null, isHelped: boolean, helpedBy: string): void {
    const person = this.workbench.person();
    const exercise = this.workbench.exercise();
    const solved = this.workbench.solved();
    if (person === undefined || exercise === undefined) return;
    const summary = isHelped ? solved?.solved.summary : undefined;
    const input: SkillTestInput = {
      personId: person.id,
      exerciseId: exercise.id,
      phases: this.workbench.set.phases(),
      day: format(new Date(), 'yyyy-MM-dd'),
      effort: effort,
      helpedBy: isHelped ? helpedBy : null,
      load: summary?.mean ?? this.need(),
      help: summary?.assistMean ?? 0,
    };
    void this.writer.write('addSkillTest', { id: uuidv7() }, input, 'A test');
  }

  /** What is asked of the finder for a share of help: at the hardest point, or in the mean. */
  targetFor(share: number): Target | undefined {
    const [first, bare] = [this.first(), this.bare()];
    if (first === undefined || bare === undefined) return undefined;
    const { hardest, start, end } = bare.help;
    if (first.at === 'hardest') {
      // What is left at that end of the movement; inside it, and in a hold, in the mean.
      const isMoved = this.workOf() !== 'hold';
      if (isMoved && hardest.phase === end.phase) {
        return { metric: 'end', value: (1 - share) * end.need };
      }
      if (isMoved && hardest.phase === start.phase) {
        return { metric: 'start', value: (1 - share) * start.need };
      }
    }
    return { metric: 'assistMean', value: share };
  }

  /** How many limbs carry the present level for each that carried another: one arm has half of both. */
  private limbsAgainst(exerciseId: string): number {
    if (this.levels.skill().limb === undefined) return 1;
    const limbsOf = (id: string | undefined): number =>
      this.levels.levels().find(({ exercise }) => exercise.id === id)?.level.limbs ?? 2;
    return limbsOf(this.workbench.exercise()?.id) / limbsOf(exerciseId);
  }

  private workOf(): SkillDocument['work'] {
    const exercise = this.workbench.exercise();
    return exercise !== undefined && isHold(exercise) ? 'hold' : 'taper';
  }
}
