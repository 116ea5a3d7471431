import { tagNotches, tickColour, tickDashes } from './ribbon-geometry';

describe('ribbon', () => {
  /** Where the dashes along a line end, px. */
  function ends(dashes: string | undefined, length: number): number[] {
    const pieces = (dashes ?? '').split(' ').map(Number);
    const found: number[] = [];
    for (let at = 0, i = 0; at < length; i++) {
      const piece = pieces[i % pieces.length] ?? NaN;
      at += piece;
      if (i % 2 === 0 && piece > 0 && at < length) found.push(Math.round(at * 10) / 10);
    }
    return found;
  }

  it('carries a tick every 5 cm of rest length, every fourth long', () => {
    const ticks = tickDashes(400);
    expect(ends(ticks?.long, 399)).toEqual([80, 160, 240, 320]);
    expect(ends(ticks?.short, 165)).toEqual([20, 40, 60, 100, 120, 140]);
  });

  it('spreads its ticks as it stretches: as many on twice the length', () => {
    const rest = ends(tickDashes(400)?.short, 199);
    const stretched = ends(tickDashes(800)?.short, 398);
    expect(stretched).toEqual(rest.map((at) => 2 * at));
  });

  it('leaves ticks out that would blur', () => {
    expect(tickDashes(40)).toBeNull();
    expect(tickDashes(NaN)).toBeNull();
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
