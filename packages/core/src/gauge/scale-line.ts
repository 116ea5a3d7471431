import { fail, type Result, succeed } from '../faults.js';
import { POUND_FORCE_N, STANDARD_GRAVITY_M_S2 } from '../units/units.js';

/**
 * A line of the plain text protocol of weighing scales, `ST,GS,+00012.3kg`:
 * whether the reading has settled, gross or net, and the weight with its unit.
 */
export interface ScaleLine {
  /** N; null where the scale reports an overload. */
  readonly force_N: number | null;
  readonly settled: boolean;
  readonly net: boolean;
}

const LINE = /^(ST|US|OL),(GS|NT),([+-])(\s*\d+(?:\.\d+)?)\s*(kg|lb|N)$/;
const NEWTONS_PER = { kg: STANDARD_GRAVITY_M_S2, lb: POUND_FORCE_N, N: 1 } as const;
const DIGITS = 7;

/** A line longer than this is noise, not a reading. */
const LONGEST_LINE = 64;

/** Reads one line without its line end. */
export function parseScaleLine(line: string): Result<ScaleLine> {
  const parts = LINE.exec(line);
  if (parts === null) {
    return fail({
      code: 'form',
      path: '$',
      found: JSON.stringify(line.slice(0, LONGEST_LINE)),
      expected: 'a line like ST,GS,+00012.3kg',
    });
  }
  const [, state, mode, sign, digits, unit] = parts;
  const value = Number(digits) * (sign === '-' ? -1 : 1);
  return succeed({
    force_N: state === 'OL' ? null : value * NEWTONS_PER[unit as keyof typeof NEWTONS_PER],
    settled: state === 'ST',
    net: mode === 'NT',
  });
}

/** The line a scale of 0.1 kg resolution sends for a pull, without its line end. */
export function formatScaleLine(force_N: number, settled: boolean): string {
  const kg = force_N / STANDARD_GRAVITY_M_S2;
  const digits = Math.abs(kg).toFixed(1).padStart(DIGITS, '0');
  return `${settled ? 'ST' : 'US'},GS,${kg < 0 ? '-' : '+'}${digits}kg`;
}

/** Puts lines together from the pieces a serial port delivers. */
export class LineAssembler {
  private rest = '';

  /** Lines completed by a piece, without their ends. */
  push(piece: string): string[] {
    const lines = (this.rest + piece).split(/\r\n|\n|\r/);
    this.rest = lines.pop() ?? '';
    // Noise without an end must not fill the memory.
    if (this.rest.length > LONGEST_LINE) this.rest = '';
    return lines.filter((line) => line !== '');
  }
}
