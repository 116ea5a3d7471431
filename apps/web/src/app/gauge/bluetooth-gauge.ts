import {
  parseWeightMeasurement,
  WEIGHT_MEASUREMENT,
  WEIGHT_SCALE_SERVICE,
  type Zeroing,
} from '@wiry-otter/core';
import { GaugeLine, type GaugePort, reconnectDelay } from './gauge-port';

const BATTERY_SERVICE = 'battery_service';
const BATTERY_LEVEL = 'battery_level';

/** A scale with the Weight Scale Service, through the browser's Web Bluetooth. */
export class BluetoothGauge implements GaugePort {
  readonly kind = 'bluetooth';
  private readonly line = new GaugeLine();
  readonly status = this.line.status.asReadonly();
  readonly battery = this.line.battery.asReadonly();
  readonly values = this.line.values.asObservable();

  private device: BluetoothDevice | undefined;
  private attempts = 0;
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor(private readonly bluetooth: Pick<Bluetooth, 'requestDevice'>) {}

  get name(): string {
    return this.device?.name ?? 'Bluetooth scale';
  }

  async connect(): Promise<void> {
    this.line.status.set('connecting');
    try {
      this.device = await this.bluetooth.requestDevice({
        filters: [{ services: [WEIGHT_SCALE_SERVICE] }],
        optionalServices: [BATTERY_SERVICE],
      });
      this.device.addEventListener('gattserverdisconnected', this.lost);
      await this.listen();
    } catch (error) {
      this.disconnect();
      throw error;
    }
  }

  disconnect(): void {
    clearTimeout(this.timer);
    this.line.status.set('off');
    this.device?.removeEventListener('gattserverdisconnected', this.lost);
    this.device?.gatt?.disconnect();
    this.device = undefined;
  }

  zero(): Zeroing {
    return this.line.zero();
  }

  private readonly lost = (): void => {
    if (this.device === undefined) return;
    this.line.status.set('lost');
    this.timer = setTimeout(() => {
      this.listen().catch(this.lost);
    }, reconnectDelay(this.attempts++));
  };

  private async listen(): Promise<void> {
    const server = await this.device?.gatt?.connect();
    if (server === undefined) throw new Error('The scale cannot be reached.');
    const service = await server.getPrimaryService(WEIGHT_SCALE_SERVICE);
    const characteristic = await service.getCharacteristic(WEIGHT_MEASUREMENT);
    characteristic.addEventListener('characteristicvaluechanged', () => {
      if (characteristic.value === undefined) return;
      const read = parseWeightMeasurement(characteristic.value);
      if (read.ok) this.line.arrived(read.value.force_N);
    });
    await characteristic.startNotifications();
    this.attempts = 0;
    this.line.status.set('on');
    await this.readBattery(server);
  }

  /** Many scales have no battery service; then the battery is simply not told. */
  private async readBattery(server: BluetoothRemoteGATTServer): Promise<void> {
    try {
      const service = await server.getPrimaryService(BATTERY_SERVICE);
      const level = await (await service.getCharacteristic(BATTERY_LEVEL)).readValue();
      this.line.battery.set(level.getUint8(0) / 100);
    } catch {
      this.line.battery.set(null);
    }
  }
}
