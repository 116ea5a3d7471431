import { ChangeDetectionStrategy, Component, inject, input, signal } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule, Validators } from '@angular/forms';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { problemWords } from '../../api/api-problem';
import { Sending } from '../../api/sending';
import { StudioApi } from '../../api/studio-api';
import { accountActions } from '../../account/account';

@Component({
  selector: 'otter-sign-in',
  imports: [ReactiveFormsModule, RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './sign-in.html',
})
export class SignIn {
  /** Where the person wanted to go before they were asked to sign in. */
  readonly to = input<string>();

  private readonly api = inject(StudioApi);
  private readonly store = inject(Store);
  private readonly router = inject(Router);

  protected readonly form = new FormGroup({
    email: new FormControl('', {
      nonNullable: true,
      validators: [Validators.required, Validators.email],
    }),
    password: new FormControl('', { nonNullable: true, validators: [Validators.required] }),
  });
  protected readonly sending = new Sending();
  protected readonly trouble = signal('');

  constructor() {
    // Without a network nobody can sign in either way.
    this.api.firstStart().subscribe({
      next: ({ open }) => open && void this.router.navigate(['/first-start']),
      error: () => undefined,
    });
  }

  protected submit(): void {
    if (this.form.invalid) {
      this.trouble.set('An e-mail address and a password are needed.');
      return;
    }
    this.trouble.set('');
    this.sending.send(
      () => this.api.signIn(this.form.getRawValue()),
      (account) => {
        this.store.dispatch(accountActions.signedIn({ account }));
        return this.router.navigateByUrl(this.safeTarget());
      },
      (error) => this.trouble.set(problemWords(error)),
    );
  }

  /** Only a path of our own; never another site. */
  private safeTarget(): string {
    const to = this.to() ?? '/';
    return to.startsWith('/') && !to.startsWith('//') ? to : '/';
  }
}
