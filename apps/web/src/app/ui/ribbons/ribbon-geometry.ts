/** Ticks are printed every 5 cm of rest length; every fourth is long. */
const TICK_M = 0.05;
const LONG_EVERY = 4;
/** Thickness of the ticks, px. */
const TICK_PX = { long: 1.25, short: 0.9 } as const;
/** Fewer pixels than this between ticks would blur into a grey. */
const LEAST_SPACING_PX = 2.5;

/** A short tick goes so far across the ribbon, as share of its width. */
export const SHORT_TICK = 0.45;

/** Printed ticks as the dashes of two lines along the ribbon, as broad as the ticks are long. */
export interface TickDashes {
  readonly long: string;
  readonly short: string;
}

/**
 * The printed ticks of a ribbon: they spread as it stretches. As dashes they cost a drag one
 * attribute each, however many there are.
 *
 * @param pxPerRestMetre drawn length of a metre of unstretched band
 * @returns null where they would blur
 */
export function tickDashes(pxPerRestMetre: number): TickDashes | null {
  const spacing = TICK_M * pxPerRestMetre;
  if (!(spacing >= LEAST_SPACING_PX)) return null;
  // A dash of no length first: a line begins with a gap, and its ticks end on the step.
  const up = (steps: number, thick: number): string =>
    `${(steps * spacing - thick).toFixed(2)} ${thick}`;
  const shorts = Array<string>(LONG_EVERY - 1)
    .fill(`${up(1, TICK_PX.short)} `)
    .join('');
  return {
    long: `0 ${up(LONG_EVERY, TICK_PX.long)} 0`,
    short: `0 ${shorts}${spacing.toFixed(2)}`,
  };
}

/** Up to nine: single notches count 1, a long one 5. */
const LONG_NOTCH = 5;

export interface Notch {
  /** Back from the ribbon's end, px. */
  readonly from: number;
  readonly width: number;
  readonly long: boolean;
}

/** The notches of a tag (1 … 9), from the ribbon's end inwards. */
export function tagNotches(tag: number | null): Notch[] {
  if (tag === null) return [];
  const kinds = [
    ...(tag >= LONG_NOTCH ? [true] : []),
    ...Array<boolean>(tag % LONG_NOTCH).fill(false),
  ];
  let from = 4;
  return kinds.map((long) => {
    const notch = { from, width: long ? 4 : 5, long };
    from += notch.width + 2.5;
    return notch;
  });
}

/** Ink or paper for the ticks, whichever stands out on the owner's colour. */
export function tickColour(colour: string): string {
  return luminance(colour) > 0.32 ? '#14283b' : '#fbfaf5';
}

/** Relative luminance of #rrggbb (WCAG 2.2). */
function luminance(colour: string): number {
  const channel = (start: number): number => {
    const value = parseInt(colour.slice(start, start + 2), 16) / 255;
    return value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4;
  };
  return 0.2126 * channel(1) + 0.7152 * channel(3) + 0.0722 * channel(5);
}
