import {
  computed,
  effect,
  inject,
  Injectable,
  linkedSignal,
  resource,
  signal,
  untracked,
} from '@angular/core';
import { Store } from '@ngrx/store';
import { SKILLS } from '@wiry-otter/catalogue';
import type { ExerciseDocument, SkillDocument, SkillTestInput } from '@wiry-otter/contracts';
import {
  createRigger,
  type Effort,
  firstHelp,
  helpOver,
  isHold,
  type LevelDemand,
  levelsByDemand,
  prepareExercise,
  type SkillLevel,
  type Target,
  type TautWay,
} from '@wiry-otter/core';
import { format } from 'date-fns';
import { firstValueFrom } from 'rxjs';
import { v7 as uuidv7 } from 'uuid';
import { Sending } from '../../api/sending';
import { StudioApi } from '../../api/studio-api';
import { usableAnchors } from '../../setups/kit';
import { withPart } from '../../setups/workbench/changes';
import { WorkbenchStore } from '../../setups/workbench/workbench-store';
import { kitOnWorkbench, solveWorkbench } from '../../setups/workbench/solve-workbench';
import { studioFeature } from '../../state/studio';
import {
  bandsAtPlaces,
  type ChosenRoutes,
  hangDetails,
  type HangView,
  hangViews,
} from './hang-views';
import { levelTitle, pointNames } from './skill-words';
import { nextLevelOf, standingOf } from './standing';

/** A level of the skill for the person in focus. */
export interface LevelView extends LevelDemand {
  readonly key: string;
  readonly title: string;
  readonly exercise: ExerciseDocument;
}

/** One skill for the person in focus: its levels, where the help hangs, what was shown, where to begin. */
@Injectable()
export class SkillStore {
  private readonly api = inject(StudioApi);
  private readonly workbench = inject(WorkbenchStore);
  private readonly prescriptions = inject(Store).selectSignal(studioFeature.selectPrescriptions);
  private readonly rig = createRigger();

  readonly skills = SKILLS;
  readonly skillId = signal('pull');
  readonly skill = computed(
    (): SkillDocument =>
      SKILLS.find(({ id }) => id === this.skillId()) ?? (SKILLS[0] as SkillDocument),
  );
  readonly sending = new Sending();

  private readonly tests = resource({ loader: () => firstValueFrom(this.api.skillTests()) });
  private readonly sessions = resource({ loader: () => firstValueFrom(this.api.sessions()) });
  readonly standing = computed(() =>
    standingOf(
      this.skill(),
      this.workbench.person()?.id ?? '',
      this.tests.hasValue() ? this.tests.value() : [],
      this.sessions.hasValue() ? this.sessions.value() : [],
    ),
  );

  readonly levels = computed((): LevelView[] => {
    const { levels, limb } = this.skill();
    const known = levels.flatMap((level) => {
      const exercise = this.workbench.exercises().get(level.exercise);
      return exercise === undefined ? [] : [{ level, exercise }];
    });
    const found = levelsByDemand(known, this.workbench.body(), limb !== undefined);
    if (!found.ok) return [];
    return found.value.flatMap((one) => {
      const exercise = known.find(({ level }) => level === one.level)?.exercise;
      return exercise === undefined
        ? []
        : [{ ...one, exercise, key: keyOf(one.level), title: levelTitle(one.level, exercise) }];
    });
  });
  readonly levelKey = computed(() =>
    keyOf({
      exercise: this.workbench.set.exerciseId(),
      phases: this.workbench.set.phases() ?? undefined,
    }),
  );
  readonly level = computed(() => {
    const levels = this.levels();
    return (
      levels.find(({ key }) => key === this.levelKey()) ??
      levels.find(({ exercise }) => exercise.id === this.workbench.set.exerciseId())
    );
  });
  readonly nextLevel = computed(() => this.levels()[nextLevelOf(this.levels(), this.standing())]);

  private readonly prepared = computed(() => {
    const exercise = this.workbench.exercise();
    if (exercise === undefined) return undefined;
    const phases = this.workbench.set.phases() ?? undefined;
    const result = prepareExercise(exercise, this.workbench.body(), { phases });
    return result.ok ? result.value : undefined;
  });
  readonly pointNames = computed(() => {
    const [exercise, prepared] = [this.workbench.exercise(), this.prepared()];
    return exercise === undefined || prepared === undefined
      ? { start: 'start', middle: 'middle', end: 'end' }
      : pointNames(exercise, prepared);
  });

  /** By place, the route that was chosen there. */
  private readonly chosenRoutes = linkedSignal<string, ChosenRoutes>({
    source: () => this.workbench.set.exerciseId(),
    computation: () => ({}),
  });
  readonly hangs = computed((): HangView[] => {
    const input = this.workbench.input();
    if (input === null || !this.isOfSkill()) return [];
    return hangViews(input, this.skill(), this.chosenRoutes(), this.rig);
  });
  /** Told in the pauses of a drag. */
  readonly details = computed(() => {
    this.workbench.settled();
    return untracked(() => {
      const input = this.workbench.input();
      return new Map(
        input === null
          ? []
          : this.hangs().map((view) => [view.place.where, hangDetails(input, this.skill(), view)]),
      );
    });
  });
  /** Each band of the bag at each place, told in the pauses of a drag. */
  readonly bands = computed(() => {
    this.workbench.settled();
    return untracked(() => {
      const input = this.workbench.input();
      if (input === null || !this.isOfSkill()) return [];
      const kit = kitOnWorkbench(input, this.workbench.usable());
      return bandsAtPlaces(input, this.skill(), kit, createRigger());
    });
  });

  /** What the exercise asks of the person without bands; undefined where it cannot be laid. */
  private readonly bare = computed(() => {
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
    const levels = this.levels();
    const at = levels.findIndex(({ key }) => key === this.level()?.key);
    const { shown } = this.standing();
    return levels
      .slice(0, at + 1)
      .reverse()
      .flatMap(({ exercise }) => shown.get(exercise.id) ?? [])[0];
  });
  /** Help to begin with, by what was shown. */
  readonly first = computed(() => {
    const shown = this.shown();
    const mean = this.need();
    if (!(mean > 0)) return undefined;
    const isNext = shown !== undefined && shown.exerciseId !== this.workbench.exercise()?.id;
    return firstHelp(shown ?? null, { mean }, this.workOf(), isNext);
  });

  constructor() {
    // A skill is opened at the level that is worked on.
    effect(() => {
      this.skillId();
      const person = this.workbench.person();
      const isReady =
        this.levels().length > 0 && !this.sessions.isLoading() && !this.tests.isLoading();
      if (person === undefined || !isReady) return;
      untracked(() => {
        if (!this.isOfSkill()) this.openLevel();
      });
    });
  }

  chooseLevel({ exercise, level }: LevelView): void {
    this.workbench.chooseExercise(exercise.id);
    if (level.phases !== undefined) this.workbench.setPhases(level.phases);
    // A place that has what it hangs on, where the present one has not.
    if (this.workbench.missing() === null) return;
    const place = this.workbench.places().find((one) => usableAnchors(exercise, one).length > 0);
    if (place !== undefined) this.workbench.choosePlace(place.id);
  }

  /** Takes a place of the comparison. */
  hang({ part }: HangView): void {
    this.workbench.take('hang', part);
  }

  /** Shows another way to hang a band at a place. */
  chooseRoute({ isSet, place, route }: HangView, routeId: string): void {
    this.chosenRoutes.update((chosen) => ({ ...chosen, [place.where]: routeId }));
    if (isSet) this.workbench.chooseRoute(route.for, routeId);
  }

  /** Makes a slack band taut, and takes it. */
  tauten(view: HangView, { routeId, turns }: TautWay): void {
    this.chosenRoutes.update((chosen) => ({ ...chosen, [view.place.where]: routeId }));
    const routeIds = { ...view.part.routeIds, [view.route.for]: routeId };
    this.workbench.take('tauten', { routeIds, wraps: turns });
  }

  /** Puts one band on, at one place. */
  takeBand(bandId: string, routeId: string): void {
    const exercise = this.workbench.exercise();
    const route = exercise?.routes?.find(({ id }) => id === routeId);
    if (route === undefined) return;
    this.workbench.take('band', {
      bandIds: [bandId],
      routeIds: { ...this.workbench.set.routeIds(), [route.for]: routeId },
    });
  }

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
      day: format(new Date(), 'yyyy-MM-dd'),
      effort: effort,
      helpedBy: isHelped ? helpedBy : null,
      load: summary?.mean ?? this.need(),
      help: summary?.assistMean ?? 0,
    };
    this.sending.send(
      () => this.api.addSkillTest(uuidv7(), input),
      (test) => {
        this.tests.update((known) => [test, ...(known ?? [])]);
      },
    );
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

  private workOf(): SkillDocument['work'] {
    const exercise = this.workbench.exercise();
    return exercise !== undefined && isHold(exercise) ? 'hold' : 'taper';
  }

  /** Whether what is set belongs to the skill. */
  readonly isOfSkill = computed(() => {
    const { beyond = [], levels } = this.skill();
    const id = this.workbench.set.exerciseId();
    return levels.some(({ exercise }) => exercise === id) || beyond.includes(id);
  });

  private isPrescribed(exerciseId: string): boolean {
    const personId = this.workbench.person()?.id;
    return this.prescriptions().some(
      (one) => one.personId === personId && one.exerciseId === exerciseId,
    );
  }

  /** The level of the work in force, else the first that does not go without help. */
  private openLevel(): void {
    const levels = this.levels();
    const inForce = levels.find(({ exercise }) => this.isPrescribed(exercise.id));
    const level = inForce ?? this.nextLevel();
    if (level !== undefined) this.chooseLevel(level);
  }
}

function keyOf({ exercise, phases }: Pick<SkillLevel, 'exercise' | 'phases'>): string {
  return phases === undefined ? exercise : `${exercise} ${phases.from}–${phases.to}`;
}
