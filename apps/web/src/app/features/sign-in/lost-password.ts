import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { FormControl, ReactiveFormsModule, Validators } from '@angular/forms';
import { RouterLink } from '@angular/router';
import { problemWords } from '../../api/api-problem';
import { Sending } from '../../api/sending';
import { StudioApi } from '../../api/studio-api';

/** Has a link to a new password sent to whoever has lost theirs. */
@Component({
  selector: 'otter-lost-password',
  imports: [ReactiveFormsModule, RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <main class="grid min-h-screen place-items-center px-4">
      <div class="w-full max-w-sm">
        <h1>A lost password</h1>
        @if (asked(); as email) {
          <p class="mt-3" role="status">
            If somebody signs in with {{ email }}, a mail with a link is on its way there. It holds
            for an hour.
          </p>
          <p class="mt-2 text-faint">
            On a server that sends no mails the owner of the studio finds it under Studio, Mails.
            Who owns the studio alone runs <code>npm run reset-password</code> on the server.
          </p>
        } @else {
          <p class="mt-1 text-faint">A mail brings a link to a new one.</p>
          <form class="mt-5 grid gap-4" (submit)="$event.preventDefault(); submit()">
            <label class="field"
              >E-mail <input type="email" [formControl]="email" autocomplete="username"
            /></label>
            <p class="text-stop" role="alert" [class.hidden]="trouble() === ''">{{ trouble() }}</p>
            <button class="action action-primary" type="submit" [disabled]="sending.busy()">
              Send the link
            </button>
          </form>
        }
        <a class="action-quiet mt-4 -ml-2" routerLink="/sign-in">Back to signing in</a>
      </div>
    </main>
  `,
})
export class LostPassword {
  private readonly api = inject(StudioApi);

  protected readonly email = new FormControl('', {
    nonNullable: true,
    validators: [Validators.required, Validators.email],
  });
  protected readonly sending = new Sending();
  protected readonly trouble = signal('');
  /** For which e-mail the link was asked. */
  protected readonly asked = signal('');

  protected submit(): void {
    const { value } = this.email;
    this.trouble.set(this.email.valid ? '' : 'An e-mail address is needed.');
    if (!this.email.valid) return;
    this.sending.send(
      () => this.api.askForPasswordLink(value),
      () => this.asked.set(value),
      (error) => this.trouble.set(problemWords(error)),
    );
  }
}
