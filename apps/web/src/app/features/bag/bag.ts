import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { TickRow } from '../../ui/fields/tick-row';
import { BROKEN_WORDS, Finder } from '../../workers/finder';
import { BagStore } from './bag-store';

/** What to take along: the fewest bands and anchors that serve all chosen work. */
@Component({
  selector: 'otter-bag',
  imports: [RouterLink, TickRow],
  providers: [BagStore],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './bag.html',
})
export class Bag {
  protected readonly store = inject(BagStore);
  private readonly finder = inject(Finder);
  protected readonly busy = this.finder.busy;
  protected readonly share = this.finder.share;
  protected readonly brokenWords = BROKEN_WORDS;

  /** How far another way is from the set-up as it is saved. */
  protected shareWords(share: number): string {
    const percent = (100 * Math.abs(share)).toFixed(1);
    return Number(percent) === 0 ? 'the same mean' : `${share < 0 ? '−' : '+'}${percent} %`;
  }
}
