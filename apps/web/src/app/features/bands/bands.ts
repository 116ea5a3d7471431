import {
  afterRenderEffect,
  ChangeDetectionStrategy,
  Component,
  computed,
  type ElementRef,
  inject,
  input,
  signal,
  viewChild,
} from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import { type Action, Store } from '@ngrx/store';
import type { BandEventInput, BandInput } from '@wiry-otter/contracts';
import { v7 as uuidv7 } from 'uuid';
import { forceWord } from '../../ui/quantities/figures';
import { selectForceUnit, selectKnownBands } from '../../records/selectors';
import { bandActions } from '../../records/writing/band-actions';
import { RecordWriter } from '../../records/outbox/record-writer';
import { BandForm } from './band-form';
import type { KnownBand } from './band-law';
import { BandRail } from './band-rail';
import { BandSheet } from './band-sheet';

/** The rail with all bands and, beside it, one band's sheet. */
@Component({
  selector: 'otter-bands',
  imports: [BandForm, BandRail, BandSheet, RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './bands.html',
})
export class Bands {
  /** The band looked at, from the address. */
  readonly id = input<string>();

  private readonly store = inject(Store);
  private readonly writer = inject(RecordWriter);
  private readonly router = inject(Router);

  protected readonly unit = this.store.selectSignal(selectForceUnit);
  protected readonly unitWord = computed(() => forceWord(this.unit()));
  protected readonly known = this.store.selectSignal(selectKnownBands);
  protected readonly selected = computed(
    () => this.known().find(({ record }) => record.id === this.id()) ?? null,
  );
  /** Bands whose figures are weak or whose state asks for a look. */
  protected readonly wanting = computed(() =>
    this.known().flatMap((known) => {
      const words = wantingWords(known);
      return words === null ? [] : [{ id: known.record.id, name: known.record.name, words }];
    }),
  );
  protected readonly mode = signal<'look' | 'add' | 'edit'>('look');

  private readonly sheet = viewChild.required<ElementRef<HTMLElement>>('sheet');

  constructor() {
    // On a narrow screen the sheet lies under the rail, out of sight of who asked for it.
    afterRenderEffect(() => {
      const [id, mode] = [this.id(), this.mode()];
      const asked = id !== undefined || mode !== 'look';
      const sheet = this.sheet().nativeElement;
      if (asked && sheet.getBoundingClientRect().top > window.innerHeight / 2) {
        sheet.scrollIntoView();
      }
    });
  }

  protected add(): void {
    this.mode.set('add');
  }

  protected save(input: BandInput): void {
    if (this.mode() === 'look') return;
    const changed = this.mode() === 'edit' ? (this.selected()?.record ?? null) : null;
    const id = changed?.id ?? uuidv7();
    const words = changed === null ? `${input.name} is on the rail.` : `${input.name} changed.`;
    this.mode.set('look');
    this.goAndDo(['/bands', id], bandActions.put({ id, input, words }));
  }

  protected remove(id: string): void {
    this.goAndDo(['/bands'], bandActions.remove({ id }));
  }

  /** What is said of it would go with the screen that is left. */
  private goAndDo(commands: readonly string[], action: Action): void {
    void this.router.navigate(commands).then(() => this.store.dispatch(action));
  }

  protected happened(bandId: string, event: Pick<BandEventInput, 'copyId' | 'what'>): void {
    const input = { ...event, at: new Date().toISOString() };
    void this.writer.write(
      'addBandEvent',
      { id: bandId, eventId: uuidv7() },
      input,
      'A note on a band',
    );
  }

  protected chooseLaw(measurementId: string | null): void {
    const band = this.selected()?.record;
    if (band === undefined) return;
    this.store.dispatch(
      bandActions.chooseLaw({ id: band.id, version: band.version, measurementId }),
    );
  }

  protected cut(piece: { name: string; length_m: number }): void {
    const roll = this.selected()?.record;
    if (roll === undefined) return;
    const input = {
      ...piece,
      version: roll.version,
      pieceId: uuidv7(),
      copyId: uuidv7(),
      tag: null,
    };
    this.goAndDo(['/bands', input.pieceId], bandActions.cut({ rollId: roll.id, input }));
  }
}

/** Why a band asks for a look: its state, its age, or figures that rest on little. */
function wantingWords({ record, calibration, softening }: KnownBand): string | null {
  if (record.state === 'retired') return null;
  if (record.state === 'watch') return 'on watch: inspect before every use';
  // A roll is looked at when a piece is cut from it.
  const due = record.stock === 'band';
  if (due && record.copies.some((copy) => copy.state !== 'retired' && copy.inspectionDue)) {
    return 'inspection due';
  }
  if (softening?.soft === true) return 'softer than when first measured';
  if (record.measurements.some(({ finishedAt }) => finishedAt === null)) {
    return 'a measurement is not finished';
  }
  if (calibration === null) return 'no pull and no label yet: in no set-up';
  if (calibration.grade === 'label') return 'label only: the figures can be off by a third';
  return calibration.grade === 'partial'
    ? 'partly measured: a pull or two more would narrow the ±'
    : null;
}
