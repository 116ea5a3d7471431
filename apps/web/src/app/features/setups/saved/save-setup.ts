import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  linkedSignal,
  signal,
} from '@angular/core';
import { FormsModule } from '@angular/forms';
import { Store } from '@ngrx/store';
import type { SetupRecord } from '@wiry-otter/contracts';
import { LONGEST_TITLE, setupTitle } from '@wiry-otter/core';
import { v7 as uuidv7 } from 'uuid';
import { RecordWriter } from '../../../records/outbox/record-writer';
import { noticeActions } from '../../../ui/notices/notices';
import { chosenRoutes } from '../workbench/routes';
import { WorkbenchStore } from '../workbench/workbench-store';

/** Names what is set and saves it for the person. */
@Component({
  selector: 'otter-save-setup',
  imports: [FormsModule],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="flex flex-wrap items-end gap-2">
      <label class="field min-w-0 flex-1"
        >Name of the set-up
        <input [maxlength]="longestTitle" [ngModel]="title()" (ngModelChange)="title.set($event)"
      /></label>
      <button
        class="action action-primary"
        type="button"
        [disabled]="!savable() || saving()"
        (click)="$event.detail < 2 && save()"
      >
        {{ overwritten() ? 'Save anew' : 'Save set-up' }}
      </button>
    </div>
    <p class="min-h-5 text-sm text-faint">{{ hint() }}</p>
  `,
})
export class SaveSetup {
  private readonly writer = inject(RecordWriter);
  private readonly global = inject(Store);

  protected readonly workbench = inject(WorkbenchStore);
  protected readonly saving = signal(false);
  protected readonly longestTitle = LONGEST_TITLE;

  /** The name a set-up goes by unless the trainer gives another. */
  protected readonly title = linkedSignal(() => {
    const settled = this.workbench.settled();
    return settled === null
      ? ''
      : setupTitle(settled.document, settled.bands, this.workbench.units().length);
  });
  protected readonly overwritten = computed(() =>
    this.workbench.saved().find(({ title }) => title === this.title().trim()),
  );
  protected readonly savable = computed(() => {
    const runs = this.workbench.settled()?.document.runs.length ?? 0;
    return (
      runs > 0 &&
      runs === this.workbench.set.bandIds().length &&
      this.title().trim() !== '' &&
      this.workbench.place() !== undefined &&
      this.workbench.hasKit()
    );
  });
  /** What keeps it from being saved, or from being ready. */
  protected readonly hint = computed(() => {
    const { cautions = [], document } = this.workbench.settled() ?? {};
    const seen = this.workbench.set.acknowledged();
    if (!this.workbench.hasKit()) return 'Choose a place that has the anchor.';
    if (!this.savable()) return 'Put a band on that this exercise can use.';
    if (document?.exercise.bandOnEachSide === true && document.runs.length % 2 === 1) {
      return 'This exercise takes a band on each side: put another one on.';
    }
    if (cautions.some(({ level }) => level === 'refuse')) {
      return 'It can be kept as a draft; it is not ready while a refusal stands.';
    }
    return cautions.some(({ level, text }) => level === 'warn' && !seen.includes(text))
      ? 'It is ready once every warning was seen to.'
      : '';
  });

  protected async save(): Promise<void> {
    const solved = this.workbench.solved();
    const person = this.workbench.person();
    const place = this.workbench.place();
    const exercise = this.workbench.exercise();
    if (!solved || !person || !place || !exercise || !this.savable()) return;
    const known = this.overwritten();
    const title = this.title().trim();
    const input = {
      version: known?.version ?? 0,
      personId: person.id,
      placeId: place.id,
      anchorId: exercise.anchor === undefined ? null : (this.workbench.anchor()?.id ?? null),
      title,
      routeId: chosenRoutes(exercise, this.workbench.set())[0]?.id ?? '',
      document: solved.document,
      acknowledged: solved.cautions
        .filter(({ text }) => this.workbench.set.acknowledged().includes(text))
        .map(({ rule }) => rule),
    };
    this.saving.set(true);
    const what = `The set-up ${title}`;
    const kept = await this.writer.write('putSetup', { id: known?.id ?? uuidv7() }, input, what);
    this.saving.set(false);
    if (kept === null) return;
    const setup = kept.derived?.find(({ kind }) => kind === 'setup')?.record as
      SetupRecord | undefined;
    const stands = setup === undefined ? 'saved' : setup.ready ? 'ready' : 'saved, but not ready';
    const text = `${title}: ${stands}.`;
    this.global.dispatch(noticeActions.show({ text, tone: 'done', undo: null }));
  }
}
