import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { type Effort, isTrusted, setupTitle, writeForce } from '@wiry-otter/core';
import { NumberInput } from '../../ui/fields/number-input';
import { FoundLineView } from '../setups/find/found-line';
import type { FoundLine } from '../setups/find/found-lines';
import { FoundStore } from '../setups/find/found-store';
import { Wishes } from '../setups/find/wishes';
import { WorkbenchStore } from '../setups/workbench/workbench-store';
import { StartStore } from './start-store';
import { firstName } from './skill-words';
import { shownWords } from './standing';

/** What can be entered. */
type ShownKind = 'none' | Effort['kind'];

const KIND_WORDS: Readonly<Record<ShownKind, string>> = {
  none: 'nothing yet',
  reps: 'repetitions',
  hold: 'held, s',
  lowering: 'lowered in, s',
};

/** So many set-ups are offered to begin with. */
const OFFERED = 4;

/** What is known of the person, entered in one line, and the set-ups that it gives to begin with. */
@Component({
  selector: 'otter-known-line',
  imports: [FoundLineView, NumberInput],
  providers: [Wishes, FoundStore],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <form
      class="flex flex-wrap items-end gap-2"
      aria-label="What is known"
      (submit)="$event.preventDefault(); enter()"
    >
      <label class="field"
        >What {{ name() }} can do
        <select #kinds [value]="kind()" (change)="choose(kinds.value)">
          @for (one of kindList; track one) {
            <option [value]="one" [selected]="one === kind()">{{ kindWords[one] }}</option>
          }
        </select></label
      >
      @if (kind() !== 'none') {
        <label class="field"
          >{{ kind() === 'reps' ? 'How many' : 'How long, s' }}
          <input
            class="w-20"
            min="1"
            step="any"
            [otterNumber]="count().toString()"
            (given)="count.set($event ?? 1)"
        /></label>
        @if (kind() === 'reps') {
          <label class="field"
            >To spare
            <input
              class="w-20"
              min="0"
              max="5"
              [otterNumber]="spare().toString()"
              (given)="spare.set($event ?? 0)"
          /></label>
        }
        <label class="field"
          >With
          <select
            #with
            [value]="isHelped() ? 'set' : 'none'"
            (change)="isHelped.set(with.value === 'set')"
          >
            <option value="none" [selected]="!isHelped()">no help</option>
            @if (setTitle(); as title) {
              <option value="set" [selected]="isHelped()">{{ title }}</option>
            }
          </select></label
        >
      }
      <button class="action" type="submit">Enter</button>
    </form>
    <p class="mt-2 text-sm" role="status">
      @if (store.shown(); as shown) {
        Known: {{ words(shown) }}.
      } @else {
        Nothing known yet.
      }
      @if (startWords(); as start) {
        <span class="font-semibold text-help">→ {{ start }}</span>
      }
      @if (isUntrusted()) {
        <span class="text-caution">△ Over 12 repetitions say less of strength.</span>
      }
    </p>
    @if (targets().length > 0) {
      <p class="mt-1 flex flex-wrap items-center gap-2 text-sm">
        Look in the bag for
        @for (target of targets(); track $index) {
          <button
            class="action min-h-9! px-2! py-0! text-sm"
            type="button"
            [disabled]="found.busy()"
            (click)="look(target.share)"
          >
            {{ target.words }}
          </button>
        }
      </p>
    }
    @if (isOneBand()) {
      <button
        class="action-quiet px-0! text-left text-sm"
        type="button"
        [disabled]="found.busy()"
        (click)="found.searchTwoForOne()"
      >
        Two slimmer for this one, stepped into one after the other
      </button>
    }
    @if (found.amiss(); as words) {
      <p class="mt-1 text-sm text-caution" role="alert">△ {{ words }}</p>
    }
    @if (found.found(); as result) {
      @if (result.lines.length === 0) {
        <p class="mt-1 text-sm text-caution" role="status">
          △ Nothing in the bag does this here without a caution against it.
        </p>
      }
      <ol class="mt-1" aria-label="To begin with">
        @for (line of result.lines.slice(0, offered); track line.id) {
          <li class="border-t-[1.5px] border-hairline">
            <button type="button" class="block w-full hover:bg-sheet" (click)="take(line)">
              <otter-found-line
                [line]="line"
                [unit]="workbench.unit()"
                [greatest]="found.greatest()"
                [help]="helpWords(line)"
                [mounting]="mountingWords(line)"
              />
            </button>
          </li>
        }
      </ol>
    }
  `,
})
export class KnownLine {
  protected readonly store = inject(StartStore);
  protected readonly workbench = inject(WorkbenchStore);
  protected readonly found = inject(FoundStore);
  protected readonly words = shownWords;
  protected readonly kindWords = KIND_WORDS;
  protected readonly kindList: readonly ShownKind[] = ['none', 'reps', 'hold', 'lowering'];
  protected readonly offered = OFFERED;

  protected readonly kind = signal<ShownKind>('none');
  protected readonly count = signal(5);
  protected readonly spare = signal(0);
  protected readonly isHelped = signal(false);

  protected readonly name = computed(() => firstName(this.workbench.person()));
  protected readonly setTitle = computed(() => {
    const settled = this.workbench.settled();
    return settled === null || settled.document.runs.length === 0
      ? null
      : setupTitle(settled.document, settled.bands, this.workbench.units().length);
  });
  protected readonly isOneBand = computed(() => this.workbench.set.bandIds().length === 1);
  protected readonly isUntrusted = computed(() => {
    const effort = this.store.shown()?.effort;
    return effort !== undefined && !isTrusted(effort);
  });
  protected readonly targets = computed(() =>
    (this.store.first()?.shares ?? [])
      .filter((share) => share > 0.005)
      .map((share) => ({ share, words: `${Math.round(100 * share)} % help` })),
  );
  protected readonly startWords = computed(() => {
    const first = this.store.first();
    if (first === undefined) return null;
    const shares = first.shares.map((share) => `${Math.round(100 * share)} %`);
    if (first.shares.every((share) => share < 0.005))
      return 'goes without help: add a band that loads it, or take the next level.';
    const where = first.at === 'hardest' ? 'at the hardest point' : 'in the mean';
    return `begin with ${shares.join(', ')} of help ${where}${shares.length > 1 ? ', a set of each' : ''}.`;
  });

  protected choose(kind: string): void {
    const chosen = this.kindList.find((one) => one === kind);
    if (chosen !== undefined) this.kind.set(chosen);
  }

  protected enter(): void {
    this.store.enter(this.effort(), this.isHelped(), this.setTitle() ?? '');
  }

  protected look(share: number): void {
    const target = this.store.targetFor(share);
    if (target !== undefined) void this.found.search(target);
  }

  protected take(line: FoundLine): void {
    this.workbench.take('found', line.part);
  }

  protected helpWords({ solved }: FoundLine): string | null {
    const { assistMean } = solved.solved.summary;
    return assistMean === null || assistMean === undefined
      ? null
      : `${Math.round(100 * assistMean)} %`;
  }

  /** What it takes to step into each band, one after the other. */
  protected mountingWords({ mounting_N }: FoundLine): string {
    const pulls = mounting_N.map((pull_N) => writeForce(pull_N, this.workbench.unit()));
    return `stepping in ${pulls.join(', then ')}`;
  }

  private effort(): Effort | null {
    const count = Math.max(1, this.count());
    switch (this.kind()) {
      case 'none':
        return null;
      case 'reps':
        return {
          kind: 'reps',
          reps: Math.round(count),
          spare: Math.min(5, Math.max(0, Math.round(this.spare()))),
        };
      case 'hold':
        return { kind: 'hold', held_s: count };
      case 'lowering':
        return { kind: 'lowering', lowered_s: count };
    }
  }
}
