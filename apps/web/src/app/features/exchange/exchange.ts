import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { ExchangeStore } from './exchange-store';

const OUT = [
  { file: 'bands.csv', words: 'Bands as a table', help: 'CSV, units in the header' },
  { file: 'measurements.csv', words: 'All pulls as a table', help: 'CSV, a row for each pull' },
  { file: 'bands.json', words: 'Bands with everything', help: 'open documents, JSON' },
  { file: 'tags.pdf', words: 'Tags to print', help: 'sheets to cut out; the code opens the band' },
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
  providers: [ExchangeStore],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './exchange.html',
})
export class Exchange {
  protected readonly store = inject(ExchangeStore);
  protected readonly out = OUT;
  protected readonly rows = computed(() =>
    (this.store.plan()?.rows ?? []).map((row) => ({ ...row, does: DOES[row.does] })),
  );

  protected choose(input: HTMLInputElement): void {
    const file = input.files?.[0] ?? null;
    // The same file may be chosen again after it was mended.
    input.value = '';
    this.store.choose(file);
  }
}
