import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import type { PrescriptionInput, SetupInput } from '@wiry-otter/contracts';
import { concat, defer, last, type Observable, of, tap } from 'rxjs';
import { Sending } from '../../api/sending';
import { StudioApi } from '../../api/studio-api';
import { keptRung, type Rung } from '../../setups/ladder/ladder-model';
import type { LadderStore } from '../../setups/ladder/ladder-store';
import { WorkbenchStore } from '../../setups/workbench/workbench-store';
import { selectPrescriptions } from '../../records/selectors';
import { answered } from '../../records/record-actions';
import { BeginSession } from '../../session/begin-session';
import { noticeActions } from '../../state/notices';

/** Prescribes rungs of a ladder, once their warnings were seen to, and begins the session. */
@Component({
  selector: 'otter-work-button',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @for (warning of warnings(); track warning.text) {
      <label class="mt-1 flex items-start gap-2 border-l-4 border-caution pl-2 text-sm">
        <input
          #tick
          class="mt-1 min-h-5 w-5 flex-none"
          type="checkbox"
          [checked]="seen().has(warning.text)"
          (change)="see(warning.text, tick.checked)"
        />
        <span class="text-caution">△ {{ warning.text }}</span>
      </label>
    }
    @if (refusal(); as words) {
      <p class="mt-1 text-sm font-semibold text-stop">✕ {{ words }}</p>
    }
    <p class="mt-2 flex flex-wrap items-center gap-2">
      @if (prescribedId(); as id) {
        <button
          class="action"
          [class.action-primary]="!quiet()"
          type="button"
          [disabled]="sending.busy() || !isSeen() || refusal() !== null"
          (click)="$event.detail < 2 && begin(id)"
        >
          Begin the session
        </button>
        <span class="text-sm text-help">in force</span>
      } @else {
        <button
          class="action"
          type="button"
          [disabled]="sending.busy() || input() === null || !isSeen() || refusal() !== null"
          (click)="$event.detail < 2 && prescribe()"
        >
          {{ words() }}
        </button>
      }
    </p>
    @if (!isSeen()) {
      <p class="text-sm text-faint">It is ready once every warning was seen to.</p>
    }
  `,
})
export class WorkButton {
  readonly words = input.required<string>();
  readonly rungs = input.required<readonly Rung[]>();
  /** What is prescribed; null where nothing can be. */
  readonly input = input.required<PrescriptionInput | null>();
  readonly ladder = input.required<LadderStore>();
  readonly quiet = input(false);

  private readonly api = inject(StudioApi);
  private readonly global = inject(Store);
  private readonly beginning = inject(BeginSession);
  private readonly workbench = inject(WorkbenchStore);
  private readonly prescriptions = this.global.selectSignal(selectPrescriptions);
  protected readonly sending = new Sending();

  /** Warnings seen to, in the words they were said in. */
  protected readonly seen = signal<ReadonlySet<string>>(new Set());
  /** Those of the set-ups that are not ready yet. */
  protected readonly warnings = computed(() => {
    const texts = this.unready().flatMap(({ solved }) =>
      solved.cautions.filter(({ level }) => level === 'warn').map(({ text }) => text),
    );
    return [...new Set(texts)].map((text) => ({ text }));
  });
  protected readonly isSeen = computed(() =>
    this.warnings().every(({ text }) => this.seen().has(text)),
  );
  protected readonly refusal = computed(
    () => this.rungs().find(({ refusal }) => refusal !== null)?.refusal ?? null,
  );
  /** The prescription in force where it is this one. */
  protected readonly prescribedId = computed(() => {
    const wanted = this.input();
    const found = this.prescriptions().find(
      ({ personId, school, setupIds, track }) =>
        personId === wanted?.personId &&
        track === wanted.track &&
        school === wanted.school &&
        setupIds.join() === wanted.setupIds.join(),
    );
    return found?.id ?? null;
  });

  protected see(text: string, yes: boolean): void {
    this.seen.update(
      (seen) => new Set(yes ? [...seen, text] : [...seen].filter((one) => one !== text)),
    );
  }

  /** The rungs become set-ups that are ready: the ladder is kept first, so that they are known. */
  protected prescribe(): void {
    const wanted = this.input();
    if (wanted === null) return;
    const send = (): void =>
      this.withSetups(() => {
        this.beginning.prescribe(wanted);
        const text = `${this.workbench.person()?.name ?? ''}: prescribed.`;
        this.global.dispatch(noticeActions.show({ text, tone: 'done', undo: null }));
      });
    if (this.ladder().shown()?.kept === true) send();
    else this.ladder().keep(send);
  }

  protected begin(prescriptionId: string): void {
    this.withSetups(() => this.beginning.begin(prescriptionId));
  }

  /** Does what needs the set-ups once they are there. */
  private withSetups(then: () => void): void {
    this.sending.send(() => concat(...this.setups(), of(null)).pipe(last()), then);
  }

  private readonly unready = computed(() => {
    const saved = this.workbench.saved();
    return this.rungs().filter(
      (rung, i, all) =>
        all.findIndex(({ setupId }) => setupId === rung.setupId) === i &&
        rung.solved.document.runs.length > 0 &&
        saved.find(({ id }) => id === rung.setupId)?.ready !== true,
    );
  });

  /** What makes the rungs set-ups, with what was seen to. */
  private setups(): Observable<unknown>[] {
    const place = this.workbench.place();
    const person = this.workbench.person();
    if (place === undefined || person === undefined) return [];
    return this.unready().map((rung) =>
      defer(() => {
        const { document, routeId, setupId, title } = keptRung(rung);
        const saved = this.workbench.saved().find(({ id }) => id === setupId);
        const input: SetupInput = {
          version: saved?.version ?? 0,
          personId: person.id,
          placeId: saved?.placeId ?? place.id,
          anchorId: saved === undefined ? (this.workbench.anchor()?.id ?? null) : saved.anchorId,
          title,
          routeId,
          document,
          acknowledged: rung.solved.cautions
            .filter(({ text }) => this.seen().has(text))
            .map(({ rule }) => rule),
        };
        return this.api
          .putSetup(setupId, input)
          .pipe(tap((setup) => this.global.dispatch(answered('setup', setup))));
      }),
    );
  }
}
