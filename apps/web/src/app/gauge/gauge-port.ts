import { type Signal, signal } from '@angular/core';
import type { GaugeName } from '@wiry-otter/contracts';
import { type GaugeValue, Tare, type Zeroing } from '@wiry-otter/core';
import { type Observable, Subject } from 'rxjs';

/** `lost`: it was connected, and is being looked for again. */
export type GaugeStatus = 'off' | 'connecting' | 'on' | 'lost';

/** A hanging scale that sends its pull as it changes: simulated, by Bluetooth or by a serial line. */
export interface GaugePort {
  readonly kind: GaugeName['kind'];
  readonly name: string;
  readonly status: Signal<GaugeStatus>;
  /** Share of the battery left; null where the scale does not say. */
  readonly battery: Signal<number | null>;
  /** Pulls as they arrive; a dropped connection leaves a gap, not an end. */
  readonly values: Observable<GaugeValue>;
  /** Rejects when the person chose no device or it could not be reached. */
  connect(): Promise<void>;
  disconnect(): void;
  /** Takes what hangs on the hook now as nothing. */
  zero(): Zeroing;
}

/** What every gauge has in common: its status, its battery and the stream of its pulls. */
export class GaugeLine {
  readonly status = signal<GaugeStatus>('off');
  readonly battery = signal<number | null>(null);
  readonly values = new Subject<GaugeValue>();
  private readonly tare = new Tare();

  /** A pull that has just arrived, N; readings that did not succeed are left out. */
  arrived(force_N: number | null): void {
    if (force_N === null) return;
    this.values.next(this.tare.apply({ time_s: performance.now() / 1000, force_N }));
  }

  zero(): Zeroing {
    return this.tare.zero();
  }
}

/** Waits between attempts to find a lost gauge again, ms; the last one holds on. */
export const RECONNECT_MS = [300, 700, 1500, 3000] as const;

export function reconnectDelay(attempt: number): number {
  return RECONNECT_MS[Math.min(attempt, RECONNECT_MS.length - 1)] ?? 3000;
}
