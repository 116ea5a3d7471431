import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { isCleared, needsClearance } from '@wiry-otter/core';
import { format } from 'date-fns';
import { selectLastDays, selectPeople, selectRail } from '../../records/selectors';
import { syncFeature } from '../../records/sync';
import { isInspectionDue } from '../bands/wanting';
import { clearanceEnd } from '../people/clearance-end';
import { lastSession } from '../people/last-session';

/** What wants to be looked at: what it is about, why, and where it is seen to. */
interface Look {
  readonly id: string;
  readonly about: string;
  readonly words: string;
  readonly link: readonly string[];
  /** Work stands still until it is seen to. */
  readonly isPressing: boolean;
}

/** What no decision waits for, and yet wants a look: clearances, people gone quiet, inspections. */
@Component({
  selector: 'otter-worth-a-look',
  imports: [RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'block' },
  template: `
    @if (looks().length > 0) {
      <section aria-label="Worth a look">
        <h2 class="rule-below pb-1">Worth a look</h2>
        <ul>
          @for (look of looks(); track look.id) {
            <li>
              <a
                class="flex items-center gap-3 border-b-[1.5px] border-hairline py-3"
                [routerLink]="look.link"
              >
                <span class="flex-1"
                  ><span class="font-bold">{{ look.about }}</span> ·
                  @if (look.isPressing) {
                    <span class="text-stop">✕ {{ look.words }}</span>
                  } @else {
                    <span class="text-caution">△ {{ look.words }}</span>
                  }
                </span>
                <span aria-hidden="true">→</span>
              </a>
            </li>
          }
        </ul>
      </section>
    }
  `,
})
export class WorthALook {
  private readonly store = inject(Store);
  private readonly people = this.store.selectSignal(selectPeople);
  private readonly bands = this.store.selectSignal(selectRail);
  private readonly lastDays = this.store.selectSignal(selectLastDays);
  private readonly loaded = this.store.selectSignal(syncFeature.selectLoaded);

  protected readonly looks = computed((): readonly Look[] => [
    ...this.people().flatMap((person) => {
      const words = this.clearanceOf(person);
      return words === null ? [] : [this.ofPerson(person, words, !this.isCleared(person))];
    }),
    ...this.people().flatMap((person) => {
      // Until all is there that the device keeps, somebody who trains may look quiet.
      const { quiet } = lastSession(person, this.lastDays().get(person.id), this.loaded());
      return quiet === null || !this.loaded() ? [] : [this.ofPerson(person, quiet, false)];
    }),
    ...this.bands()
      .filter(isInspectionDue)
      .map(({ id, name }) => ({
        ...{ id, about: name, words: 'inspection due', isPressing: false },
        link: ['/bands', id],
      })),
  ]);

  private isCleared(person: Person): boolean {
    return !needsClearance(person) || isCleared(person, format(new Date(), 'yyyy-MM-dd'));
  }

  private clearanceOf(person: Person): string | null {
    const { clearance } = person;
    if (clearance === null) return needsClearance(person) ? 'no clearance on file' : null;
    const end = clearanceEnd(clearance.until);
    return end === null ? null : `the clearance ${end}`;
  }

  private ofPerson({ id, name }: Person, words: string, isPressing: boolean): Look {
    return { id: `${id} ${words}`, about: name, words, link: ['/people', id], isPressing };
  }
}

type Person = ReturnType<typeof selectPeople>[number];
