import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink, RouterLinkActive, RouterOutlet } from '@angular/router';
import { Store } from '@ngrx/store';
import { selectIsOwner } from '../../account/own-role';
import { selectStudio } from '../../records/selectors';

const PARTS = [
  { path: '/studio', words: 'Rules', ofOwners: false },
  { path: '/studio/trainers', words: 'Trainers', ofOwners: false },
  { path: '/studio/mails', words: 'Mails', ofOwners: true },
  { path: '/studio/documents', words: 'In and out', ofOwners: false },
  { path: '/studio/back-ups', words: 'Back-ups', ofOwners: true },
  { path: '/studio/device', words: 'This device', ofOwners: false },
  { path: '/studio/you', words: 'You', ofOwners: false },
] as const;

/** The studio by its parts. */
@Component({
  selector: 'otter-studio',
  imports: [RouterLink, RouterLinkActive, RouterOutlet],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (studio(); as studio) {
      <div class="flex flex-wrap items-baseline gap-x-6 gap-y-1">
        <h1>
          {{ studio.name }}
          <span class="text-base font-normal text-faint">{{ studio.zone }}</span>
        </h1>
        <nav class="flex flex-wrap gap-x-1" aria-label="Parts of the studio">
          @for (part of parts(); track part.path) {
            <a
              class="flex min-h-11 items-center border-b-4 border-transparent px-3 text-faint"
              [routerLink]="part.path"
              routerLinkActive="border-pull! font-bold text-ink!"
              [routerLinkActiveOptions]="{ exact: true }"
              ariaCurrentWhenActive="page"
              >{{ part.words }}</a
            >
          }
        </nav>
      </div>
    }
    <div class="mt-4"><router-outlet /></div>
  `,
})
export class Studio {
  private readonly store = inject(Store);
  private readonly isOwner = this.store.selectSignal(selectIsOwner);

  protected readonly studio = this.store.selectSignal(selectStudio);
  protected readonly parts = computed(() =>
    PARTS.filter(({ ofOwners }) => !ofOwners || this.isOwner()),
  );
}
