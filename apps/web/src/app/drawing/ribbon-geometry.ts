/** Ticks are printed every 5 cm of rest length; every fourth is long. */
export const TICK_M = 0.05;
export const LONG_EVERY = 4;
/** Fewer pixels than this between ticks would blur into a grey. */
const LEAST_SPACING_PX = 2.5;

/** Up to nine: single notches count 1, a long one 5. */
const LONG_NOTCH = 5;

export interface Tick {
  /** Along the drawn ribbon, px. */
  readonly at: number;
  readonly long: boolean;
}

/**
 * Where the printed ticks of a ribbon lie: they spread as it stretches.
 *
 * @param length_px the drawn length
 * @param rest_m the unstretched length of what is drawn
 */
export function ribbonTicks(length_px: number, rest_m: number): Tick[] {
  const spacing = (length_px * TICK_M) / rest_m;
  if (!(spacing >= LEAST_SPACING_PX)) return [];
  const ticks: Tick[] = [];
  for (let i = 1; i * spacing < length_px - 1; i++) {
    ticks.push({ at: i * spacing, long: i % LONG_EVERY === 0 });
  }
  return ticks;
}

/** A short tick goes so far across the ribbon, as share of its width. */
const SHORT_TICK = 0.45;

/** Ticks as two path descriptions across an axis along +x: one element each, however many there are. */
export function tickPaths(
  ticks: readonly Tick[],
  width_px: number,
): { readonly long: string; readonly short: string } {
  const across = (long: boolean, height_px: number): string =>
    ticks
      .filter((tick) => tick.long === long)
      .map(({ at }) => `M${at.toFixed(2)} ${-width_px / 2}v${height_px}`)
      .join('');
  return { long: across(true, width_px), short: across(false, width_px * SHORT_TICK) };
}

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
