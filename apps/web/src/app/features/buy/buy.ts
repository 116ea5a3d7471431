import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import type { LadderRecord } from '@wiry-otter/contracts';
import { type Gap, type Purchase, writeForce, writeLength } from '@wiry-otter/core';
import { KIND_WORD } from '../bands/band-law';
import { TickRow } from '../../ui/fields/tick-row';
import { RecordInputs } from '../setups/workbench/record-inputs';
import { BROKEN_WORDS, Finder } from '../../workers/finder';
import { BuyStore } from './buy-store';
import { GapStaff } from './gap-staff';

/** So many bands are told, the best first. */
const TOLD = 4;

/** What to buy next: the one band that closes most of the gaps of chosen ladders. */
@Component({
  selector: 'otter-buy',
  imports: [GapStaff, RouterLink, TickRow],
  providers: [BuyStore],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './buy.html',
})
export class Buy {
  protected readonly store = inject(BuyStore);
  private readonly units = inject(RecordInputs).units;
  private readonly finder = inject(Finder);
  protected readonly busy = this.finder.busy;
  protected readonly share = this.finder.share;
  protected readonly brokenWords = BROKEN_WORDS;

  protected readonly count = computed(() => (this.store.found()?.before ?? []).flat().length);
  /** The best bands, without those that do no better than none. */
  protected readonly best = computed(() => {
    const found = this.store.found();
    if (found === null) return [];
    const before = found.before.flat().reduce((sum, gap) => sum + sizeOf(gap), 0);
    return found.tried
      .filter(({ gaps }) => gaps < before - 1e-9)
      .slice(0, TOLD)
      .map((one) => ({
        ...one,
        words: this.words(one),
        closes: Math.round((100 * (before - one.gaps)) / before),
      }));
  });
  /** The exercise of the chosen ladders that takes two of a band; none where none does. */
  protected readonly inPairs = computed(() => {
    const exercises = this.store.served().map(({ rungs }) => rungs[0]?.document.exercise);
    return exercises.find((one) => one?.bandOnEachSide === true)?.title.toLowerCase() ?? '';
  });
  protected readonly rows = computed(() => {
    const found = this.store.found();
    const named = this.store.ladders();
    return this.store.served().map((ladder, l) => ({
      ladder,
      name: named.find((row) => row.ladder.id === ladder.id)?.name ?? '',
      exercise: ladder.rungs[0]?.document.exercise.title ?? '',
      range: this.rangeWords(ladder),
      before: found?.before[l] ?? [],
      after: found?.after[l] ?? [],
    }));
  });

  private rangeWords({ rungs, target: { from, metric, to } }: LadderRecord): string {
    if (metric === 'assistMean') {
      return `help of ${(100 * from).toFixed(0)} to ${(100 * to).toFixed(0)} %`;
    }
    const isMoment = rungs[0]?.document.exercise.demand.kind === 'moment';
    return isMoment
      ? `${from} to ${to} N·m`
      : `${writeForce(from, this.units().force)} to ${writeForce(to, this.units().force)}`;
  }

  private words({ flatLength_m, kind, pull_N }: Purchase): string {
    const length = writeLength(flatLength_m, this.units().length);
    return `a ${KIND_WORD[kind]} of about ${length} that pulls about ${writeForce(pull_N, this.units().force)} at twice its length`;
  }
}

function sizeOf({ difference, ratio = 1 }: Gap): number {
  return difference ?? Math.log(ratio);
}
