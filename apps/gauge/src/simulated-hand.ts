import {
  normal,
  type Random,
  shorteningForce,
  strandForce,
  type StrandLaw,
} from '@wiry-otter/core';

/** The band in the simulated hand, as it is rigged. */
export interface HeldBand {
  readonly law: StrandLaw;
  readonly strands: number;
  readonly loss: number;
}

/** How fast the hand moves, stretch ratios per second. */
const PULLING_SPEED = 0.45;

/** A hand trembles at some 8 Hz and sways slowly; both as shares of the stretch beyond rest. */
const TREMOR = { hertz: 8.3, share: 0.004 } as const;
const SWAY = { hertz: 0.35, share: 0.006 } as const;

/** Rubber held at one length relaxes by this share of its pull with each e-fold of seconds. */
const CREEP_SHARE = 0.004;

/** Scatter of the pull itself (1σ). */
const NOISE_SHARE = 0.004;

/**
 * A person pulling a band slowly to a length, holding it, and letting it back:
 * with tremor, creep and the smaller pull of rubber on its way back.
 */
export class SimulatedHand {
  private stretch = 1;
  private target = 1;
  private longest = 1;
  private heldSince_s = 0;
  private shortening = false;
  private time_s = 0;

  constructor(
    private readonly band: HeldBand,
    private readonly random: Random,
  ) {}

  /** Moves towards a stretch ratio and holds there. */
  pullTo(stretch: number): void {
    this.target = Math.max(1, stretch);
    this.shortening = this.target < this.stretch;
  }

  /** Lets the band back to rest. */
  release(): void {
    this.pullTo(1);
  }

  /** Pull at the hook after another `step_s` seconds, N. */
  advance(step_s: number): number {
    this.time_s += step_s;
    const way = this.target - this.stretch;
    const move = Math.min(Math.abs(way), PULLING_SPEED * step_s);
    if (move > 0) this.heldSince_s = this.time_s;
    this.stretch += Math.sign(way) * move;
    if (this.stretch <= 1) {
      this.longest = 1;
      return 0;
    }
    this.longest = Math.max(this.longest, this.stretch);
    const held_s = this.time_s - this.heldSince_s;
    const creep = 1 - CREEP_SHARE * Math.log1p(held_s);
    return this.pullOfBand() * creep * (1 + NOISE_SHARE * normal(this.random));
  }

  private pullOfBand(): number {
    const { law, strands, loss } = this.band;
    const wave = (hertz: number): number => Math.sin(2 * Math.PI * hertz * this.time_s);
    const unrest = TREMOR.share * wave(TREMOR.hertz) + SWAY.share * wave(SWAY.hertz);
    const stretch = Math.min(this.longest, 1 + (this.stretch - 1) * (1 + unrest));
    const strand_N = this.shortening
      ? shorteningForce(law, stretch, loss, this.longest)
      : strandForce(law, stretch);
    return strands * strand_N;
  }
}
