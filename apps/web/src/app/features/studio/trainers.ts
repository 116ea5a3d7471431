import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule, Validators } from '@angular/forms';
import type { Role } from '@wiry-otter/contracts';
import { TrainersStore } from './trainers-store';

/** The trainers of the studio, who is invited, and to whom people are given. */
@Component({
  selector: 'otter-trainers',
  imports: [ReactiveFormsModule],
  providers: [TrainersStore],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './trainers.html',
})
export class Trainers {
  protected readonly store = inject(TrainersStore);
  protected readonly form = new FormGroup({
    email: new FormControl('', {
      nonNullable: true,
      validators: [Validators.required, Validators.email],
    }),
    role: new FormControl<Role>('trainer', { nonNullable: true }),
  });
  protected readonly trouble = signal('');

  protected invite(): void {
    const { email, role } = this.form.getRawValue();
    this.trouble.set(this.form.valid ? '' : 'An e-mail address is needed.');
    if (this.form.valid) this.store.invite(email, role, () => this.form.reset());
  }
}
