import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  signal,
} from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { format, parseISO } from 'date-fns';
import { outboxActions, outboxFeature } from '../../records/outbox/outbox-state';
import { chosenBody, fieldsThere, fieldVersions, isWhole } from '../../records/outbox/versions';
import type { KeptWrite } from '../../records/outbox/write';
import { WRITE_KINDS } from '../../records/outbox/write-kinds';
import { selectExercises } from '../../records/selectors';
import { selectServers, selectView } from '../../records/shown';
import { knownExercises } from '../exercises/known-exercises';
import { lineOfField, linesOfWhole } from './version-words';

/** What was changed here and elsewhere before the two met: a person chooses what stands. */
@Component({
  selector: 'otter-two-versions',
  imports: [RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './two-versions.html',
})
export class TwoVersions {
  readonly writeId = input.required<string>();

  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly refused = this.store.selectSignal(outboxFeature.selectRefused);
  private readonly servers = this.store.selectSignal(selectServers);

  protected readonly write = computed(() => this.refused().find(({ id }) => id === this.writeId()));
  private readonly theirs = computed(() => {
    const write = this.write();
    if (write === undefined) return undefined;
    const { answers } = WRITE_KINDS[write.kind];
    return this.servers()[answers][write.params.id];
  });
  private readonly view = this.store.selectSignal(selectView);
  private readonly exercises = this.store.selectSignal(selectExercises);
  private readonly nameOf = (id: string): string | undefined =>
    this.view().get('place', id)?.name ?? knownExercises(this.exercises()).get(id)?.title;
  protected readonly versions = computed(() => {
    const [write, theirs] = [this.write(), this.theirs()];
    if (write === undefined || theirs === undefined) return null;
    const whole = isWhole(write);
    return {
      whole,
      lines: whole
        ? linesOfWhole(write, theirs)
        : fieldVersions(write, theirs).map((one) => lineOfField(one, this.nameOf)),
      written: `${write.by.name}, ${format(parseISO(write.at), 'EEE d MMM, HH:mm')}`,
    };
  });
  /** Fields of which the server's version is chosen. */
  protected readonly ofTheirs = signal<ReadonlySet<string>>(new Set());

  constructor() {
    // What somebody else chose or put away in another tab is not to be chosen again.
    effect(() => {
      if (this.write() === undefined) void this.router.navigate(['/outbox']);
    });
  }

  protected choose(field: string, theirs: boolean): void {
    this.ofTheirs.update(
      (chosen) => new Set(theirs ? [...chosen, field] : [...chosen].filter((one) => one !== field)),
    );
  }

  /** This device's version stands, but for the fields that were chosen otherwise. */
  protected keep(): void {
    const [write, theirs] = [this.write(), this.theirs()];
    if (write === undefined || theirs === undefined) return;
    const body = chosenBody(write, theirs, this.ofTheirs()) as unknown as KeptWrite['body'];
    // What is chosen was made from the server's version: only what changes after it can meet it again.
    this.store.dispatch(outboxActions.sendAgain({ write, body, base: fieldsThere(write, theirs) }));
  }

  /** The server's version stands. */
  protected letGo(): void {
    const write = this.write();
    if (write !== undefined) this.store.dispatch(outboxActions.dismiss({ write }));
  }
}
