import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { type Arrivals, ReadStudioStore } from './read-studio-store';

/** Reads the archive of a whole studio in: what is in it is said first. */
@Component({
  selector: 'otter-read-studio',
  providers: [ReadStudioStore],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'block' },
  template: `
    <label class="font-semibold underline underline-offset-3 cursor-pointer">
      A whole studio
      <input
        #chosen
        class="sr-only"
        type="file"
        accept=".zip,application/zip"
        [disabled]="store.reading() !== null"
        (change)="choose(chosen)"
      />
    </label>
    <span class="block text-sm text-faint">
      The archive of documents that another studio wrote. What is in it is said first, and what is
      here already stays as it is.
    </span>
    @for (fault of store.faults(); track fault) {
      <p class="mt-2 font-semibold text-stop" role="alert">✕ {{ fault }}</p>
    }
    @if (store.reading(); as now) {
      <div class="mt-2 border-l-4 border-ink pl-3">
        <p role="status">{{ now.what }}, {{ now.done + 1 }} of {{ now.of }}</p>
        <progress
          class="h-2 w-full max-w-80 accent-ink"
          aria-label="Documents read in"
          [max]="now.of"
          [value]="now.done"
        ></progress>
        <button class="action-quiet" type="button" (click)="store.stop()">Stop</button>
      </div>
    } @else if (store.archive(); as archive) {
      <div class="mt-2 border-l-4 border-ink pl-3">
        <p>
          <span class="font-semibold">{{ archive.settings?.name ?? 'An archive' }}</span>:
          {{ contents() }}.
        </p>
        <p class="text-sm text-faint">{{ arriving() }}</p>
        @if (store.offersRules()) {
          <label class="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              [checked]="store.withRules()"
              (change)="store.setWithRules(rules.checked)"
              #rules
            />
            its rules and units too
          </label>
        }
        <div class="mt-1 flex flex-wrap gap-x-2">
          @if (isWanted()) {
            <button class="action action-primary" type="button" (click)="store.readIn()">
              Read it in
            </button>
          }
          <button class="action-quiet" type="button" (click)="store.leave()">Leave it</button>
        </div>
      </div>
    }
    @if (store.read().length > 0) {
      <p class="mt-2" role="status">
        <span class="font-semibold text-range">● Read in:</span> {{ store.read().join(', ') }}.
      </p>
    }
    @if (store.notRead().length > 0) {
      <ul class="mt-1" aria-label="Not read in">
        @for (one of store.notRead(); track $index) {
          <li class="text-sm">
            <span class="font-semibold text-stop">✕ {{ one.what }}</span
            >: {{ one.words.join(' ') }}
          </li>
        }
      </ul>
    }
  `,
})
export class ReadStudio {
  protected readonly store = inject(ReadStudioStore);

  protected readonly contents = computed(() => {
    const archive = this.store.archive();
    return archive === null ? '' : counts(archive).join(', ');
  });
  private readonly isNew = computed(() => counts(this.store.arrivals()).length > 0);
  protected readonly arriving = computed(() =>
    this.isNew()
      ? `Not here yet, and read in: ${counts(this.store.arrivals()).join(', ')}.`
      : 'All of it is here already, and stays as it is.',
  );
  protected readonly isWanted = computed(
    () => this.isNew() || (this.store.offersRules() && this.store.withRules()),
  );

  /** The same file may be chosen again later. */
  protected choose(field: HTMLInputElement): void {
    const [file] = field.files ?? [];
    field.value = '';
    if (file !== undefined) void this.store.choose(file);
  }
}

function counts({ bands, exercises, people, places }: Arrivals): readonly string[] {
  return [
    ...counted(bands?.bands.length ?? 0, 'band', 'bands'),
    ...counted(people.length, 'person', 'people'),
    ...counted(places.length, 'place', 'places'),
    ...counted(exercises.length, 'exercise of its own', 'exercises of its own'),
  ];
}

function counted(count: number, one: string, more: string): readonly string[] {
  return count === 0 ? [] : [`${count} ${count === 1 ? one : more}`];
}
