import { STANDARD_GRAVITY_M_S2 } from '@wiry-otter/core';
import { BluetoothGauge } from './bluetooth-gauge';
import type { GaugePort } from './gauge-port';
import { SerialGauge } from './serial-gauge';

/** Pulls in kilograms, as they arrive from a gauge. */
function kilograms(gauge: GaugePort): number[] {
  const seen: number[] = [];
  gauge.values.subscribe(({ force_N }) =>
    seen.push(Number((force_N / STANDARD_GRAVITY_M_S2).toFixed(3))),
  );
  return seen;
}

/** Lets promises that are already kept run on. */
async function settle(): Promise<void> {
  for (let i = 0; i < 20; i++) await Promise.resolve();
}

/** Bytes recorded from a hanging scale: 12.3 kg, an unsuccessful measurement, 12.4 kg with a time stamp. */
const PACKETS = [
  [0x00, 0x9c, 0x09],
  [0x00, 0xff, 0xff],
  [0x02, 0xb0, 0x09, 0xea, 0x07, 11, 23, 17, 36, 5],
];

/** A scale of the outside world: as much of it as the browser would hand us. */
class ScaleStandIn extends EventTarget {
  readonly characteristic = Object.assign(new EventTarget(), {
    value: undefined as DataView | undefined,
    startNotifications: () => Promise.resolve(),
  });
  readonly name = 'Hook 40';
  connections = 0;
  readonly gatt = {
    connect: () => {
      this.connections++;
      return Promise.resolve({
        getPrimaryService: (service: number | string) =>
          service === 0x181d
            ? Promise.resolve({ getCharacteristic: () => Promise.resolve(this.characteristic) })
            : Promise.reject(new Error('no battery service')),
      });
    },
    disconnect: () => undefined,
  };

  send(bytes: readonly number[]): void {
    this.characteristic.value = new DataView(new Uint8Array(bytes).buffer);
    this.characteristic.dispatchEvent(new Event('characteristicvaluechanged'));
  }
}

describe('a Bluetooth scale', () => {
  const open = (scale: ScaleStandIn) =>
    new BluetoothGauge({
      requestDevice: () => Promise.resolve(scale as unknown as BluetoothDevice),
    });

  it('gives the pulls of its packets and leaves out what did not succeed', async () => {
    const scale = new ScaleStandIn();
    const gauge = open(scale);
    const seen = kilograms(gauge);
    await gauge.connect();
    expect(gauge.status()).toBe('on');
    expect(gauge.name).toBe('Hook 40');
    expect(gauge.battery()).toBeNull();
    for (const packet of PACKETS) scale.send(packet);
    scale.send([0x02, 0x9c]);
    expect(seen).toEqual([12.3, 12.4]);
  });

  it('begins from zero with the band hanging on it', async () => {
    const scale = new ScaleStandIn();
    const gauge = open(scale);
    expect(gauge.zero()).toEqual({ ok: false, found_N: null });
    const seen = kilograms(gauge);
    await gauge.connect();
    // 0.4 kg of band and clips, then 12.3 kg.
    scale.send([0x00, 0x50, 0x00]);
    expect(gauge.zero().ok).toBeTrue();
    scale.send([0x00, 0x9c, 0x09]);
    expect(seen).toEqual([0.4, 11.9]);
  });

  it('is looked for again after it was lost', async () => {
    jasmine.clock().install();
    try {
      const scale = new ScaleStandIn();
      const gauge = open(scale);
      await gauge.connect();
      scale.dispatchEvent(new Event('gattserverdisconnected'));
      expect(gauge.status()).toBe('lost');
      jasmine.clock().tick(400);
      await settle();
      expect(scale.connections).toBe(2);
      expect(gauge.status()).toBe('on');
    } finally {
      jasmine.clock().uninstall();
    }
  });

  it('is off, and says why, when the person chose none', async () => {
    const gauge = new BluetoothGauge({
      requestDevice: () => Promise.reject(new Error('User cancelled the chooser.')),
    });
    await expectAsync(gauge.connect()).toBeRejectedWithError(/cancelled/);
    expect(gauge.status()).toBe('off');
  });
});

describe('a scale on a serial line', () => {
  it('gives the pulls of its lines, however they are cut, and reads past noise', async () => {
    const pieces = [
      'ST,GS,+00012.3kg\r\nUS,GS,+000',
      '12.6kg\r\nOL,GS,+00000.0kg\r\n',
      '??\r\nST,NT,+00001.0lb\r\n',
    ];
    const readable = new ReadableStream<Uint8Array>({
      start(controller) {
        for (const piece of pieces) controller.enqueue(new TextEncoder().encode(piece));
      },
    });
    const port = { open: () => Promise.resolve(), close: () => Promise.resolve(), readable };
    const gauge = new SerialGauge({
      requestPort: () => Promise.resolve(port as unknown as SerialPort),
    });
    const seen = kilograms(gauge);
    const three = new Promise<void>((resolve) => {
      gauge.values.subscribe(() => {
        if (seen.length === 3) resolve();
      });
    });
    await gauge.connect();
    await three;
    expect(seen).toEqual([12.3, 12.6, 0.454]);
    gauge.disconnect();
    expect(gauge.status()).toBe('off');
  });
});
