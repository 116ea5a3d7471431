import { ChangeDetectionStrategy, Component, computed, inject, resource } from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { knownExercises } from '../exercises/known-exercises';
import type { PrescriptionRecord } from '@wiry-otter/contracts';
import { format, parseISO } from 'date-fns';
import { firstValueFrom } from 'rxjs';
import { v7 as uuidv7 } from 'uuid';
import { Sending } from '../api/sending';
import { StudioApi } from '../api/studio-api';
import { CODE_WORDS } from '../next/decision-words';
import { ClearanceNote } from '../people/clearance-note';
import { studioActions, studioFeature } from '../state/studio';

/** Who trains with what next, what wants a decision, and sessions left open. */
@Component({
  selector: 'otter-today',
  imports: [ClearanceNote, RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './today.html',
})
export class Today {
  private readonly api = inject(StudioApi);
  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly own = this.store.selectSignal(studioFeature.selectExercises);
  private readonly known = computed(() => knownExercises(this.own()));
  private readonly people = this.store.selectSignal(studioFeature.selectPeople);
  private readonly setups = this.store.selectSignal(studioFeature.selectSetups);
  private readonly prescriptions = this.store.selectSignal(studioFeature.selectPrescriptions);
  private readonly decisions = this.store.selectSignal(studioFeature.selectDecisions);
  private readonly sessions = resource({ loader: () => firstValueFrom(this.api.sessions()) });

  protected readonly sending = new Sending();
  protected readonly today = format(new Date(), 'EEEE d MMMM');

  protected readonly open = computed(() =>
    (this.sessions.value() ?? [])
      .filter(({ finishedAt }) => finishedAt === null)
      .map((session) => ({
        id: session.id,
        name: this.nameOf(session.personId),
        title: session.setup.title,
        done: session.sets.length,
        sets: session.prescription.sets,
      })),
  );

  protected readonly rows = computed(() =>
    this.people().map((person) => ({
      person,
      work: this.prescriptions()
        .filter(({ personId }) => personId === person.id)
        .map((prescription) => ({
          prescription,
          exercise: this.titleOf(prescription.exerciseId),
          setup: this.setups().find(({ id }) => id === prescription.setupId)?.title ?? '',
          openId: this.openSessionOf(prescription),
          last: this.lastDay(person.id, prescription.exerciseId),
          waits: this.decisions().some(
            ({ personId, exerciseId }) =>
              personId === person.id && exerciseId === prescription.exerciseId,
          ),
        })),
    })),
  );

  protected readonly waiting = computed(() =>
    this.decisions().map((decision) => ({
      sessionId: decision.sessionId,
      name: this.nameOf(decision.personId),
      exercise: this.titleOf(decision.exerciseId),
      words: CODE_WORDS[decision.decision.code],
    })),
  );

  protected start(prescription: PrescriptionRecord): void {
    const id = uuidv7();
    const input = { prescriptionId: prescription.id, startedAt: new Date().toISOString() };
    this.sending.send(
      () => this.api.startSession(id, input),
      () => this.router.navigate(['/session', id]),
    );
  }

  protected plan(personId: string): void {
    this.store.dispatch(studioActions.focusPerson({ personId }));
    void this.router.navigate(['/setups']);
  }

  protected goOn(sessionId: string): void {
    void this.router.navigate(['/session', sessionId]);
  }

  /** The session of this work that was begun and not finished. */
  private titleOf(exerciseId: string): string {
    return this.known().get(exerciseId)?.title ?? exerciseId;
  }

  private openSessionOf({ personId, exerciseId }: PrescriptionRecord): string | undefined {
    return (this.sessions.value() ?? []).find(
      (session) =>
        session.finishedAt === null &&
        session.personId === personId &&
        session.setup.exerciseId === exerciseId,
    )?.id;
  }

  private nameOf(personId: string): string {
    return this.people().find(({ id }) => id === personId)?.name ?? '';
  }

  private lastDay(personId: string, exerciseId: string): string {
    const last = (this.sessions.value() ?? []).find(
      (session) => session.personId === personId && session.setup.exerciseId === exerciseId,
    );
    return last === undefined ? '' : format(parseISO(last.day), 'EEE d MMM');
  }
}
