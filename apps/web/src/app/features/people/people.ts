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
import { DEFERENCE } from '@wiry-otter/core';
import { focusActions, focusFeature } from '../../focus/focus';
import { ClearanceNote } from '../../ui/notices/clearance-note';
import { PeopleStore } from './people-store';
import { PersonForm } from './person-form';

/** Everybody whom the trainer works with, and what is on file of one of them. */
@Component({
  selector: 'otter-people',
  imports: [ClearanceNote, PersonForm, RouterLink],
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
  protected readonly deference = DEFERENCE;

  constructor() {
    effect(() => this.store.open(this.id() ?? null));
    // Whose sheet is open, the other screens are about.
    effect(() => {
      const personId = this.store.person()?.id;
      if (personId === undefined || personId === untracked(this.focusId)) return;
      this.global.dispatch(focusActions.focusPerson({ personId }));
    });
  }

  protected save(): void {
    const id = this.store.save();
    if (id !== undefined) void this.router.navigate(['/people', id]);
  }
}
