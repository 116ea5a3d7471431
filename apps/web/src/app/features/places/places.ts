import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { FormsModule } from '@angular/forms';
import type { AnchorRecord } from '@wiry-otter/contracts';
import { forceFigure, toNewtons, writeForce, lengthFigure, toMetres } from '@wiry-otter/core';
import { forceWord } from '../../ui/quantities/figures';
import { ANCHOR_WORDS } from '../setups/kit';
import { AnchorSymbol } from './anchor-symbol';
import { ANCHOR_KINDS } from './new-anchor';
import { doorWords, measureWords } from './place-words';
import { PlacesStore } from './places-store';

/** Where people train, and what a band can be hung on there. */
@Component({
  selector: 'otter-places',
  imports: [AnchorSymbol, FormsModule],
  providers: [PlacesStore],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './places.html',
})
export class Places {
  protected readonly store = inject(PlacesStore);
  protected readonly kinds = ANCHOR_KINDS;
  protected readonly kindWords = ANCHOR_WORDS;
  protected readonly measureWords = measureWords;
  protected readonly doorWords = doorWords;
  protected readonly lengthUnit = this.store.lengthUnit;
  protected readonly unitWord = computed(() => forceWord(this.store.unit()));

  /** From a typed figure to a quantity; an empty field is unknown. */
  protected quantity(typed: unknown, scale: number): number | null {
    return typed === null || typed === '' ? null : Math.round(Number(typed) * scale * 1e4) / 1e4;
  }

  /** A length as it is typed; empty where nobody knows it. */
  protected length(length_m: number | null): string {
    return length_m === null ? '' : lengthFigure(length_m, this.lengthUnit());
  }

  protected metres(typed: unknown): number | null {
    return this.quantity(typed, toMetres(1, this.lengthUnit()));
  }

  protected ratedWords(ratedLoad_N: number): string {
    return writeForce(ratedLoad_N, this.store.unit());
  }

  /** The rated load as it is typed: in the studio's unit, empty where nobody has rated it. */
  protected ratedFigure({ ratedLoad_N }: AnchorRecord): string {
    return ratedLoad_N === null ? '' : forceFigure(ratedLoad_N, this.store.unit());
  }

  protected setRated(id: string, typed: unknown): void {
    const ratedLoad_N = this.quantity(typed, toNewtons(1, this.store.unit()));
    this.store.setAnchor(id, { ratedLoad_N });
  }
}
