import { type Fault, fail, type Result, succeed } from '../faults.js';
import { POUND_FORCE_N, STANDARD_GRAVITY_M_S2 } from '../units/units.js';

/**
 * The Weight Measurement characteristic of the Bluetooth SIG's Weight Scale
 * Service (service 0x181D, characteristic 0x2A9D): flags, weight, then what the
 * flags promise, little-endian.
 */
export interface WeightMeasurement {
  /** Pull that the weight stands for, N; null where the scale says the measurement was unsuccessful. */
  readonly force_N: number | null;
  readonly unit: 'kg' | 'lb';
  readonly takenAt: TimeStamp | null;
  /** 0 … 254; null where the scale names no user. */
  readonly userId: number | null;
  readonly bodyMassIndex: number | null;
  readonly height_m: number | null;
}

/** A scale's own clock, without a zone; a field the scale does not know is 0. */
export interface TimeStamp {
  readonly year: number;
  readonly month: number;
  readonly day: number;
  readonly hours: number;
  readonly minutes: number;
  readonly seconds: number;
}

export const WEIGHT_SCALE_SERVICE = 0x181d;
export const WEIGHT_MEASUREMENT = 0x2a9d;

const FLAG = { imperial: 1, timeStamp: 2, userId: 4, bodyMassIndex: 8 } as const;
const RESERVED_FLAGS = 0xf0;
const UNSUCCESSFUL = 0xffff;
const UNKNOWN_USER = 0xff;
const RESOLUTION = { kg: 0.005, lb: 0.01 } as const;
const HEIGHT_RESOLUTION_M = { kg: 0.001, lb: 0.00254 } as const;
const BODY_MASS_INDEX_RESOLUTION = 0.1;
const NEWTONS_PER = { kg: STANDARD_GRAVITY_M_S2, lb: POUND_FORCE_N } as const;

/** Bytes of flags and weight, of the time stamp, of the user and of index with height. */
const BYTES = { head: 3, timeStamp: 7, userId: 1, bodyMassIndex: 4 } as const;

/** Reads one packet. Fails on a packet shorter or longer than its flags say and on reserved flags. */
export function parseWeightMeasurement(packet: DataView): Result<WeightMeasurement> {
  if (packet.byteLength < BYTES.head) return fail(packetFault(packet, 'at least 3 bytes'));
  const flags = packet.getUint8(0);
  if ((flags & RESERVED_FLAGS) !== 0) {
    return fail(packetFault(packet, 'flags with their upper four bits 0'));
  }
  const expected =
    BYTES.head +
    (flags & FLAG.timeStamp ? BYTES.timeStamp : 0) +
    (flags & FLAG.userId ? BYTES.userId : 0) +
    (flags & FLAG.bodyMassIndex ? BYTES.bodyMassIndex : 0);
  if (packet.byteLength !== expected) {
    return fail(packetFault(packet, `${expected} bytes by its flags 0x${hex(flags)}`));
  }
  const unit = flags & FLAG.imperial ? 'lb' : 'kg';
  const raw = packet.getUint16(1, true);
  let at: number = BYTES.head;
  const takenAt = flags & FLAG.timeStamp ? readTimeStamp(packet, at) : null;
  if (flags & FLAG.timeStamp) at += BYTES.timeStamp;
  const user = flags & FLAG.userId ? packet.getUint8(at) : UNKNOWN_USER;
  if (flags & FLAG.userId) at += BYTES.userId;
  const withIndex = (flags & FLAG.bodyMassIndex) !== 0;
  return succeed({
    force_N: raw === UNSUCCESSFUL ? null : raw * RESOLUTION[unit] * NEWTONS_PER[unit],
    unit,
    takenAt,
    userId: user === UNKNOWN_USER ? null : user,
    bodyMassIndex: withIndex ? packet.getUint16(at, true) * BODY_MASS_INDEX_RESOLUTION : null,
    height_m: withIndex ? packet.getUint16(at + 2, true) * HEIGHT_RESOLUTION_M[unit] : null,
  });
}

/**
 * The packet a scale sends for a pull, N, rounded to the characteristic's
 * resolution; null for a measurement that did not succeed.
 */
export function encodeWeightMeasurement(
  force_N: number | null,
  unit: 'kg' | 'lb',
  takenAt: TimeStamp | null = null,
): Uint8Array<ArrayBuffer> {
  const packet = new DataView(
    new ArrayBuffer(BYTES.head + (takenAt === null ? 0 : BYTES.timeStamp)),
  );
  packet.setUint8(0, (unit === 'lb' ? FLAG.imperial : 0) | (takenAt ? FLAG.timeStamp : 0));
  const weight = force_N === null ? null : force_N / NEWTONS_PER[unit] / RESOLUTION[unit];
  const held = weight === null ? UNSUCCESSFUL : Math.max(0, Math.min(UNSUCCESSFUL - 1, weight));
  packet.setUint16(1, Math.round(held), true);
  if (takenAt !== null) writeTimeStamp(packet, BYTES.head, takenAt);
  return new Uint8Array(packet.buffer);
}

function readTimeStamp(packet: DataView, at: number): TimeStamp {
  return {
    year: packet.getUint16(at, true),
    month: packet.getUint8(at + 2),
    day: packet.getUint8(at + 3),
    hours: packet.getUint8(at + 4),
    minutes: packet.getUint8(at + 5),
    seconds: packet.getUint8(at + 6),
  };
}

function writeTimeStamp(packet: DataView, at: number, time: TimeStamp): void {
  packet.setUint16(at, time.year, true);
  const { month, day, hours, minutes, seconds } = time;
  [month, day, hours, minutes, seconds].forEach((field, i) => {
    packet.setUint8(at + 2 + i, field);
  });
}

function packetFault(packet: DataView, expected: string): Fault {
  const bytes = Array.from({ length: Math.min(packet.byteLength, 24) }, (_, i) =>
    hex(packet.getUint8(i)),
  );
  return {
    code: 'form',
    path: '$',
    found: `${packet.byteLength} bytes: ${bytes.join(' ')}`,
    expected,
  };
}

function hex(byte: number): string {
  return byte.toString(16).padStart(2, '0');
}
