import fc from 'fast-check';
import {
  encodeWeightMeasurement,
  formatScaleLine,
  LineAssembler,
  parseScaleLine,
  parseWeightMeasurement,
  type Plateau,
  PlateauFinder,
  GREATEST_TARE_N,
  STANDARD_GRAVITY_M_S2,
  Tare,
} from '../src/index.js';

const packet = (...bytes: number[]): DataView => new DataView(new Uint8Array(bytes).buffer);

describe('a weight measurement packet', () => {
  it('in kilograms: 2460 steps of 5 g are 12.3 kg', () => {
    const read = parseWeightMeasurement(packet(0x00, 0x9c, 0x09));
    expect(read.ok).toBeTrue();
    if (!read.ok) return;
    expect(read.value.force_N).toBeCloseTo(12.3 * STANDARD_GRAVITY_M_S2, 9);
    expect(read.value.unit).toBe('kg');
    expect(read.value.takenAt).toBeNull();
  });

  it('in pounds: 2712 steps of 0.01 lb are 27.12 lb', () => {
    const read = parseWeightMeasurement(packet(0x01, 0x98, 0x0a));
    expect(read.ok && read.value.force_N).toBeCloseTo(27.12 * 4.4482216152605, 9);
    expect(read.ok && read.value.unit).toBe('lb');
  });

  it('with time stamp, user, body mass index and height', () => {
    const read = parseWeightMeasurement(
      packet(
        0x0e,
        ...[0xb8, 0x0b],
        ...[0xea, 0x07, 11, 23, 17, 36, 5],
        3,
        ...[0xe6, 0x00],
        ...[0xd6, 0x06],
      ),
    );
    expect(read.ok).toBeTrue();
    if (!read.ok) return;
    expect(read.value.force_N).toBeCloseTo(15 * STANDARD_GRAVITY_M_S2, 9);
    expect(read.value.takenAt).toEqual({
      year: 2026,
      month: 11,
      day: 23,
      hours: 17,
      minutes: 36,
      seconds: 5,
    });
    expect(read.value.userId).toBe(3);
    expect(read.value.bodyMassIndex).toBeCloseTo(23, 9);
    expect(read.value.height_m).toBeCloseTo(1.75, 9);
  });

  it('of an unknown user has none', () => {
    const read = parseWeightMeasurement(packet(0x04, 0x9c, 0x09, 0xff));
    expect(read.ok && read.value.userId).toBeNull();
  });

  it('of an unsuccessful measurement carries no pull', () => {
    const read = parseWeightMeasurement(packet(0x00, 0xff, 0xff));
    expect(read.ok && read.value.force_N).toBeNull();
  });

  for (const [words, bytes, expected] of [
    ['empty', [], 'at least 3 bytes'],
    ['cut in the weight', [0x00, 0x9c], 'at least 3 bytes'],
    ['cut in the time stamp', [0x02, 0x9c, 0x09, 0xea, 0x07, 11], '10 bytes by its flags 0x02'],
    ['longer than its flags', [0x00, 0x9c, 0x09, 0x01], '3 bytes by its flags 0x00'],
    ['of reserved flags', [0x90, 0x9c, 0x09], 'flags with their upper four bits 0'],
  ] as const) {
    it(`${words} is a fault that shows its bytes`, () => {
      const read = parseWeightMeasurement(packet(...bytes));
      expect(read.ok).toBeFalse();
      if (read.ok) return;
      expect(read.faults[0]?.expected).toBe(expected);
      expect(read.faults[0]?.found).toContain(`${bytes.length} bytes`);
    });
  }

  it('comes back as it was sent, to the resolution', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1500, noNaN: true }),
        fc.constantFrom('kg' as const, 'lb' as const),
        (force_N, unit) => {
          const bytes = encodeWeightMeasurement(force_N, unit);
          const read = parseWeightMeasurement(new DataView(bytes.buffer));
          expect(read.ok && Math.abs((read.value.force_N ?? NaN) - force_N)).toBeLessThan(0.026);
          expect(read.ok && read.value.unit).toBe(unit);
        },
      ),
    );
  });

  it('is never misread as something else, whatever its bytes', () => {
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 24 }), (bytes) => {
        const read = parseWeightMeasurement(
          new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength),
        );
        if (!read.ok) return;
        expect(read.value.force_N === null || Number.isFinite(read.value.force_N)).toBeTrue();
      }),
    );
  });
});

describe('a weighing scale’s line', () => {
  it('gives pull, state and mode', () => {
    const read = parseScaleLine('ST,GS,+00012.3kg');
    expect(read.ok).toBeTrue();
    if (!read.ok) return;
    expect(read.value.force_N).toBeCloseTo(12.3 * STANDARD_GRAVITY_M_S2, 9);
    expect(read.value.settled).toBeTrue();
    expect(read.value.net).toBeFalse();
  });

  it('may be unsettled, net, in pounds or overloaded', () => {
    const net = parseScaleLine('US,NT,-00000.4lb');
    expect(net.ok && net.value.settled).toBeFalse();
    expect(net.ok && net.value.net).toBeTrue();
    expect(net.ok && net.value.force_N).toBeCloseTo(-0.4 * 4.4482216152605, 9);
    const over = parseScaleLine('OL,GS,+00000.0kg');
    expect(over.ok && over.value.force_N).toBeNull();
  });

  it('that is none is shown in the fault', () => {
    for (const line of ['', 'ST,GS,12', 'ST,GS,+1e9kg', 'ST,GS,+00012.3st', 'x'.repeat(10_000)]) {
      const read = parseScaleLine(line);
      expect(read.ok).withContext(line.slice(0, 20)).toBeFalse();
      expect(!read.ok && (read.faults[0]?.found.length ?? 0)).toBeLessThan(80);
    }
  });

  it('comes back as it was written, to 0.1 kg', () => {
    expect(formatScaleLine(12.34 * STANDARD_GRAVITY_M_S2, true)).toBe('ST,GS,+00012.3kg');
    expect(formatScaleLine(-0.2 * STANDARD_GRAVITY_M_S2, false)).toBe('US,GS,-00000.2kg');
  });

  it('is put together from pieces as they arrive', () => {
    const lines = new LineAssembler();
    expect(lines.push('ST,GS,+000')).toEqual([]);
    expect(lines.push('12.3kg\r\nUS,GS,+00012.4kg\r')).toEqual([
      'ST,GS,+00012.3kg',
      'US,GS,+00012.4kg',
    ]);
    expect(lines.push('\nST,')).toEqual([]);
    expect(lines.push('x'.repeat(500))).toEqual([]);
    expect(lines.push('\nST,GS,+00001.0kg\n')).toEqual(['ST,GS,+00001.0kg']);
  });
});

describe('the plateau in a gauge’s stream', () => {
  /** Values at 10 Hz of a pull over time. */
  function follow(pull: (time_s: number) => number, until_s: number): (Plateau | null)[] {
    const finder = new PlateauFinder();
    return Array.from({ length: Math.round(until_s * 10) }, (_, i) =>
      finder.push({ time_s: i / 10, force_N: pull(i / 10) }),
    );
  }
  const lastOf = (found: (Plateau | null)[]): Plateau | null => found.at(-1) ?? null;

  it('is the held pull, not the peak before it', () => {
    const pull = (t: number): number => (t < 2 ? 45 * t : t < 2.4 ? 96 : 88);
    expect(lastOf(follow(pull, 4.2))?.force_N).toBeCloseTo(88, 9);
  });

  it('is not there while the pull still grows, nor after letting go', () => {
    expect(follow((t) => 20 * t, 5).every((found) => found === null)).toBeTrue();
    expect(lastOf(follow((t) => (t < 3 ? 80 : 0), 5))).toBeNull();
  });

  it('holds through tremor and creep', () => {
    const pull = (t: number): number => 90 + 1.5 * Math.sin(40 * t) - 0.4 * t;
    const found = lastOf(follow(pull, 3));
    expect(found?.force_N).toBeGreaterThan(87);
    expect(found?.force_N).toBeLessThan(91);
  });

  it('does not reach across a gap in the stream', () => {
    const finder = new PlateauFinder();
    for (let i = 0; i <= 15; i++) finder.push({ time_s: i / 10, force_N: 60 });
    expect(finder.push({ time_s: 1.6, force_N: 60 })).not.toBeNull();
    expect(finder.push({ time_s: 2.6, force_N: 60 })).toBeNull();
  });
});

describe('the zero of a gauge', () => {
  const stream = (tare: Tare, forces: readonly number[], from_s = 0): number[] =>
    forces.map((force_N, i) => tare.apply({ time_s: from_s + i / 10, force_N }).force_N);

  it('takes off the middle of the last second, whatever came before', () => {
    const tare = new Tare();
    stream(tare, [150, 150, 150]);
    stream(tare, [3, 3.2, 2.9, 3.1, 3, 3, 12, 3, 3, 3, 3], 1);
    expect(tare.zero()).toEqual({ ok: true, tare_N: 3 });
    expect(stream(tare, [103], 3)).toEqual([100]);
  });

  it('can be taken again without adding up', () => {
    const tare = new Tare();
    stream(tare, Array<number>(12).fill(3));
    tare.zero();
    stream(tare, Array<number>(12).fill(4), 2);
    expect(tare.zero()).toEqual({ ok: true, tare_N: 4 });
    expect(stream(tare, [104], 4)).toEqual([100]);
  });

  it('is refused while something pulls, and before anything has come', () => {
    const tare = new Tare();
    expect(tare.zero()).toEqual({ ok: false, found_N: null });
    const pulled_N = GREATEST_TARE_N + 1;
    stream(tare, [pulled_N, pulled_N]);
    expect(tare.zero()).toEqual({ ok: false, found_N: pulled_N });
    expect(stream(tare, [100], 5)).toEqual([100]);
  });
});
