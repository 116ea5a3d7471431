import { computed, effect, inject, Injectable, signal, untracked } from '@angular/core';
import { Store } from '@ngrx/store';
import { SKILLS } from '@wiry-otter/catalogue';
import type {
  ExerciseDocument,
  PrescriptionRecord,
  SetupRecord,
  SkillDocument,
} from '@wiry-otter/contracts';
import { type LevelDemand, levelsByDemand, solveSetup, WHOLE_REP } from '@wiry-otter/core';
import { syncFeature } from '../../records/sync';
import { usableAnchors } from '../setups/kit';
import { WorkbenchStore } from '../setups/workbench/workbench-store';
import {
  selectPrescriptions,
  selectSetups,
  selectSessions,
  selectSkillTests,
} from '../../records/selectors';
import { levelTitle } from './skill-words';
import { levelKey, nextLevelOf, standingOf } from './standing';

/** A level of the skill for the person in focus. */
export interface LevelView extends LevelDemand {
  readonly key: string;
  readonly title: string;
  readonly exercise: ExerciseDocument;
}

/** The skill that is open: its levels for the person in focus, and where the person stands. */
@Injectable()
export class LevelStore {
  private readonly workbench = inject(WorkbenchStore);
  private readonly global = inject(Store);
  private readonly prescriptions = this.global.selectSignal(selectPrescriptions);
  private readonly setups = this.global.selectSignal(selectSetups);

  readonly skills = SKILLS;
  private readonly skillId = signal('pull');
  /** Exercise of a level that is to be opened once all is there. */
  private readonly wanted = signal<string | undefined>(undefined);
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

  private readonly tests = this.global.selectSignal(selectSkillTests);
  private readonly sessions = this.global.selectSignal(selectSessions);
  private readonly isLoaded = this.global.selectSignal(syncFeature.selectLoaded);
  readonly standing = computed(() =>
    standingOf(this.skill(), this.workbench.person()?.id ?? '', this.tests(), this.sessions()),
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
        : [{ ...one, exercise, key: levelKey(one.level), title: levelTitle(one.level, exercise) }];
    });
  });
  /** The level that what is set belongs to: of parts of one movement the least that holds all of it. */
  readonly level = computed(() => {
    const { from, to } = this.workbench.set.phases() ?? WHOLE_REP;
    const ofExercise = this.levels().filter(
      ({ exercise }) => exercise.id === this.workbench.set.exerciseId(),
    );
    const span = ({ level: { phases = WHOLE_REP } }: LevelView): number => phases.to - phases.from;
    return ofExercise
      .filter(({ level: { phases = WHOLE_REP } }) => phases.from <= from && phases.to >= to)
      .toSorted((a, b) => span(a) - span(b))[0];
  });
  /** What is prescribed in each exercise today: its set-ups, and how much they help. */
  readonly today = computed((): ReadonlyMap<string, string> => {
    const personId = this.workbench.person()?.id;
    const own = this.prescriptions().filter(
      (one) => one.personId === personId && one.track === 'main',
    );
    return new Map(
      own.map(({ exerciseId, setupIds }) => [exerciseId, helpWords(setupIds, this.setups())]),
    );
  });
  readonly nextLevel = computed(() => this.levels()[nextLevelOf(this.levels(), this.standing())]);

  constructor() {
    // A skill is opened at the level that is worked on.
    effect(() => {
      this.skillId();
      const person = this.workbench.person();
      const isReady = this.levels().length > 0 && this.isLoaded();
      if (person === undefined || !isReady) return;
      const wanted = this.levels().find(({ exercise }) => exercise.id === this.wanted());
      untracked(() => {
        if (wanted !== undefined) this.openLevel(wanted);
        else if (!this.isOfSkill()) this.openLevel(this.levelOfToday());
        this.wanted.set(undefined);
      });
    });
  }

  /** Opens a skill, at a level or at the one that is worked on. */
  open(skillId: string, exerciseId?: string): void {
    this.skillId.set(skillId);
    this.wanted.set(exerciseId);
  }

  chooseLevel({ exercise, level }: LevelView): void {
    this.workbench.chooseExercise(exercise.id);
    if (level.phases !== undefined) this.workbench.setPhases(level.phases);
    // A place that has what it hangs on, where the present one has not.
    if (this.workbench.missing() === null) return;
    const place = this.workbench.places().find((one) => usableAnchors(exercise, one).length > 0);
    if (place !== undefined) this.workbench.choosePlace(place.id);
  }

  /** The level of the work in force, else the first that does not go without help. */
  private levelOfToday(): LevelView | undefined {
    return (
      this.levels().find(({ exercise }) => this.prescribedIn(exercise.id) !== undefined) ??
      this.nextLevel()
    );
  }

  /** A level with the set-up in force laid, where there is one. */
  private openLevel(level: LevelView | undefined): void {
    if (level === undefined) return;
    this.chooseLevel(level);
    const ids = this.prescribedIn(level.exercise.id)?.setupIds ?? [];
    const setup = this.setups().find(({ id }) => ids.includes(id));
    if (setup !== undefined) this.workbench.open(setup);
  }

  private prescribedIn(exerciseId: string): PrescriptionRecord | undefined {
    const personId = this.workbench.person()?.id;
    return this.prescriptions().find(
      (one) => one.personId === personId && one.exerciseId === exerciseId && one.track === 'main',
    );
  }
}

/** "58, 54, 38 %": the mean help of set-ups in their order. */
function helpWords(ids: readonly string[], setups: readonly SetupRecord[]): string {
  const shares = ids.flatMap((id) => {
    const document = setups.find((setup) => setup.id === id)?.document;
    const solved = document && solveSetup(document);
    return solved?.ok === true ? Math.round(100 * (solved.value.summary.assistMean ?? 0)) : [];
  });
  return shares.length === 0 ? '' : `${shares.join(', ')} %`;
}
