import { computed, effect, inject, Injectable, resource, signal, untracked } from '@angular/core';
import { Store } from '@ngrx/store';
import { SKILLS } from '@wiry-otter/catalogue';
import type { ExerciseDocument, SkillDocument, SkillTestRecord } from '@wiry-otter/contracts';
import { type LevelDemand, levelsByDemand, type SkillLevel } from '@wiry-otter/core';
import { firstValueFrom } from 'rxjs';
import { StudioApi } from '../../api/studio-api';
import { usableAnchors } from '../../setups/kit';
import { WorkbenchStore } from '../../setups/workbench/workbench-store';
import { studioFeature } from '../../state/studio';
import { levelTitle } from './skill-words';
import { nextLevelOf, standingOf } from './standing';

/** A level of the skill for the person in focus. */
export interface LevelView extends LevelDemand {
  readonly key: string;
  readonly title: string;
  readonly exercise: ExerciseDocument;
}

/** The skill that is open: its levels for the person in focus, and where the person stands. */
@Injectable()
export class LevelStore {
  private readonly api = inject(StudioApi);
  private readonly workbench = inject(WorkbenchStore);
  private readonly prescriptions = inject(Store).selectSignal(studioFeature.selectPrescriptions);

  readonly skills = SKILLS;
  readonly skillId = signal('pull');
  readonly skill = computed(
    (): SkillDocument =>
      SKILLS.find(({ id }) => id === this.skillId()) ?? (SKILLS[0] as SkillDocument),
  );
  /** Whether what is set belongs to the skill. */
  readonly isOfSkill = computed(() => {
    const { beyond = [], levels } = this.skill();
    const id = this.workbench.set.exerciseId();
    return levels.some(({ exercise }) => exercise === id) || beyond.includes(id);
  });

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

  /** A test that was entered counts at once. */
  addTest(test: SkillTestRecord): void {
    this.tests.update((known) => [test, ...(known ?? [])]);
  }

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
