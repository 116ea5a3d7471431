import { CdkMenu, CdkMenuItem, CdkMenuTrigger } from '@angular/cdk/menu';
import { ChangeDetectionStrategy, Component, computed, effect, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { DEFERENCE } from '@wiry-otter/core';
import { selectWeekStart } from '../../records/selectors';
import { ClearanceNote } from '../../ui/notices/clearance-note';
import { AnchorSymbol } from '../places/anchor-symbol';
import { BodyMasses } from './body-masses';
import { DeletePerson } from './delete-person';
import { GivePerson } from './give-person';
import { HomeKit } from './home-kit';
import { PeopleStore } from './people-store';
import { SheetStore } from './sheet-store';
import { slotsByDay } from './slot-words';
import { TimeLine } from './time-line';

/** What is on file of one person, and what has happened. */
@Component({
  selector: 'otter-person-sheet',
  imports: [
    ...[
      AnchorSymbol,
      BodyMasses,
      CdkMenu,
      CdkMenuItem,
      CdkMenuTrigger,
      ClearanceNote,
      DeletePerson,
    ],
    ...[GivePerson, HomeKit, RouterLink, TimeLine],
  ],
  providers: [SheetStore],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './person-sheet.html',
})
export class PersonSheet {
  protected readonly people = inject(PeopleStore);
  protected readonly sheet = inject(SheetStore);
  protected readonly deference = DEFERENCE;
  private readonly weekStart = inject(Store).selectSignal(selectWeekStart);
  protected readonly week = computed(() =>
    slotsByDay(this.sheet.person()?.freeSlots ?? [], this.weekStart()),
  );

  constructor() {
    // Of another person another sheet.
    effect(() => {
      this.people.openId();
      this.sheet.close();
    });
  }
}
