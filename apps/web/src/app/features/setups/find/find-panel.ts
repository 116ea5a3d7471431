import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { RouterLink } from '@angular/router';
import {
  type FinderPreferences,
  type Loosened,
  MOST_BANDS_FOUND,
  type NearestMiss,
  STACKINGS,
  writeForce,
} from '@wiry-otter/core';
import { demandInUnit } from '../../../ui/quantities/figures';
import { NumberInput } from '../../../ui/fields/number-input';
import { WorkbenchStore } from '../workbench/workbench-store';
import { FoundLineView } from './found-line';
import type { FoundLine } from './found-lines';
import { FoundStore } from './found-store';
import { STACKING_WORDS } from './preference-words';
import { TrainerPreferences } from './trainer-preferences';
import type { WishKind } from './wish';
import { Wishes } from './wishes';

/** A small step up from what is done now. */
const HARDER = 0.05;

const WISH_WORDS: Readonly<Record<WishKind, string>> = {
  mean: 'a mean of',
  start: 'a start of',
  end: 'an end of',
  peak: 'a peak of',
  assistMean: 'help of',
  repetitions: 'so many repetitions',
  asMuchAs: 'as much as',
};

/** Says what is wanted, and shows the set-ups of the bag that come nearest; one is taken by a tap. */
@Component({
  selector: 'otter-find-panel',
  imports: [FormsModule, FoundLineView, NumberInput, RouterLink],
  providers: [FoundStore, Wishes],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './find-panel.html',
})
export class FindPanel {
  protected readonly workbench = inject(WorkbenchStore);
  protected readonly wishes = inject(Wishes);
  protected readonly store = inject(FoundStore);
  private readonly trainerPreferences = inject(TrainerPreferences);

  protected readonly wishWords = WISH_WORDS;
  protected readonly preferences = this.trainerPreferences.present;
  protected readonly stackings = STACKINGS;
  protected readonly stackingWords = STACKING_WORDS;
  protected readonly preferenceWords = computed(() => {
    const { closeToSet, measuredFirst, stacking, withoutWarnings } = this.preferences();
    return [
      STACKING_WORDS[stacking],
      ...(measuredFirst ? ['measured first'] : []),
      ...(closeToSet ? ['close to what is set'] : []),
      ...(withoutWarnings ? ['nothing with a warning'] : []),
    ].join(', ');
  });
  protected readonly unitWord = computed(() =>
    this.wishes.kind() === 'assistMean' ? '% of what is needed' : this.workbench.demandWord(),
  );
  /** What comes nearest with each limit loosened, and what loosens it. */
  protected readonly misses = computed(() =>
    (this.store.found()?.misses ?? []).map(({ limit, proposal }) => ({
      limit,
      words: `${this.missWords(limit)}: ${this.figureOf(proposal.value)}`,
      loosening: this.looseningOf(limit),
    })),
  );
  /** The set-up that the next session would use, to go on from. */
  protected readonly inForce = computed(() => this.workbench.inForce());

  /** One band is on, or one on each side. */
  protected readonly isOneOn = computed(() => new Set(this.workbench.set.bandIds()).size === 1);

  protected prefer(part: Partial<FinderPreferences>): void {
    this.trainerPreferences.prefer(part);
    if (this.store.found() !== null) this.find();
  }

  protected loosen(part: Loosened): void {
    this.store.loosened.update((present) => ({ ...present, ...part }));
    this.find();
  }

  /** Asks for a little more than the set-up in force. */
  protected findHarder(): void {
    const mean = this.inForce()?.figures.mean;
    if (mean === undefined) return;
    this.wishes.kind.set('mean');
    this.wishes.wanted.set(Number(this.inUnit(mean * (1 + HARDER))));
    this.find();
  }

  /** What is looked for is said as a wish. */
  protected async findTwoForOne(): Promise<void> {
    const search = this.store.searchTwoForOne();
    const present = this.workbench.solved()?.solved.summary;
    if (present !== undefined) {
      const help = present.assistMean ?? 0;
      this.wishes.kind.set(help > 0 ? 'assistMean' : 'mean');
      this.wishes.wanted.set(help > 0 ? Math.round(100 * help) : Number(this.inUnit(present.mean)));
    }
    await search;
  }

  protected find(): void {
    const target = this.wishes.target();
    if (target === null) this.store.refuse('Say how much: a figure of more than 0.');
    else void this.store.search(target, { loosened: this.store.loosened() });
  }

  /** What it takes to hook into the bands of a line, where somebody hooks in. */
  protected mountingWords({ mounting_N }: FoundLine): string | null {
    if (!this.workbench.exercise()?.bodyweight) return null;
    const pulls = mounting_N.map((pull_N) => writeForce(pull_N, this.workbench.unit()));
    return `hooks in with ${pulls.join(' and ')}`;
  }

  /** Shows a line in the scene as long as it is pointed at. */
  protected point(line: FoundLine | null): void {
    this.workbench.showInScene(line?.solved ?? null);
  }

  protected take(line: FoundLine): void {
    this.workbench.take('found', line.part);
  }

  /** A figure of what was asked for: help in per cent, a load in the unit on show. */
  protected figureOf(value: number): string {
    return this.store.found()?.target.metric === 'assistMean'
      ? `${(100 * value).toFixed(0)} %`
      : `${this.inUnit(value)} ${this.workbench.demandWord()}`;
  }

  protected inUnit(value: number): string {
    const unit = this.workbench.demandUnit();
    const figure = demandInUnit(value, unit, this.workbench.unit());
    return figure.toFixed(unit === 'N' && this.workbench.unit() === 'N' ? 0 : 1);
  }

  private mostBands(): number {
    return this.store.loosened().maxBands ?? MOST_BANDS_FOUND;
  }

  /** What loosens a limit; null where the trainer has to change the place. */
  private looseningOf(limit: NearestMiss['limit']): Loosened | null {
    switch (limit) {
      case 'maxBands':
        return { maxBands: this.mostBands() + 1 };
      case 'slack':
        return { slack: true };
      case 'mount_N':
        return { mount: true };
      case 'anchor_N':
      case 'distance':
        return null;
    }
  }

  private missWords(limit: NearestMiss['limit']): string {
    switch (limit) {
      case 'maxBands':
        return `With ${this.mostBands() + 1} bands at once`;
      case 'slack':
        return 'With bands that are slack for a part of the movement';
      case 'mount_N':
        return 'With more to hook into than the person’s limit';
      case 'anchor_N':
        return 'On an anchor that holds more';
      case 'distance':
        return 'With more room before the anchor';
    }
  }
}
