import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { type InvitationShown, joining } from '@wiry-otter/contracts';
import { accountActions } from '../../account/account';
import { problemWords } from '../../api/api-problem';
import { Sending } from '../../api/sending';
import { StudioApi } from '../../api/studio-api';
import { recordActions } from '../../records/record-actions';
import { linkToken } from './link-token';

/** Takes up an invitation: a name, a password, and in. */
@Component({
  selector: 'otter-join',
  imports: [ReactiveFormsModule, RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <main class="grid min-h-screen place-items-center px-4">
      <div class="w-full max-w-sm">
        @if (invitation(); as invitation) {
          <h1>{{ invitation.studio }}</h1>
          <p class="mt-1 text-faint">
            invites you as {{ invitation.role === 'owner' ? 'an owner' : 'a trainer' }}. You will
            sign in with {{ invitation.email }}.
          </p>
          <form class="mt-5 grid gap-4" [formGroup]="form" (ngSubmit)="submit()">
            <input
              class="hidden"
              type="email"
              autocomplete="username"
              tabindex="-1"
              aria-hidden="true"
              [value]="invitation.email"
            />
            <label class="field"
              >Your name <input formControlName="name" autocomplete="name"
            /></label>
            <label class="field"
              >Password, ten characters or more
              <input type="password" formControlName="password" autocomplete="new-password"
            /></label>
            <p class="text-stop" role="alert" [class.hidden]="trouble() === ''">{{ trouble() }}</p>
            <button class="action action-primary" type="submit" [disabled]="sending.busy()">
              Join
            </button>
          </form>
        } @else if (trouble(); as words) {
          <h1>An invitation</h1>
          <p class="mt-2 text-stop" role="alert">{{ words }}</p>
          <p class="mt-2 text-faint">
            A link holds for a week and for one person. Whoever has invited you can send it again.
          </p>
          <a class="action-quiet mt-4 -ml-2" routerLink="/sign-in">Sign in</a>
        }
      </div>
    </main>
  `,
})
export class Join {
  private readonly api = inject(StudioApi);
  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly token = linkToken();

  protected readonly invitation = signal<InvitationShown | null>(null);
  protected readonly form = new FormGroup({
    name: new FormControl('', { nonNullable: true }),
    password: new FormControl('', { nonNullable: true }),
  });
  protected readonly sending = new Sending();
  protected readonly trouble = signal('');

  constructor() {
    this.api.showInvitation(this.token).subscribe({
      next: (invitation) => this.invitation.set(invitation),
      error: (error: unknown) => this.trouble.set(problemWords(error)),
    });
  }

  protected submit(): void {
    const parsed = joining.safeParse({ ...this.form.getRawValue(), token: this.token });
    if (!parsed.success) {
      const isName = parsed.error.issues.some(({ path }) => path[0] === 'name');
      this.trouble.set(isName ? 'Your name is missing.' : 'The password takes ten characters.');
      return;
    }
    this.trouble.set('');
    this.sending.send(
      () => this.api.join(parsed.data),
      (account) => {
        // Whoever was signed in on this browser before is so no longer.
        this.store.dispatch(recordActions.leave());
        this.store.dispatch(accountActions.signedIn({ account }));
        return this.router.navigateByUrl('/');
      },
      (error) => this.trouble.set(problemWords(error)),
    );
  }
}
