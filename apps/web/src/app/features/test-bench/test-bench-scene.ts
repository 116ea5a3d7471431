import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { BandToday } from '@wiry-otter/contracts';
import {
  HIGH_STRETCH,
  type Rigged,
  type Rigging,
  fromMetres,
  INCH_M,
  type LengthUnit,
  writeLength,
} from '@wiry-otter/core';
import type { Quantity } from '../../ui/quantities/figures';
import { Ribbon } from '../../ui/ribbons/ribbon';

/** Drawing, px. */
const WIDTH = 720;
const LEFT = 40;
const RIGHT = 640;
const AXIS = 92;

/** Steps of the ruler, under a long band and under a shorter one, m. */
const STEPS_M = { cm: [0.5, 0.1], in: [20 * INCH_M, 4 * INCH_M] } as const;

/**
 * The band as it is rigged, to scale along its length: fixed end, ribbon with
 * spreading ticks, fittings, hook, and the pull where it acts. Under it a ruler
 * with rest, the length asked for and the limit.
 */
@Component({
  selector: 'otter-test-bench-scene',
  imports: [Ribbon],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './test-bench-scene.html',
})
export class TestBenchScene {
  readonly band = input.required<BandToday>();
  readonly rigging = input.required<Rigging>();
  readonly rigged = input.required<Rigged>();
  /** Stretch ratio asked for; drawn at rest where null. */
  readonly stretch = input.required<number | null>();
  readonly live = input.required<Quantity | null>();
  readonly lengthUnit = input.required<LengthUnit>();
  /** The pull is held: the reading may be taken. */
  readonly held = input.required<boolean>();

  protected readonly width = WIDTH;
  protected readonly left = LEFT;
  protected readonly axis = AXIS;

  private readonly longest_m = computed(() => this.band().limit * this.rigged().rest_m);
  private readonly px = computed(() => (RIGHT - LEFT) / (this.longest_m() + this.rigged().dead_m));
  protected readonly drawn = computed(() => {
    const stretch = Math.max(1, this.stretch() ?? 1);
    const { rest_m, dead_m } = this.rigged();
    const scale = this.px();
    const elastic = Math.min(stretch, this.band().limit * 1.15) * rest_m * scale;
    return {
      elastic,
      dead: dead_m * scale,
      hook: LEFT + elastic + dead_m * scale,
      ribbon: Math.max(6, Math.min(40, this.band().width_mm * 0.45)),
      high: stretch > HIGH_STRETCH,
      beyond: stretch > this.band().limit * (1 + 1e-9),
    };
  });
  /** The pull is written over the hook, inside the picture. */
  protected readonly quantityX = computed(() => Math.min(this.drawn().hook + 30, WIDTH - 40));
  protected readonly marks = computed(() => {
    const { rest_m, dead_m } = this.rigged();
    const at = (stretch: number) => LEFT + (stretch * rest_m + dead_m) * this.px();
    const words = (stretch: number) => writeLength(stretch * rest_m + dead_m, this.lengthUnit());
    return [
      { x: at(1), words: words(1), name: 'rest', tone: 'var(--faint)' },
      {
        x: at(this.band().limit),
        words: words(this.band().limit),
        name: `limit ×${this.band().limit.toFixed(2)}`,
        tone: 'var(--stop)',
      },
    ];
  });
  protected readonly ruler = computed(() => {
    const unit = this.lengthUnit();
    const [wide_m, fine_m] = STEPS_M[unit];
    const isWide = this.longest_m() > 2;
    const step_m = isWide ? wide_m : fine_m;
    const count = Math.floor((this.longest_m() + this.rigged().dead_m) / step_m + 1e-9);
    return Array.from({ length: count + 1 }, (_, i) => ({
      x: LEFT + i * step_m * this.px(),
      words: i % 2 === 0 || isWide ? fromMetres(i * step_m, unit).toFixed(0) : '',
    }));
  });
  protected readonly label = computed(() => {
    const stretch = this.stretch();
    return `${this.band().name}, ${stretch === null ? 'at rest' : `pulled to ×${stretch.toFixed(2)}`}`;
  });
}
