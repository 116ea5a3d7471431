import {
  LineAssembler,
  parseScaleLine,
  parseWeightMeasurement,
  type Plateau,
  PlateauFinder,
  STANDARD_GRAVITY_M_S2,
  strandForce,
} from '@wiry-otter/core';
import { WebSocket } from 'ws';
import {
  bandInHand,
  type Bridge,
  openBridge,
  seededRandom,
  seedOf,
  SimulatedHand,
  SimulatedScale,
} from '../src/index.js';

const WILLOW = { id: 'willow', kind: 'loop' as const, width_mm: 19, strands: 2 };

/** The plateau that a pull to a stretch and a hold of `hold_s` end in. */
function measured(stretch: number, from = 1, seed = 3): Plateau | null {
  const random = seededRandom(seed);
  const hand = new SimulatedHand(bandInHand(WILLOW), random);
  const scale = new SimulatedScale(random);
  const finder = new PlateauFinder();
  let plateau: Plateau | null = null;
  let time_s = 0;
  const run = (to: number, until_s: number): void => {
    hand.pullTo(to);
    for (; time_s < until_s; time_s += 0.1) {
      const reading = scale.read(hand.advance(0.1), 0.1);
      if (reading.kind === 'pull') plateau = finder.push({ time_s, force_N: reading.force_N });
    }
  };
  if (from > 1) run(from, 8);
  run(stretch, 16);
  return plateau;
}

describe('the simulated hand and scale', () => {
  it('hold a pull that is the band’s own, to a few per cent', () => {
    for (const stretch of [1.4, 1.9, 2.4]) {
      const truth = 2 * strandForce(bandInHand(WILLOW).law, stretch);
      const share = (measured(stretch)?.force_N ?? 0) / truth;
      expect(share).withContext(`×${stretch}`).toBeGreaterThan(0.95);
      expect(share).withContext(`×${stretch}`).toBeLessThan(1.04);
    }
  });

  it('pull less on the way back', () => {
    const up = measured(1.6)?.force_N ?? 0;
    const back = measured(1.6, 2.4)?.force_N ?? 0;
    expect(back).toBeLessThan(0.97 * up);
    expect(back).toBeGreaterThan(0.8 * up);
  });

  it('read in steps of 0.1 kg, with drop-outs, and let a pull go to nothing', () => {
    const random = seededRandom(8);
    const hand = new SimulatedHand(bandInHand(WILLOW), random);
    const scale = new SimulatedScale(random);
    hand.pullTo(2);
    const readings = Array.from({ length: 2000 }, () => scale.read(hand.advance(0.1), 0.1));
    const kinds = new Set(readings.map(({ kind }) => kind));
    expect([...kinds].sort()).toEqual(['failed', 'lost', 'pull']);
    for (const reading of readings) {
      if (reading.kind !== 'pull') continue;
      const steps = reading.force_N / STANDARD_GRAVITY_M_S2 / 0.1;
      expect(Math.abs(steps - Math.round(steps))).toBeLessThan(1e-6);
    }
    expect(scale.charge).toBeLessThan(0.87);
    hand.release();
    for (let i = 0; i < 60; i++) hand.advance(0.1);
    expect(hand.advance(0.1)).toBe(0);
  });

  it('know a band again, and no two alike', () => {
    expect(bandInHand(WILLOW)).toEqual(bandInHand(WILLOW));
    expect(bandInHand({ ...WILLOW, id: 'reed' }).law).not.toEqual(bandInHand(WILLOW).law);
    expect(seedOf('willow')).not.toBe(seedOf('wollow'));
  });
});

describe('a seed', () => {
  it('begins far from its neighbours, and the same each time', () => {
    const firsts = Array.from({ length: 200 }, (_, seed) => seededRandom(seed)());
    const mean = firsts.reduce((sum, value) => sum + value, 0) / firsts.length;
    expect(mean).toBeGreaterThan(0.4);
    expect(mean).toBeLessThan(0.6);
    expect(seededRandom(7)()).toBe(firsts[7] ?? NaN);
  });
});

describe('the bridge', () => {
  let bridge: Bridge;
  beforeEach(async () => {
    bridge = await openBridge({ port: 0, seed: 5 });
  });
  afterEach(() => bridge.close());

  /** Connects, tells the hand to hold a band at ×1.8, and takes messages until `enough`. */
  function listen(path: string, take: (data: Buffer, isBinary: boolean) => boolean): Promise<void> {
    return new Promise((resolve, reject) => {
      const socket = new WebSocket(`${bridge.url}${path}`);
      socket.on('error', reject);
      socket.on('open', () => {
        socket.send(JSON.stringify({ hand: 'take', band: WILLOW }));
        socket.send(JSON.stringify({ hand: 'pull', stretch: 1.8 }));
      });
      socket.on('message', (data: Buffer, isBinary) => {
        if (!take(data, isBinary)) return;
        socket.close();
        resolve();
      });
    });
  }

  it('sends packets of the Weight Scale Service with time stamps', async () => {
    const forces: number[] = [];
    await listen('/weight-scale', (data, isBinary) => {
      if (!isBinary) return false;
      const view = new DataView(data.buffer, data.byteOffset, data.byteLength);
      const read = parseWeightMeasurement(view);
      if (!read.ok) throw new Error(read.faults[0]?.found);
      expect(read.value.takenAt?.year).toBe(new Date().getFullYear());
      if (read.value.force_N !== null) forces.push(read.value.force_N);
      return forces.length === 12;
    });
    expect(Math.max(...forces)).toBeGreaterThan(20);
  });

  it('sends lines of the weighing scale’s protocol', async () => {
    const lines = new LineAssembler();
    const states: boolean[] = [];
    await listen('/scale-line', (data) => {
      for (const line of lines.push(data.toString())) {
        const read = parseScaleLine(line);
        if (read.ok) states.push(read.value.settled);
      }
      return states.length >= 6;
    });
    expect(states.length).toBeGreaterThanOrEqual(6);
  });

  it('says what it expected of a command it does not know', async () => {
    const said = await new Promise<string>((resolve, reject) => {
      const socket = new WebSocket(`${bridge.url}/scale-line`);
      socket.on('error', reject);
      socket.on('open', () => socket.send('{"hand":"wave"}'));
      socket.on('message', (data: Buffer) => {
        if (!data.toString().includes('refused')) return;
        socket.close();
        resolve(data.toString());
      });
    });
    expect(said).toContain('expected take, pull, release or zero');
  });

  it('lets no page of another origin in, and has no other path', async () => {
    const refused = (path: string, origin: string): Promise<string> =>
      new Promise((resolve) => {
        const socket = new WebSocket(`${bridge.url}${path}`, { origin });
        socket.on('error', (error) => resolve(error.message));
        socket.on('open', () => {
          socket.close();
          resolve('open');
        });
      });
    expect(await refused('/weight-scale', 'https://elsewhere.example')).toContain('401');
    expect(await refused('/anything', 'http://127.0.0.1:4400')).toContain('401');
    expect(await refused('/weight-scale', 'http://127.0.0.1:4400')).toBe('open');
  });
});
