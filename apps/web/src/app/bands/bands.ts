import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import type { BandInput, ReadingInput } from '@wiry-otter/contracts';
import { v7 as uuidv7 } from 'uuid';
import { forceWord } from '../drawing/figures';
import { accountFeature } from '../state/account';
import { bandActions, bandsFeature } from '../state/bands';
import { BandForm } from './band-form';
import { knowBand } from './band-law';
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
  private readonly router = inject(Router);
  private readonly account = this.store.selectSignal(accountFeature.selectAccount);
  private readonly present = this.store.selectSignal(bandsFeature.selectPresent);

  protected readonly unit = computed(() => this.account()?.studio.forceUnit ?? 'N');
  protected readonly unitWord = computed(() => forceWord(this.unit()));
  protected readonly known = computed(() => this.present().map(knowBand));
  protected readonly selected = computed(
    () => this.present().find(({ id }) => id === this.id()) ?? null,
  );
  /** Bands whose figures are weak or whose state asks for a look. */
  protected readonly wanting = computed(() =>
    this.known().flatMap(({ record: { id, name, state }, calibration }) => {
      const words =
        state === 'watch'
          ? 'on watch: inspect before every use'
          : calibration === null
            ? 'no pull and no label yet: in no set-up'
            : calibration.grade === 'label'
              ? 'label only: the figures can be off by a third'
              : calibration.grade === 'partial'
                ? 'partly measured: a pull or two more would narrow the ±'
                : null;
      return words === null ? [] : [{ id, name, words }];
    }),
  );
  protected readonly mode = signal<'look' | 'add' | 'edit'>('look');

  protected add(): void {
    this.mode.set('add');
  }

  protected save(input: BandInput): void {
    const changed = this.mode() === 'edit' ? this.selected() : null;
    const id = changed?.id ?? uuidv7();
    const words = changed === null ? `${input.name} is on the rail.` : `${input.name} changed.`;
    this.store.dispatch(bandActions.put({ id, input, words }));
    this.mode.set('look');
    void this.router.navigate(['/bands', id]);
  }

  protected remove(id: string): void {
    this.store.dispatch(bandActions.remove({ id }));
    void this.router.navigate(['/bands']);
  }

  protected addPull(bandId: string, input: ReadingInput): void {
    this.store.dispatch(bandActions.addReading({ bandId, id: uuidv7(), input }));
  }

  protected setAside(bandId: string, change: { id: string; setAside: boolean }): void {
    this.store.dispatch(bandActions.setReadingAside({ bandId, ...change }));
  }
}
