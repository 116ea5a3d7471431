import { DialogRef } from '@angular/cdk/dialog';
import { CdkListbox, CdkOption } from '@angular/cdk/listbox';
import {
  ChangeDetectionStrategy,
  Component,
  computed,
  ElementRef,
  inject,
  signal,
  viewChild,
} from '@angular/core';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import { CATALOGUE } from '@wiry-otter/catalogue';
import { focusActions } from '../focus/focus';
import { selectExercises, selectPeople, selectPlaces, selectRail } from '../records/selectors';
import { everything, type Find, matching } from './finds';

/** Goes to a person, a band, an exercise or a place by a few letters of its name. */
@Component({
  selector: 'otter-find-anything',
  imports: [CdkListbox, CdkOption],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <section
      class="flex max-h-[min(36rem,90vh)] w-[min(36rem,94vw)] flex-col rounded-sm border-[1.5px] border-ink bg-paper p-4"
      aria-label="Find"
    >
      <div class="flex items-end gap-3">
        <label class="field min-w-0 flex-1"
          >A person, a band, an exercise or a place
          <input
            #wantedInput
            type="search"
            cdkFocusInitial
            autocomplete="off"
            [value]="wanted()"
            (input)="wanted.set(wantedInput.value)"
            (keydown.arrowDown)="enterList($event)"
            (keydown.enter)="goToFirst($event)"
        /></label>
        <button class="action" type="button" (click)="dialog.close()">Close</button>
      </div>
      <div
        #list
        class="mt-2 min-h-0 flex-1 overflow-y-auto"
        cdkListbox
        aria-label="What was found"
        (cdkListboxValueChange)="choose($event.value)"
      >
        @for (find of found(); track $index) {
          <div
            class="rule-below grid min-h-11 cursor-pointer grid-cols-[5rem_minmax(0,1fr)] items-baseline gap-x-3 px-1 py-2 hover:bg-sheet"
            [cdkOption]="$index"
            [cdkOptionTypeaheadLabel]="find.title"
          >
            <span class="text-sm text-faint">{{ find.kind }}</span>
            <span>
              <span class="font-bold">{{ find.title }}</span>
              <span class="ml-2 text-sm text-faint">{{ find.about }}</span>
            </span>
          </div>
        } @empty {
          <p class="mt-3" role="status">Nothing begins like that.</p>
        }
      </div>
    </section>
  `,
})
export class FindAnything {
  protected readonly dialog = inject(DialogRef);
  private readonly router = inject(Router);
  private readonly store = inject(Store);
  private readonly list = viewChild.required<string, ElementRef<HTMLElement>>('list', {
    read: ElementRef,
  });
  private readonly people = this.store.selectSignal(selectPeople);
  private readonly bands = this.store.selectSignal(selectRail);
  private readonly places = this.store.selectSignal(selectPlaces);
  private readonly own = this.store.selectSignal(selectExercises);

  protected readonly wanted = signal('');
  private readonly all = computed(() =>
    everything({
      people: this.people(),
      bands: this.bands(),
      places: this.places(),
      exercises: [...this.own().map(({ document }) => document), ...CATALOGUE],
    }),
  );
  protected readonly found = computed(() => matching(this.all(), this.wanted()));

  protected goToFirst(event: Event): void {
    // Else the key goes on to the button that has the focus again.
    event.preventDefault();
    this.go(this.found()[0]);
  }

  protected enterList(event: Event): void {
    event.preventDefault();
    // The list moves on to its first option, and knows that it is there.
    this.list().nativeElement.focus();
  }

  protected choose([index]: readonly unknown[]): void {
    if (typeof index === 'number') this.go(this.found()[index]);
  }

  private go(find: Find | undefined): void {
    if (find === undefined) return;
    this.dialog.close();
    const [, id] = find.path;
    if (find.kind === 'person' && id !== undefined) {
      this.store.dispatch(focusActions.focusPerson({ personId: id }));
    }
    void this.router.navigate([...find.path], { queryParams: find.query ?? {} });
  }
}
