import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { formatDistanceToNow, parseISO } from 'date-fns';
import { Gauges } from '../../gauge/gauges';
import { OpenReplica } from '../../records/open-replica';
import { outboxFeature } from '../../records/outbox/outbox-state';
import {
  selectBands,
  selectEverybody,
  selectSessions,
  selectSetups,
} from '../../records/selectors';

/** What this device keeps, whether the browser may clear it, and which scales it can talk to. */
@Component({
  selector: 'otter-device',
  imports: [RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="grid max-w-5xl gap-x-12 gap-y-8 lg:grid-cols-2">
      <section aria-labelledby="kept">
        <h2 id="kept">Kept on this device</h2>
        <dl class="mt-2">
          @for (line of lines(); track line.label) {
            <div class="flex gap-x-3 border-t-[1.5px] border-hairline py-2">
              <dt class="w-44 flex-none text-faint">{{ line.label }}</dt>
              <dd class="figure">{{ line.words }}</dd>
            </div>
          }
        </dl>
        @if (waiting() > 0) {
          <p class="mt-2">
            <a class="underline underline-offset-3" routerLink="/outbox"
              >{{ waiting() }} not on the server yet</a
            >
          </p>
        }
        @if (persisted() === false) {
          <p class="mt-3 max-w-prose text-caution">
            △ When space is short the browser may clear what waits here for the server.
          </p>
          <button class="action mt-2" type="button" (click)="persist()">
            Ask the browser to keep it
          </button>
          @if (refused()) {
            <p class="mt-2 max-w-prose text-sm">
              The browser would not promise it. Put the app on the home screen, or add a bookmark,
              and ask again.
            </p>
          }
        }
        <p class="mt-3 max-w-prose text-sm text-faint">
          It is removed when you sign out, after 30 days without the server, and when the sign-in is
          withdrawn.
        </p>
      </section>
      <section aria-labelledby="scales">
        <h2 id="scales">Scales</h2>
        <ul class="mt-2 border-t-[1.5px] border-hairline">
          @for (one of scales; track one.kind) {
            <li class="rule-below py-2">{{ one.words }}</li>
          } @empty {
            <li class="py-2 text-faint">
              This browser reaches none: pulls are typed on the test bench.
            </li>
          }
        </ul>
        <p class="mt-2 max-w-prose text-sm text-faint">
          They are chosen and connected on the test bench of a band, pull by pull.
        </p>
      </section>
    </div>
  `,
})
export class Device {
  private readonly store = inject(Store);
  private readonly people = this.store.selectSignal(selectEverybody);
  private readonly bands = this.store.selectSignal(selectBands);
  private readonly setups = this.store.selectSignal(selectSetups);
  private readonly sessions = this.store.selectSignal(selectSessions);
  private readonly heard = signal('not yet');
  private readonly space = signal('the browser does not tell');

  protected readonly scales = inject(Gauges).offered();
  protected readonly waiting = computed(() => this.writes().length);
  private readonly writes = this.store.selectSignal(outboxFeature.selectWrites);
  /** Undefined where the browser does not tell. */
  protected readonly persisted = signal<boolean | undefined>(undefined);
  protected readonly refused = signal(false);

  protected readonly lines = computed(() => [
    { label: 'The server was heard', words: this.heard() },
    { label: 'People', words: String(this.people().length) },
    { label: 'Bands', words: String(this.bands().length) },
    { label: 'Set-ups', words: String(this.setups().length) },
    { label: 'Sessions of 26 weeks', words: String(this.sessions().length) },
    { label: 'Space', words: this.space() },
  ]);

  constructor() {
    void inject(OpenReplica).do(async (replica) => {
      const heard = await replica.lastContact();
      if (heard === undefined) return;
      this.heard.set(formatDistanceToNow(parseISO(heard), { addSuffix: true }));
    });
    void this.lookAtStorage();
  }

  protected async persist(): Promise<void> {
    this.persisted.set(await navigator.storage.persist());
    this.refused.set(this.persisted() === false);
  }

  private async lookAtStorage(): Promise<void> {
    // Over plain HTTP in a studio's own network browsers do not offer it.
    if (!('storage' in navigator)) return;
    const { usage } = await navigator.storage.estimate();
    if (usage !== undefined) this.space.set(`${(usage / 1e6).toFixed(1)} MB`);
    this.persisted.set(await navigator.storage.persisted());
  }
}
