import { DialogRef } from '@angular/cdk/dialog';
import { CdkListbox, CdkOption } from '@angular/cdk/listbox';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import { CATALOGUE } from '@wiry-otter/catalogue';
import { focusActions } from '../focus/focus';
import { selectExercises, selectPeople, selectPlaces, selectRail } from '../records/selectors';
import { LookFor } from '../ui/fields/look-for';
import { everything, type Find, matching } from './finds';

/** Goes to a person, a band, an exercise or a place by a few letters of its name. */
@Component({
  selector: 'otter-find-anything',
  imports: [CdkListbox, CdkOption, LookFor],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <section
      class="flex max-h-[min(36rem,90vh)] w-[min(36rem,94vw)] flex-col rounded-sm border-[1.5px] border-ink bg-paper p-4"
      aria-label="Find"
    >
      <div class="flex items-end gap-3">
        <otter-look-for
          words="A person, a band, an exercise or a place"
          [list]="list"
          [(wanted)]="wanted"
          (firstTaken)="go(found()[0])"
        />
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

  protected choose([index]: readonly unknown[]): void {
    if (typeof index === 'number') this.go(this.found()[index]);
  }

  protected go(find: Find | undefined): void {
    if (find === undefined) return;
    this.dialog.close();
    const [, id] = find.path;
    if (find.kind === 'person' && id !== undefined) {
      this.store.dispatch(focusActions.focusPerson({ personId: id }));
    }
    void this.router.navigate([...find.path], { queryParams: find.query ?? {} });
  }
}
