import {
  afterRenderEffect,
  ChangeDetectionStrategy,
  Component,
  computed,
  type ElementRef,
  inject,
  input,
  viewChild,
} from '@angular/core';
import { writeLength } from '@wiry-otter/core';
import { RouterLink } from '@angular/router';
import { forceWord } from '../../ui/quantities/figures';
import { BandForm } from './band-form';
import { BandRail } from './band-rail';
import { BandSheet } from './band-sheet';
import { BandsStore } from './bands-store';

/** The rail with all bands and, beside it, one band's sheet. */
@Component({
  selector: 'otter-bands',
  imports: [BandForm, BandRail, BandSheet, RouterLink],
  providers: [BandsStore],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './bands.html',
})
export class Bands {
  /** The band looked at, from the address. */
  readonly id = input<string>();

  protected readonly store = inject(BandsStore);
  /** Ribbons bear a tick every five centimetres. */
  protected readonly tickWords = computed(() => writeLength(0.05, this.store.lengthUnit()));
  protected readonly unitWord = computed(() => forceWord(this.store.unit()));

  private readonly sheet = viewChild.required<ElementRef<HTMLElement>>('sheet');

  constructor() {
    this.store.lookAt(this.id);
    // On a narrow screen the sheet lies under the rail, out of sight of who asked for it.
    afterRenderEffect(() => {
      // Both are asked, so that either brings the sheet in sight.
      const [selected, mode] = [this.store.selected(), this.store.mode()];
      const asked = selected !== null || mode !== 'look';
      const sheet = this.sheet().nativeElement;
      if (asked && sheet.getBoundingClientRect().top > window.innerHeight / 2) {
        sheet.scrollIntoView();
      }
    });
  }
}
