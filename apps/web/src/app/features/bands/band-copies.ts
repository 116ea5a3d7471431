import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  input,
  output,
  signal,
} from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import type { BandEventInput, BandToday, Holder } from '@wiry-otter/contracts';
import { format, parseISO } from 'date-fns';
import { selectPeople, selectPlaces } from '../../records/selectors';

const STATE_WORDS = {
  inUse: { words: '● in use', tone: 'range' },
  watch: { words: '△ on watch', tone: 'caution' },
  retired: { words: '✕ retired', tone: 'stop' },
} as const;

/** The copies of a band: where each is, how it is, when it wants to be looked at. */
@Component({
  selector: 'otter-band-copies',
  imports: [RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './band-copies.html',
})
export class BandCopies {
  readonly band = input.required<BandToday>();
  readonly happened = output<Pick<BandEventInput, 'copyId' | 'what'>>();

  private readonly store = inject(Store);
  private readonly people = this.store.selectSignal(selectPeople);
  private readonly places = this.store.selectSignal(selectPlaces);

  /** The copy about to be retired or brought back, while its reason is asked for. */
  protected readonly askedId = signal<string | null>(null);
  protected readonly several = computed(() => this.band().copies.length > 1);
  protected readonly rows = computed(() =>
    this.band().copies.map((copy) => ({
      copy,
      state: STATE_WORDS[copy.state],
      inspected: inspectedWords(copy),
      holder: holderValue(copy.holder),
    })),
  );
  protected readonly holders = computed(() => [
    { value: 'bag', words: 'in the bag' },
    ...this.places().map(({ id, name }) => ({ value: `place ${id}`, words: `at ${name}` })),
    ...this.people().map(({ id, name }) => ({ value: `person ${id}`, words: `with ${name}` })),
  ]);

  protected move(copyId: string, value: string): void {
    const [at, id = ''] = value.split(' ');
    const holder: Holder =
      at === 'place' ? { at, placeId: id } : at === 'person' ? { at, personId: id } : { at: 'bag' };
    this.happened.emit({ copyId, what: { kind: 'moved', holder } });
  }

  /** Retires a copy, or brings it back into use; both want their reason. */
  protected end(copyId: string, kind: 'retired' | 'returned', reason: string): void {
    if (reason.trim() === '') return;
    this.askedId.set(null);
    this.happened.emit({ copyId, what: { kind, reason: reason.trim() } });
  }
}

function holderValue(holder: Holder): string {
  if (holder.at === 'place') return `place ${holder.placeId}`;
  if (holder.at === 'person')
    return holder.personId === null ? 'away' : `person ${holder.personId}`;
  return 'bag';
}

function inspectedWords({
  lastInspection,
  cycles,
  inspectionDue,
}: BandToday['copies'][number]): string {
  const last =
    lastInspection === null
      ? 'never inspected'
      : `inspected ${format(parseISO(lastInspection), 'd MMM')}`;
  const since =
    cycles.sinceInspection > 0 ? `, ${cycles.sinceInspection} stretches over ×2 since` : '';
  return `${inspectionDue ? '△ inspection due: ' : ''}${last}${since}`;
}
