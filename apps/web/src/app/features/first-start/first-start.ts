import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { NonNullableFormBuilder, ReactiveFormsModule } from '@angular/forms';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import { firstStartRequest, parseDocument } from '@wiry-otter/contracts';
import { accountActions } from '../../account/account';
import { problemWords } from '../../api/api-problem';
import { Sending } from '../../api/sending';
import { StudioApi } from '../../api/studio-api';
import { faultWords } from '../../ui/fields/fault-words';
import {
  FORCE_CHOICES,
  LENGTH_CHOICES,
  MASS_CHOICES,
  WEEK_CHOICES,
} from '../../ui/quantities/figures';

const FIELD_WORDS: Readonly<Record<string, string>> = {
  '$.code': 'The code',
  '$.studio.name': 'The name of the studio',
  '$.studio.zone': 'The time zone',
  '$.owner.name': 'Your name',
  '$.owner.email': 'Your e-mail',
  '$.owner.password': 'The password',
};

/** Makes the studio of a server that has none, and signs its owner in. */
@Component({
  selector: 'otter-first-start',
  imports: [ReactiveFormsModule],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './first-start.html',
})
export class FirstStart {
  private readonly api = inject(StudioApi);
  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly fields = inject(NonNullableFormBuilder);

  protected readonly units = FORCE_CHOICES;
  protected readonly lengths = LENGTH_CHOICES;
  protected readonly masses = MASS_CHOICES;
  protected readonly weeks = WEEK_CHOICES;
  /** The browser's own may be one that it does not list, such as UTC. */
  protected readonly zones = [...new Set([ownZone(), ...Intl.supportedValuesOf('timeZone')])];
  protected readonly form = this.fields.group({
    code: '',
    studio: this.fields.group({
      name: '',
      zone: ownZone(),
      forceUnit: 'N',
      lengthUnit: 'cm',
      massUnit: 'kg',
      weekStart: 'monday',
    }),
    owner: this.fields.group({ name: '', email: '', password: '' }),
  });
  protected readonly sending = new Sending();
  protected readonly trouble = signal<readonly string[]>([]);

  constructor() {
    this.api.firstStart().subscribe({
      next: ({ open }) => !open && void this.router.navigateByUrl('/'),
      error: (error: unknown) => this.trouble.set([problemWords(error)]),
    });
  }

  protected submit(): void {
    const parsed = parseDocument(firstStartRequest, this.form.getRawValue());
    if (!parsed.ok) {
      this.trouble.set(
        parsed.faults.map(({ expected, found, path }) => {
          const field = FIELD_WORDS[path] ?? path;
          // A password is never shown, not even to whoever has just typed it.
          return path === '$.owner.password' && found !== '""'
            ? `${field} takes ten characters or more.`
            : faultWords(field, { expected, found });
        }),
      );
      return;
    }
    this.trouble.set([]);
    this.sending.send(
      () => this.api.makeStudio(parsed.value),
      (account) => {
        this.store.dispatch(accountActions.signedIn({ account }));
        return this.router.navigateByUrl('/people');
      },
      (error) => this.trouble.set([problemWords(error)]),
    );
  }
}

function ownZone(): string {
  return Intl.DateTimeFormat().resolvedOptions().timeZone;
}
