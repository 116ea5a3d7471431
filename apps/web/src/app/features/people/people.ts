import {
  ChangeDetectionStrategy,
  Component,
  effect,
  inject,
  input,
  untracked,
} from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { focusActions, focusFeature } from '../../focus/focus';
import { PeopleStore } from './people-store';
import { PersonForm } from './person-form';
import { PersonSheet } from './person-sheet';
import { ReadFile } from './read-file';

/** Everybody whom the trainer works with, and what is on file of one of them. */
@Component({
  selector: 'otter-people',
  imports: [PersonForm, PersonSheet, ReadFile, RouterLink],
  providers: [PeopleStore],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './people.html',
})
export class People {
  /** Of the route. */
  readonly id = input<string>();

  private readonly router = inject(Router);
  private readonly global = inject(Store);
  private readonly focusId = this.global.selectSignal(focusFeature.selectFocusId);
  protected readonly store = inject(PeopleStore);

  constructor() {
    effect(() => this.store.open(this.id() ?? null));
    // Whose sheet is open, the other screens are about.
    effect(() => {
      const person = this.store.person();
      if (person === undefined || person.archivedOn !== null) return;
      if (person.id === untracked(this.focusId)) return;
      this.global.dispatch(focusActions.focusPerson({ personId: person.id }));
    });
  }

  protected save(): void {
    const id = this.store.save();
    if (id !== undefined) void this.router.navigate(['/people', id]);
  }
}
