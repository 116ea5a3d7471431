import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { FormControl, ReactiveFormsModule } from '@angular/forms';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { passwordReset } from '@wiry-otter/contracts';
import { accountActions } from '../../account/account';
import { problemWords } from '../../api/api-problem';
import { Sending } from '../../api/sending';
import { StudioApi } from '../../api/studio-api';
import { recordActions } from '../../records/record-actions';
import { linkToken } from './link-token';

/** Chooses a new password by the link of a mail, and signs in. */
@Component({
  selector: 'otter-new-password',
  imports: [ReactiveFormsModule, RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <main class="grid min-h-screen place-items-center px-4">
      <div class="w-full max-w-sm">
        <h1>A new password</h1>
        <p class="mt-1 text-faint">
          Every device that is signed in with the old one is signed out.
        </p>
        <form class="mt-5 grid gap-4" (submit)="$event.preventDefault(); submit()">
          <label class="field"
            >Password, ten characters or more
            <input type="password" [formControl]="password" autocomplete="new-password"
          /></label>
          <p class="text-stop" role="alert" [class.hidden]="trouble() === ''">{{ trouble() }}</p>
          <button class="action action-primary" type="submit" [disabled]="sending.busy()">
            Set it and sign in
          </button>
        </form>
        <a class="action-quiet mt-4 -ml-2" routerLink="/lost-password">Ask for another link</a>
      </div>
    </main>
  `,
})
export class NewPassword {
  private readonly api = inject(StudioApi);
  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly token = linkToken();

  protected readonly password = new FormControl('', { nonNullable: true });
  protected readonly sending = new Sending();
  protected readonly trouble = signal('');

  protected submit(): void {
    const parsed = passwordReset.safeParse({ token: this.token, password: this.password.value });
    if (!parsed.success) {
      const isLink = parsed.error.issues.some(({ path }) => path[0] === 'token');
      const words = isLink ? 'The link is not whole; copy all of it.' : 'Ten characters or more.';
      this.trouble.set(words);
      return;
    }
    this.trouble.set('');
    this.sending.send(
      () => this.api.choosePassword(parsed.data),
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
