import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { type ImportPlan, LARGEST_IMPORT } from '@wiry-otter/contracts';
import { ApiProblem, problemWords } from '../../api/api-problem';
import { Sending } from '../../api/sending';
import { StudioApi } from '../../api/studio-api';
import { recordActions } from '../../records/record-actions';
import { noticeActions } from '../../ui/notices/notices';

const OUT = [
  { file: 'bands.csv', words: 'Bands as a table', help: 'CSV, units in the header' },
  { file: 'measurements.csv', words: 'All pulls as a table', help: 'CSV, a row for each pull' },
  { file: 'bands.json', words: 'Bands with everything', help: 'open documents, JSON' },
  { file: 'tags.pdf', words: 'Tags to print', help: 'A4, to cut out; the code opens the sheet' },
] as const;

const DOES = {
  add: { words: '+ add', tone: 'range' },
  change: { words: '△ change', tone: 'caution' },
  same: { words: '● as it is', tone: 'faint' },
  refuse: { words: '✕ refuse', tone: 'stop' },
} as const;

/** Bands out to files, and in from files: shown row by row before anything is saved. */
@Component({
  selector: 'otter-exchange',
  imports: [RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './exchange.html',
})
export class Exchange {
  private readonly api = inject(StudioApi);
  private readonly store = inject(Store);

  protected readonly out = OUT;
  protected readonly file = signal<File | null>(null);
  protected readonly plan = signal<ImportPlan | null>(null);
  protected readonly faults = signal<readonly string[]>([]);
  protected readonly sending = new Sending();
  protected readonly rows = computed(() =>
    (this.plan()?.rows ?? []).map((row) => ({ ...row, does: DOES[row.does] })),
  );
  protected readonly willSave = computed(() => {
    const counts = this.plan()?.counts;
    return counts === undefined ? 0 : counts.add + counts.change;
  });

  protected choose(input: HTMLInputElement): void {
    const file = input.files?.[0] ?? null;
    // The same file may be chosen again after it was mended.
    input.value = '';
    this.file.set(file);
    this.plan.set(null);
    this.faults.set([]);
    if (file === null) return;
    if (file.size > LARGEST_IMPORT) {
      const mb = (bytes: number) => (bytes / 1_000_000).toFixed(1);
      this.faults.set([
        `The file has ${mb(file.size)} MB; at most ${mb(LARGEST_IMPORT)} MB are read.`,
      ]);
      return;
    }
    this.send(file);
  }

  protected save(): void {
    const file = this.file();
    const plan = this.plan();
    if (file !== null && plan !== null) this.send(file, plan.digest);
  }

  private send(file: File, save?: string): void {
    this.sending.send(
      () => this.api.importBands(file, save),
      (plan) => {
        this.plan.set(plan);
        if (!plan.saved) return;
        this.store.dispatch(recordActions.pull());
        const { add, change } = plan.counts;
        const text = `Imported: ${add} added, ${change} changed.`;
        this.store.dispatch(noticeActions.show({ text, tone: 'done', undo: null }));
      },
      (error) => {
        const faults =
          error instanceof ApiProblem
            ? error.faults.map(({ found, expected }) => `Found ${found}; expected ${expected}.`)
            : [];
        this.faults.set(faults.length > 0 ? faults : [problemWords(error)]);
      },
    );
  }
}
