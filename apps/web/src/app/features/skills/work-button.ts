import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import type { PrescriptionInput, SetupInput } from '@wiry-otter/contracts';
import { RecordWriter } from '../../records/outbox/record-writer';
import { keptRung, type Rung } from '../setups/ladder/ladder-model';
import type { LadderStore } from '../setups/ladder/ladder-store';
import { WorkbenchStore } from '../setups/workbench/workbench-store';
import { selectPrescriptions } from '../../records/selectors';
import { BeginSession } from '../session/begin-session';
import { noticeActions } from '../../ui/notices/notices';

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
          [disabled]="busy() || !isSeen() || refusal() !== null"
          (click)="$event.detail < 2 && begin(id)"
        >
          Begin the session
        </button>
        <span class="text-sm text-help">in force</span>
      } @else {
        <button
          class="action"
          type="button"
          [disabled]="busy() || input() === null || !isSeen() || refusal() !== null"
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

  private readonly writer = inject(RecordWriter);
  private readonly global = inject(Store);
  private readonly beginning = inject(BeginSession);
  private readonly workbench = inject(WorkbenchStore);
  private readonly prescriptions = this.global.selectSignal(selectPrescriptions);
  /** Until all is kept that was asked for. */
  protected readonly busy = signal(false);

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
  protected async prescribe(): Promise<void> {
    const wanted = this.input();
    if (wanted === null) return;
    const isKept = this.ladder().shown()?.kept === true || (await this.ladder().keep());
    if (!isKept || !(await this.saveSetups())) return;
    this.beginning.prescribe(wanted);
    const text = `${this.workbench.person()?.name ?? ''}: prescribed.`;
    this.global.dispatch(noticeActions.show({ text, tone: 'done', undo: null }));
  }

  protected async begin(prescriptionId: string): Promise<void> {
    if (await this.saveSetups()) this.beginning.begin(prescriptionId);
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

  /** Makes the rungs set-ups, with what was seen to; says whether all of them are kept. */
  private async saveSetups(): Promise<boolean> {
    const place = this.workbench.place();
    const person = this.workbench.person();
    if (place === undefined || person === undefined) return true;
    this.busy.set(true);
    let areKept = true;
    for (const rung of this.unready()) {
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
      const what = `The set-up ${title}`;
      areKept &&= (await this.writer.write('putSetup', { id: setupId }, input, what)) !== null;
    }
    this.busy.set(false);
    return areKept;
  }
}
