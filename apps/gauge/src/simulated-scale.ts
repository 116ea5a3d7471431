import { normal, type Random, STANDARD_GRAVITY_M_S2 } from '@wiry-otter/core';

/** The scale's smallest step, kg. */
const RESOLUTION_KG = 0.1;

/** The zero wanders by this much per second (1σ), kg, and no further than this. */
const TARE_WANDER_KG = 0.002;
const GREATEST_TARE_KG = 0.15;

/** A reading is settled when it moves by less than this between two, N. */
const SETTLED_N = 1.5;

/** Some readings get lost on the way, and a few do not succeed. */
const LOST_SHARE = 0.02;
const FAILED_SHARE = 0.005;

/** From full to empty in some 30 hours of streaming. */
const BATTERY_PER_S = 1 / (30 * 3600);

/** What the scale says: a pull, that it could not measure, or nothing. */
export type ScaleReading =
  | { readonly kind: 'pull'; readonly force_N: number; readonly settled: boolean }
  | { readonly kind: 'failed' }
  | { readonly kind: 'lost' };

/** A hanging scale with a step of 0.1 kg, a wandering zero, a battery and a radio that drops out. */
export class SimulatedScale {
  private tare_kg = 0;
  private last_N = 0;
  private battery = 0.87;

  constructor(private readonly random: Random) {}

  /** Share of the battery that is left. */
  get charge(): number {
    return this.battery;
  }

  /** Takes the pull that hangs on it now for zero. */
  zero(): void {
    this.tare_kg = 0;
  }

  read(force_N: number, step_s: number): ScaleReading {
    this.battery = Math.max(0, this.battery - BATTERY_PER_S * step_s);
    const wander = TARE_WANDER_KG * Math.sqrt(step_s) * normal(this.random);
    this.tare_kg = Math.max(-GREATEST_TARE_KG, Math.min(GREATEST_TARE_KG, this.tare_kg + wander));
    const settled = Math.abs(force_N - this.last_N) < SETTLED_N;
    this.last_N = force_N;
    const fate = this.random();
    if (fate < LOST_SHARE) return { kind: 'lost' };
    if (fate < LOST_SHARE + FAILED_SHARE) return { kind: 'failed' };
    const steps = Math.round((force_N / STANDARD_GRAVITY_M_S2 + this.tare_kg) / RESOLUTION_KG);
    return {
      kind: 'pull',
      force_N: Math.max(0, steps) * RESOLUTION_KG * STANDARD_GRAVITY_M_S2,
      settled,
    };
  }
}
