import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import type { StopRecord } from '@wiry-otter/contracts';
import { STOP_CAUSE_WORDS, writeDay } from '@wiry-otter/core';
import { mayBeLifted } from '@wiry-otter/derived';
import { RecordWriter } from '../../records/outbox/record-writer';
import { selectPeople, selectStandingStops, selectStopsToLookAt } from '../../records/selectors';

/** A stop as it is listed: the same cause in one session is one line. */
interface Line {
  readonly stop: StopRecord;
  readonly name: string;
  readonly words: string;
  readonly scope: string;
  readonly mayGoOn: boolean;
}

/** What is being done about a stop. */
interface Answer {
  readonly stopId: string;
  readonly kind: 'liftStop' | 'takeStopBack';
}

/** The stops in force, before all else: who, what, since when, and what lifts each. */
@Component({
  selector: 'otter-stops-in-force',
  imports: [RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (lines().length > 0) {
      <section aria-label="Stopped" class="border-l-4 border-stop pl-4">
        <h2 class="pb-1 text-stop">✕ Stopped</h2>
        <ul>
          @for (line of lines(); track line.stop.id) {
            <li class="border-t-[1.5px] border-hairline py-3">
              <p class="text-lg">
                <span class="font-bold">{{ line.name }}</span> ·
                <span class="font-bold text-stop">{{ line.words }}</span>
              </p>
              @if (line.stop.said) {
                <p>{{ line.stop.said }}</p>
              }
              <p class="text-sm">
                Out of force: {{ line.scope }}. Refer to a licensed clinician (physician or
                physiotherapist).
                {{
                  line.mayGoOn
                    ? 'A clearance made after it lifts the stop, or your own “go on” with a reason.'
                    : 'Only a clearance made after it lifts this stop.'
                }}
              </p>
              <div class="mt-2 flex flex-wrap gap-2">
                <a
                  class="action inline-flex items-center"
                  [routerLink]="['/people', line.stop.personId]"
                  >Enter a clearance</a
                >
                @if (line.mayGoOn) {
                  <button class="action" type="button" (click)="ask(line.stop, 'liftStop')">
                    Go on, with a reason
                  </button>
                }
                <a
                  class="action-quiet inline-flex items-center"
                  [routerLink]="['/stops', line.stop.id]"
                  >Note for the clinician</a
                >
                <button class="action-quiet" type="button" (click)="ask(line.stop, 'takeStopBack')">
                  It was ticked by mistake
                </button>
              </div>
              @if (answer()?.stopId === line.stop.id) {
                <form class="mt-2 flex flex-wrap items-end gap-2" (submit)="settle($event)">
                  <label class="field min-w-0 flex-1 basis-64">
                    <span>{{
                      answer()?.kind === 'liftStop'
                        ? 'Why the work may go on (it stays on record)'
                        : 'What happened (it stays on record)'
                    }}</span>
                    <input
                      class="min-h-11"
                      type="text"
                      maxlength="500"
                      required
                      [value]="why()"
                      (input)="why.set($any($event.target).value)"
                    />
                  </label>
                  <button class="action" type="submit" [disabled]="why().trim() === ''">
                    {{ answer()?.kind === 'liftStop' ? 'Lift the stop' : 'Take the stop back' }}
                  </button>
                  <button class="action-quiet" type="button" (click)="answer.set(null)">
                    Leave it
                  </button>
                </form>
              }
            </li>
          }
        </ul>
      </section>
    }
    @if (toLookAt().length > 0) {
      <section aria-label="Stops of long ago" class="mt-4 border-l-4 border-caution pl-4">
        <h2 class="pb-1">Stops of long ago</h2>
        <ul>
          @for (line of toLookAt(); track line.stop.id) {
            <li class="flex flex-wrap items-center gap-3 border-t-[1.5px] border-hairline py-2">
              <span class="flex-1"
                ><span class="font-bold">{{ line.name }}</span> · {{ line.words }}.
                {{ line.stop.lifted?.why }}</span
              >
              <button class="action-quiet" type="button" (click)="look(line.stop)">
                Looked at
              </button>
            </li>
          }
        </ul>
      </section>
    }
  `,
})
export class StopsInForce {
  private readonly store = inject(Store);
  private readonly writer = inject(RecordWriter);
  private readonly people = this.store.selectSignal(selectPeople);
  private readonly standing = this.store.selectSignal(selectStandingStops);
  private readonly past = this.store.selectSignal(selectStopsToLookAt);

  protected readonly answer = signal<Answer | null>(null);
  protected readonly why = signal('');

  protected readonly lines = computed(() => this.linesOf(this.standing()));
  protected readonly toLookAt = computed(() => this.linesOf(this.past()));

  private linesOf(stops: readonly StopRecord[]): Line[] {
    const names = new Map(this.people().map(({ id, name }) => [id, name]));
    const kept = new Set<string>();
    return stops.flatMap((stop): Line[] => {
      const name = names.get(stop.personId);
      const key = `${stop.sessionId ?? stop.id} ${stop.cause}`;
      if (name === undefined || kept.has(key)) return [];
      kept.add(key);
      const words = `${STOP_CAUSE_WORDS[stop.cause]} on ${writeDay(stop.day)}`;
      const scope = stop.scope.all ? 'all work' : 'all work that loads the same part';
      return [{ stop, name, words, scope, mayGoOn: mayBeLifted(stop) }];
    });
  }

  protected ask({ id }: StopRecord, kind: Answer['kind']): void {
    this.why.set('');
    this.answer.set({ stopId: id, kind });
  }

  protected settle(event: Event): void {
    event.preventDefault();
    const answer = this.answer();
    const why = this.why().trim();
    if (answer === null || why === '') return;
    const what = answer.kind === 'liftStop' ? 'A stop lifted' : 'A stop taken back';
    void this.writer.write(answer.kind, { id: answer.stopId }, { why }, what);
    this.answer.set(null);
  }

  protected look({ id }: StopRecord): void {
    void this.writer.write('lookAtStop', { id }, null, 'A stop looked at');
  }
}
