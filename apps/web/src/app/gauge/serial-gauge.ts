import { LineAssembler, parseScaleLine, type Zeroing } from '@wiry-otter/core';
import { GaugeLine, type GaugePort } from './gauge-port';

/** Weighing scales speak 9600 baud, 8 data bits, no parity, 1 stop bit unless told otherwise. */
const BAUD_RATE = 9600;

/** A weighing scale on a serial line, through the browser's Web Serial. */
export class SerialGauge implements GaugePort {
  readonly kind = 'serial';
  readonly name = 'Scale on a serial line';
  private readonly line = new GaugeLine();
  readonly status = this.line.status.asReadonly();
  readonly battery = this.line.battery.asReadonly();
  readonly values = this.line.values.asObservable();

  private port: SerialPort | undefined;
  private reader: ReadableStreamDefaultReader<Uint8Array> | undefined;

  constructor(private readonly serial: Pick<Serial, 'requestPort'>) {}

  async connect(): Promise<void> {
    this.line.status.set('connecting');
    try {
      this.port = await this.serial.requestPort();
      await this.port.open({ baudRate: BAUD_RATE });
      this.line.status.set('on');
      void this.read(this.port);
    } catch (error) {
      this.disconnect();
      throw error;
    }
  }

  disconnect(): void {
    this.line.status.set('off');
    const { port, reader } = this;
    this.port = undefined;
    this.reader = undefined;
    void reader?.cancel().then(() => port?.close());
  }

  zero(): Zeroing {
    return this.line.zero();
  }

  /** Reads until the port is closed or pulled out; a framing error is read past. */
  private async read(port: SerialPort): Promise<void> {
    const decoder = new TextDecoder();
    const lines = new LineAssembler();
    while (this.port === port && port.readable !== null) {
      const reader = port.readable.getReader();
      this.reader = reader;
      try {
        for (;;) {
          const { value, done } = await reader.read();
          if (done) break;
          for (const text of lines.push(decoder.decode(value, { stream: true }))) {
            const read = parseScaleLine(text);
            if (read.ok) this.line.arrived(read.value.force_N);
          }
        }
      } catch {
        // The stream is broken; the port hands out a new one, or none where it was pulled out.
      } finally {
        reader.releaseLock();
      }
      if (this.port === port && port.readable !== null) continue;
    }
    if (this.port === port) this.line.status.set('lost');
  }
}
