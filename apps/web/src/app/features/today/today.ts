import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { knownExercises } from '../exercises/known-exercises';
import { SKILLS } from '@wiry-otter/catalogue';
import type { PrescriptionRecord, SessionRecord, SetupRecord } from '@wiry-otter/contracts';
import { STOP_CAUSE_WORDS, writeDay } from '@wiry-otter/core';
import { stopsOn } from '@wiry-otter/derived';
import { differenceInCalendarDays, format, parseISO } from 'date-fns';
import { syncFeature } from '../../records/sync';
import { CODE_WORDS } from '../next/decision-words';
import { ClearanceNote } from '../../ui/notices/clearance-note';
import { BeginSession } from '../session/begin-session';
import { MorningAfter } from '../session/morning-after';
import { setupWords } from '../session/setup-of-set';
import { countWord } from '../session/work-words';
import { unusableBand } from '../setups/saved/unusable-band';
import {
  selectDecisions,
  selectExercises,
  selectKnownBands,
  selectPeople,
  selectPrescriptions,
  selectSessions,
  selectSessionsOfWork,
  selectSetups,
  selectStandingStops,
  workKey,
} from '../../records/selectors';
import { focusActions } from '../../focus/focus';
import { StopsInForce } from '../stops/stops-in-force';
import { WorthALook } from './worth-a-look';

/** An exercise of a person: prescribed, or with a set-up that is ready and not begun. */
interface Work {
  readonly id: string;
  readonly exerciseId: string;
  readonly exercise: string;
  /** The first of its set-ups, and all of them in words. */
  readonly setup: SetupRecord | undefined;
  readonly setupWords: string;
  readonly prescription: PrescriptionRecord | undefined;
  readonly aim: string;
  readonly openId: string | undefined;
  readonly last: string;
  readonly waits: boolean;
  /** The session after which lighter work was decided, and nobody has settled it: that comes first. */
  readonly lighterAfter: string | undefined;
  /** The session that was done of late, whose morning after can be told. */
  readonly morningAfter: SessionRecord | undefined;
  /** What stops it, in words; undefined where nothing does. */
  readonly stopped: string | undefined;
  /** Why it cannot be started, in words. */
  readonly hindrance: string | undefined;
}

const TRACK_WORDS: Readonly<Record<PrescriptionRecord['track'], string>> = {
  main: '',
  lowering: ', slow lowerings',
};

/** The set-ups of a prescription in their order, each once; none where one was put away. */
function setupsOf(
  { setupIds }: PrescriptionRecord,
  setups: readonly SetupRecord[],
): readonly SetupRecord[] {
  const ids = [...new Set(setupIds)];
  const found = ids.flatMap((id) => setups.find((setup) => setup.id === id) ?? []);
  return found.length < ids.length ? [] : found;
}

/** So many days later nobody remembers a morning. */
const REMEMBERED_DAYS = 7;

/** Whether the morning after a session has come, and is not long past. */
function isToBeAsked({ day, finishedAt, sets }: SessionRecord): boolean {
  const days = differenceInCalendarDays(new Date(), parseISO(day));
  return finishedAt !== null && sets.length > 0 && days >= 1 && days <= REMEMBERED_DAYS;
}

/** Who trains with what next, what wants a decision, and sessions left open. */
@Component({
  selector: 'otter-today',
  imports: [ClearanceNote, MorningAfter, RouterLink, StopsInForce, WorthALook],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './today.html',
})
export class Today {
  private readonly beginning = inject(BeginSession);
  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly own = this.store.selectSignal(selectExercises);
  private readonly known = computed(() => knownExercises(this.own()));
  private readonly people = this.store.selectSignal(selectPeople);
  private readonly setups = this.store.selectSignal(selectSetups);
  private readonly prescriptions = this.store.selectSignal(selectPrescriptions);
  private readonly bands = this.store.selectSignal(selectKnownBands);
  private readonly decisions = this.store.selectSignal(selectDecisions);
  private readonly stops = this.store.selectSignal(selectStandingStops);
  private readonly sessions = this.store.selectSignal(selectSessions);
  private readonly sessionsOfWork = this.store.selectSignal(selectSessionsOfWork);
  protected readonly loaded = this.store.selectSignal(syncFeature.selectRecentLoaded);
  protected readonly failure = this.store.selectSignal(syncFeature.selectFailure);

  protected readonly today = format(new Date(), 'EEEE d MMMM');

  protected readonly open = computed(() =>
    this.sessions()
      .filter(({ finishedAt }) => finishedAt === null)
      .map((session) => ({
        id: session.id,
        name: this.nameOf(session.personId),
        title: setupWords(session),
        done: session.sets.length,
        sets: session.prescription.sets,
      })),
  );

  protected readonly rows = computed(() =>
    this.people().map((person) => ({ person, work: this.workOf(person.id) })),
  );

  /** All that a person has: the prescriptions in force, and set-ups that are ready and not begun. */
  private workOf(personId: string): Work[] {
    const setups = this.setups().filter((setup) => setup.personId === personId);
    const prescribed = this.prescriptions()
      .filter((prescription) => prescription.personId === personId)
      .map((prescription) => {
        const own = setupsOf(prescription, setups);
        return this.work(prescription.exerciseId, personId, own, prescription);
      });
    const begun = new Set(prescribed.map(({ exerciseId }) => exerciseId));
    const ready = setups
      .filter(({ exerciseId, ready: isReady }) => isReady && !begun.has(exerciseId))
      .map((setup) => this.work(setup.exerciseId, personId, [setup], undefined));
    return [...prescribed, ...ready];
  }

  private work(
    exerciseId: string,
    personId: string,
    setups: readonly SetupRecord[],
    prescription: PrescriptionRecord | undefined,
  ): Work {
    const [setup] = setups;
    const track = prescription?.track ?? 'main';
    const done = this.sessionsOfWork().get(workKey(personId, exerciseId, track)) ?? [];
    const [last] = done;
    const [unusable] = setups.flatMap((one) => unusableBand(one, this.bands()) ?? []);
    return {
      id: prescription?.id ?? setup?.id ?? exerciseId,
      exerciseId,
      exercise: `${this.titleOf(exerciseId)}${TRACK_WORDS[track]}`,
      setup,
      setupWords: setupWords({ setups }),
      prescription,
      aim:
        prescription === undefined
          ? 'ready, not begun'
          : `aim for ${prescription.target.join(', ')} ${countWord(prescription.work)}`,
      openId: done.find(({ finishedAt }) => finishedAt === null)?.id,
      last: last === undefined ? '' : format(parseISO(last.day), 'EEE d MMM'),
      waits: this.decisions().some(
        (decision) => decision.personId === personId && decision.exerciseId === exerciseId,
      ),
      lighterAfter: this.decisions().find(
        (decision) =>
          decision.decision.code === 'lighter' && done.some(({ id }) => id === decision.sessionId),
      )?.sessionId,
      morningAfter: last !== undefined && isToBeAsked(last) ? last : undefined,
      stopped: this.stopWords(personId, exerciseId, setup),
      hindrance:
        setup === undefined
          ? 'its set-up was put away'
          : unusable !== undefined
            ? `not usable: ${unusable} is retired`
            : setups.every(({ ready }) => ready)
              ? undefined
              : 'not ready',
    };
  }

  private stopWords(
    personId: string,
    exerciseId: string,
    setup: SetupRecord | undefined,
  ): string | undefined {
    const groups = setup?.document.exercise.groups ?? [];
    const [stop] = stopsOn(this.stops(), personId, { exerciseId, groups });
    return stop && `stopped: ${STOP_CAUSE_WORDS[stop.cause]} on ${writeDay(stop.day)}`;
  }

  protected readonly waiting = computed(() =>
    this.decisions().map((decision) => ({
      sessionId: decision.sessionId,
      name: this.nameOf(decision.personId),
      exercise: this.titleOf(decision.exerciseId),
      words: CODE_WORDS[decision.decision.code],
    })),
  );

  /** On with what was begun, to what keeps it from being done, or into a new session. */
  protected goAhead(work: Work, personId: string): void {
    if (work.openId !== undefined) void this.router.navigate(['/session', work.openId]);
    else if (work.lighterAfter !== undefined) {
      void this.router.navigate(['/next', work.lighterAfter]);
    } else if (work.hindrance !== undefined) this.plan(personId, work.exerciseId);
    else this.start(work);
  }

  private start({ prescription, setup }: Work): void {
    if (setup !== undefined) this.beginning.beginWith(setup, prescription);
  }

  /** What a skill asks for is seen to on its page, all else on the workbench. */
  protected plan(personId: string, exerciseId?: string): void {
    this.store.dispatch(focusActions.focusPerson({ personId }));
    const skill = SKILLS.find(({ levels }) =>
      levels.some(({ exercise }) => exercise === exerciseId),
    );
    if (skill === undefined) void this.router.navigate(['/setups']);
    else void this.router.navigate(['/skills', skill.id], { queryParams: { level: exerciseId } });
  }

  private titleOf(exerciseId: string): string {
    return this.known().get(exerciseId)?.title ?? exerciseId;
  }

  private nameOf(personId: string): string {
    return this.people().find(({ id }) => id === personId)?.name ?? '';
  }
}
