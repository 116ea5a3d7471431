import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { readChosenJson, type ReadJson } from './json-file';

/** A quiet button that takes an open document from a file. */
@Component({
  selector: 'otter-document-picker',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'contents' },
  template: `
    <label class="action-quiet cursor-pointer">
      {{ words() }}
      <input
        #file
        class="sr-only"
        type="file"
        accept="application/json,.json"
        (change)="take(file)"
      />
    </label>
  `,
})
export class DocumentPicker {
  readonly words = input.required<string>();
  /** A larger file is no document of the kind that is wanted. */
  readonly most_bytes = input.required<number>();
  readonly chosen = output<ReadJson>();

  protected async take(file: HTMLInputElement): Promise<void> {
    const read = await readChosenJson(file, this.most_bytes());
    if (read !== undefined) this.chosen.emit(read);
  }
}
