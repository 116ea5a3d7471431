import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { passwordChange } from '@wiry-otter/contracts';
import { YouStore } from './you-store';

/** Who is signed in, the password, and where else. */
@Component({
  selector: 'otter-you',
  imports: [ReactiveFormsModule],
  providers: [YouStore],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './you.html',
})
export class You {
  protected readonly store = inject(YouStore);
  protected readonly form = new FormGroup({
    present: new FormControl('', { nonNullable: true }),
    next: new FormControl('', { nonNullable: true }),
  });

  protected change(): void {
    const { next, present } = this.form.getRawValue();
    if (present === '') return this.store.refuse('Your present password is needed.');
    const parsed = passwordChange.safeParse({ next, present });
    if (!parsed.success) {
      return this.store.refuse('The new password takes ten characters or more.');
    }
    this.store.changePassword(parsed.data, () => this.form.reset());
  }
}
