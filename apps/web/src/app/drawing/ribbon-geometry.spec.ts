import { ribbonTicks, tagNotches, tickColour, tickPaths } from './ribbon-geometry';

describe('ribbon', () => {
  it('carries a tick every 5 cm of rest length, every fourth long', () => {
    const ticks = ribbonTicks(400, 1);
    expect(ticks.length).toBe(19);
    expect(ticks[0]).toEqual({ at: 20, long: false });
    expect(ticks.filter(({ long }) => long).map(({ at }) => at)).toEqual([80, 160, 240, 320]);
  });

  it('spreads its ticks as it stretches: as many on twice the length', () => {
    const rest = ribbonTicks(200, 0.5);
    const stretched = ribbonTicks(400, 0.5);
    expect(stretched.length).toBe(rest.length);
    expect(stretched[3]?.at).toBe(2 * (rest[3]?.at ?? 0));
  });

  it('leaves ticks out that would blur', () => {
    expect(ribbonTicks(40, 1.2)).toEqual([]);
  });

  it('draws long ticks across the whole width, short ones from the edge', () => {
    const { long, short } = tickPaths(ribbonTicks(400, 1), 20);
    expect(long).toBe('M80.00 -10v20M160.00 -10v20M240.00 -10v20M320.00 -10v20');
    expect(short.split('M').length - 1).toBe(15);
    expect(short).toMatch(/^M20\.00 -10v9M/);
  });

  it('cuts as many notches as the tag says, a long one for five', () => {
    const counted = (tag: number): number =>
      tagNotches(tag).reduce((sum, { long }) => sum + (long ? 5 : 1), 0);
    for (let tag = 1; tag <= 9; tag++) expect(counted(tag)).toBe(tag);
    expect(tagNotches(null)).toEqual([]);
    expect(tagNotches(7).map(({ long }) => long)).toEqual([true, false, false]);
  });

  it('prints ticks that stand out on the owner’s colour', () => {
    expect(tickColour('#f0e0c0')).toBe('#14283b');
    expect(tickColour('#203040')).toBe('#fbfaf5');
  });
});
