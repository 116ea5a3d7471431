import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import {
  type ForceUnit,
  type HelpAt,
  isHold,
  type TautWay,
  writeLength,
  type LengthUnit,
} from '@wiry-otter/core';
import type { ExerciseDocument } from '@wiry-otter/contracts';
import { demandQuantity, withLengthsIn } from '../../ui/quantities/figures';
import type { RouteOfExercise } from '../setups/workbench/routes';
import type { HangDetails, HangView } from './hang-views';
import { HelpCurve } from './help-curve';
import { liftWords, mountingWords, type PointNames, shareWords } from './skill-words';

/** More of a band than this is not taken up, cm. */
const MOST_TAKEN_UP_CM = 60;

/** One place where the help hangs: over the movement, in figures, and what is to be minded. */
@Component({
  selector: 'otter-hang-panel',
  imports: [HelpCurve],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: {
    class: 'block min-w-0 border-[1.5px] bg-sheet p-2 [contain:content]',
    '[class]': 'edge()',
  },
  template: `
    <button
      type="button"
      class="block w-full text-left"
      [attr.aria-pressed]="view().isSet"
      (click)="taken.emit()"
    >
      <span class="flex items-baseline justify-between gap-2">
        <span class="font-bold">{{ view().place.where }}</span>
        <span class="text-xs text-faint">{{ view().isSet ? 'chosen' : 'choose' }}</span>
      </span>
      <otter-help-curve class="my-1 block" [help]="view().help" />
      <span class="block text-xs text-faint"
        >{{ addsLoad() ? 'added load' : 'help' }}, {{ unitWord() }}</span
      >
      <span class="flex justify-between gap-1">
        @for (point of points(); track point.words) {
          <span class="min-w-0 leading-tight">
            <span class="block text-xs text-faint">{{ point.words }}</span>
            <span
              class="figure block text-sm font-bold whitespace-nowrap"
              [class.text-help]="!addsLoad()"
              [class.text-pull]="addsLoad()"
              >{{ point.amount }}</span
            >
            <span class="figure block text-xs text-faint">{{ point.share }}</span>
          </span>
        }
      </span>
    </button>
    @if (view().help.overLimit.length > 0) {
      <p class="mt-1 text-sm font-semibold text-stop" role="status">
        ✕ stretched past its limit: too short for this
      </p>
    } @else if (lifted(); as words) {
      <p class="mt-1 text-sm font-semibold text-stop" role="status">✕ {{ words }}</p>
      <p class="text-xs">{{ easeWords() }}</p>
    }
    @if (slack(); as slack) {
      <p class="mt-1 text-sm text-caution">△ {{ slack.words }}</p>
      @if (slack.takeUp_m; as more_m) {
        <button class="action-quiet text-sm" type="button" (click)="takenUp.emit(more_m)">
          Take it up
        </button>
      }
      @for (cure of slack.cures; track cure.words) {
        <button class="action-quiet text-sm" type="button" (click)="tautened.emit(cure.way)">
          {{ cure.words }}
        </button>
      }
    }
    <p
      class="mt-1 text-xs"
      [class.text-caution]="mounting().isOver"
      [class.font-semibold]="mounting().isOver"
    >
      {{ mounting().isOver ? '△ ' : '' }}{{ mounting().words }}
    </p>
    @if (hipWords(); as words) {
      <p class="text-xs text-faint">{{ words }}</p>
    }
    @if (view().routes.length > 1) {
      <label class="mt-1 block text-xs text-faint"
        >Hung
        <select
          #route
          class="min-h-8! w-full py-0! text-xs"
          [value]="view().route.id"
          (change)="routed.emit(route.value)"
        >
          @for (one of view().routes; track one.id) {
            <option [value]="one.id" [selected]="one.id === view().route.id">
              {{ hungWords(one) }}
            </option>
          }
        </select></label
      >
    } @else {
      <p class="mt-1 text-xs text-faint">{{ hungWords(view().route) }}</p>
    }
  `,
})
export class HangPanel {
  readonly view = input.required<HangView>();
  readonly details = input<HangDetails>();
  readonly exercise = input.required<ExerciseDocument>();
  readonly names = input.required<PointNames>();
  readonly unit = input.required<ForceUnit>();
  readonly lengthUnit = input.required<LengthUnit>();
  /** What the person is called. */
  readonly name = input.required<string>();
  readonly mountLimit_N = input.required<number>();
  readonly taken = output();
  readonly routed = output<string>();
  readonly tautened = output<TautWay>();
  /** How much more of the band is to be taken up, m. */
  readonly takenUp = output<number>();

  protected readonly edge = computed(() => (this.view().isSet ? 'border-ink' : 'border-hairline'));
  /** Beyond the bare exercise a band adds to what is needed. */
  protected readonly addsLoad = computed(() => this.view().help.middle.help < 0);
  protected readonly unitWord = computed(
    () => demandQuantity(0, null, this.view().help.unit, this.unit()).unit,
  );
  protected readonly points = computed(() => {
    const { end, least, middle, most, start, unit } = this.view().help;
    const sign = this.addsLoad() ? -1 : 1;
    const told = (words: string, { help, share }: HelpAt) => ({
      words,
      amount: demandQuantity(sign * help, null, unit, this.unit()).figure,
      share: shareWords(share === null ? null : sign * share),
    });
    // A hold is the same all through.
    if (isHold(this.exercise())) return [told('all through', middle)];
    const { end: top, middle: half, start: bottom } = this.names();
    const ends = [told(bottom, start), told(half, middle), told(top, end)];
    const isInner = (point: HelpAt): boolean =>
      point !== start && point !== end && point !== middle;
    return [
      ...ends,
      ...(isInner(most) && most.help > 1.02 * Math.max(start.help, middle.help, end.help)
        ? [told('most', most)]
        : []),
      ...(isInner(least) && least.help < 0.98 * Math.min(start.help, middle.help, end.help)
        ? [told('least', least)]
        : []),
    ];
  });
  protected readonly lifted = computed(() => {
    const { lifts, unit } = this.view().help;
    return lifts === null ? null : liftWords(lifts, unit, this.name(), this.unit());
  });
  protected readonly easeWords = computed(() => {
    const isAside = (this.exercise().anchor?.side ?? 'ahead') !== 'over';
    const nearer = isAside ? ', move nearer the anchor' : '';
    return `Take a slimmer band${nearer}, or hang it where it pulls less.`;
  });
  protected readonly mounting = computed(() =>
    mountingWords(this.view().help, this.mountLimit_N(), this.unit()),
  );
  /** How a band hangs on a route, where it ends being known; in full where two begin alike. */
  protected hungWords({ title }: RouteOfExercise): string {
    const [how = title] = title.split(', ');
    const isOnly = this.view().routes.filter((other) => other.title.startsWith(how)).length < 2;
    return withLengthsIn(this.lengthUnit(), isOnly ? how : title);
  }

  protected readonly hipWords = computed(() => {
    const hip = this.details()?.hip;
    if (hip === undefined) return null;
    return `at the hip ${hip.without.toFixed(0)} → ${hip.with.toFixed(0)} N·m`;
  });
  protected readonly slack = computed(() => {
    const slackness = this.details()?.slackness;
    if (slackness === undefined) return null;
    const { folded, shorter_m, turned } = slackness;
    // A whole centimetre beyond the brink.
    const centimetres = Math.floor(100 * shorter_m) + 1;
    const canBeTakenUp = centimetres <= MOST_TAKEN_UP_CM;
    const isCurable = canBeTakenUp || turned !== null || folded !== null;
    const where = isHold(this.exercise()) ? 'Slack' : `Slack at the ${this.names().start}`;
    return {
      takeUp_m: canBeTakenUp ? centimetres / 100 : null,
      words: `${where}: it must hang ${writeLength(centimetres / 100, this.lengthUnit())} shorter.${isCurable ? '' : ' Take a shorter band.'}`,
      cures: [
        ...(turned === null ? [] : [{ words: turnWords(turned.turns), way: turned }]),
        ...(folded === null
          ? []
          : [
              {
                words:
                  folded.turns === 0 ? 'Fold it over' : `Fold it over, ${turnWords(folded.turns)}`,
                way: folded,
              },
            ]),
      ],
    };
  });
}

function turnWords(turns: number): string {
  return turns === 1 ? 'one turn more' : `${turns} turns`;
}
