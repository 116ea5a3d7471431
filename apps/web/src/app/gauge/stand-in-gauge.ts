import { type BandKind, parseWeightMeasurement, type Zeroing } from '@wiry-otter/core';
import * as z from 'zod';
import { GaugeLine, type GaugePort, reconnectDelay } from './gauge-port';

/** What the simulated hand is told of the band it holds. */
export interface HandBand {
  readonly id: string;
  readonly kind: BandKind;
  readonly width_mm: number;
  readonly strands: number;
}

const notice = z.object({ battery: z.number().min(0).max(1) });

/**
 * The simulated hanging scale: packets of the Weight Scale Service over a
 * WebSocket on loopback. It can be told to pull, as no real scale can.
 */
export class StandInGauge implements GaugePort {
  readonly kind = 'standIn';
  readonly name = 'Simulated scale';
  private readonly line = new GaugeLine();
  readonly status = this.line.status.asReadonly();
  readonly battery = this.line.battery.asReadonly();
  readonly values = this.line.values.asObservable();

  private socket: WebSocket | undefined;
  private attempts = 0;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private band: HandBand | undefined;
  private stretch = 1;

  constructor(private readonly url: string) {}

  connect(): Promise<void> {
    this.line.status.set('connecting');
    return new Promise((resolve, reject) => {
      this.open(resolve, () => reject(new Error('The simulated scale does not answer.')));
    });
  }

  disconnect(): void {
    clearTimeout(this.timer);
    this.line.status.set('off');
    this.socket?.close();
    this.socket = undefined;
  }

  zero(): Zeroing {
    return this.line.zero();
  }

  /** Puts a band into the simulated hand, unless it is there already. */
  hold(band: HandBand): void {
    if (this.band?.id === band.id && this.band.strands === band.strands) return;
    this.band = band;
    this.stretch = 1;
    this.tell({ hand: 'take', band });
  }

  /** Pulls to a stretch ratio and holds there. */
  pullTo(stretch: number): void {
    this.stretch = stretch;
    this.tell({ hand: 'pull', stretch });
  }

  release(): void {
    this.stretch = 1;
    this.tell({ hand: 'release' });
  }

  private open(opened?: () => void, failed?: () => void): void {
    const socket = new WebSocket(`${this.url}/weight-scale`);
    socket.binaryType = 'arraybuffer';
    this.socket = socket;
    socket.onopen = () => {
      this.attempts = 0;
      this.line.status.set('on');
      // The hand on the other side is a new one after a lost connection.
      if (this.band !== undefined) this.tell({ hand: 'take', band: this.band });
      if (this.stretch > 1) this.tell({ hand: 'pull', stretch: this.stretch });
      opened?.();
    };
    socket.onmessage = ({ data }: MessageEvent<ArrayBuffer | string>) => this.received(data);
    socket.onclose = () => {
      if (this.socket !== socket) return;
      if (this.line.status() === 'connecting') {
        this.disconnect();
        failed?.();
      } else {
        this.line.status.set('lost');
        this.timer = setTimeout(() => this.open(), reconnectDelay(this.attempts++));
      }
    };
  }

  private received(data: ArrayBuffer | string): void {
    if (typeof data === 'string') {
      const told = notice.safeParse(readJson(data));
      if (told.success) this.line.battery.set(told.data.battery);
      return;
    }
    const read = parseWeightMeasurement(new DataView(data));
    if (read.ok) this.line.arrived(read.value.force_N);
  }

  private tell(command: object): void {
    if (this.socket?.readyState === WebSocket.OPEN) this.socket.send(JSON.stringify(command));
  }
}

function readJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}
