import { hangingCurve } from '../ui/ribbons/hanging-curve';
import type { RibbonSpan } from './ribbon-spans';
import { SCENE } from './scene-geometry';
import { quantityPlace } from './quantity-place';
import { type StretchMark, stretchMarks } from './stretch-marks';
import type { Extent } from './extent';
import { takenByMark, takenByPerson } from './taken-extents';
import { knowBand } from '@wiry-otter/core';
import { measuredBand, pull } from '../../testing/records';

const ROW: RibbonSpan = {
  band: knowBand(measuredBand([pull(1.35, 48), pull(1.77, 88), pull(2.18, 121)])),
  from: { x: 300, y: 200 },
  to: { x: 300, y: 400 },
  length: 200,
  angle_deg: 90,
  width: 10,
  rest_m: 0.5,
  hanging: null,
  stretch: 1.5,
  caution: false,
  main: true,
};

describe('words in the scene', () => {
  const joints = new Map([
    ['shoulderR', { x: 200, y: 150 }],
    ['hipR', { x: 200, y: 260 }],
    ['head', { x: 200, y: 110 }],
  ]);

  /** What the figure takes up where it is put: its baseline is its place. */
  const own = ({ x, y }: { x: number; y: number }, digits: number): Extent => ({
    left: x,
    right: x + 26 * digits + 66,
    top: y - 38,
    bottom: y + 24,
  });
  const clear = (a: Extent, b: Extent): boolean =>
    a.left >= b.right || b.left >= a.right || a.top >= b.bottom || b.top >= a.bottom;

  it('put the large figure within the drawing, clear of the person, wherever the band pulls', () => {
    const taken = takenByPerson(joints, { floor: SCENE.floor });
    expect(taken.length).toBeGreaterThan(4);
    for (let x = 0; x <= SCENE.width; x += 69) {
      for (let y = 0; y <= SCENE.floor; y += 59) {
        const figure = own(quantityPlace({ pull: { x, y }, figure: '12345', taken }).at, 5);
        expect(taken.every((other) => clear(figure, other))).toBeTrue();
        expect(figure.left >= 0 && figure.right <= SCENE.width).toBeTrue();
        expect(figure.top >= 0 && figure.bottom <= SCENE.floor).toBeTrue();
      }
    }
  });

  it('put it next to the pull where that is free', () => {
    const { at } = quantityPlace({ pull: { x: 400, y: 200 }, figure: '123', taken: [] });
    expect(Math.hypot(at.x + 72 - 400, at.y - 200)).toBeLessThan(10);
  });

  it('leave it where it stands while that is free and the pull is near', () => {
    const needs = { pull: { x: 400, y: 200 }, figure: '123', taken: [] };
    const first = quantityPlace(needs);
    const near = { ...needs, pull: { x: 440, y: 220 } };
    expect(quantityPlace(near, first)).toBe(first);
    const far = { ...needs, pull: { x: 480, y: 200 } };
    expect(quantityPlace(far, first)).toEqual(quantityPlace(far));
    const crossed = { ...near, taken: [own(first.at, 3)] };
    expect(clear(own(quantityPlace(crossed, first).at, 3), own(first.at, 3))).toBeTrue();
  });

  it('say the stretch of a stack once, beyond its edge, and each that differs', () => {
    const stack = [ROW, { ...ROW, from: { x: 315, y: 200 }, to: { x: 315, y: 400 } }];
    const [mark, ...more] = stretchMarks(stack, joints, []);
    expect(more).toEqual([]);
    expect(mark?.words).toBe('×1.50');
    expect(mark?.x).toBeCloseTo(315 + 5 + 8, 6);
    expect(stretchMarks([{ ...ROW, stretch: 0.86 }], joints, [])[0]?.words).toBe('slack');
    const different = stretchMarks([ROW, { ...ROW, stretch: 1.7 }], joints, []);
    expect(different.map(({ words }) => words)).toEqual(['×1.50', '×1.70']);
    // Bands that hang in one line each have their own.
    const below = { ...ROW, from: ROW.to, to: { x: 300, y: 480 }, length: 80 };
    expect(stretchMarks([ROW, below], joints, []).length).toBe(2);
  });

  it('say a stretch clear of the person, of posts and of other ribbons, wherever along its own', () => {
    const post: Extent = { left: 305, right: 330, top: 250, bottom: 412 };
    const thigh: Extent = { left: 240, right: 296, top: 180, bottom: 330 };
    const across = { ...ROW, from: { x: 320, y: 230 }, to: { x: 520, y: 230 }, angle_deg: 0 };
    const marks = stretchMarks([ROW, across], joints, [post, thigh]);
    expect(marks.length).toBe(2);
    for (const mark of marks) {
      expect(clear(takenByMark(mark), post)).toBeTrue();
      expect(clear(takenByMark(mark), thigh)).toBeTrue();
    }
    const [first, second] = marks.map(takenByMark);
    expect(first !== undefined && second !== undefined && clear(first, second)).toBeTrue();
  });

  it('say “slack” under the hanging ribbon, clear of the person', () => {
    const [from, to] = [
      { x: 200, y: 200 },
      { x: 400, y: 200 },
    ];
    const hanging = hangingCurve(from, to, 0.8, { floor: SCENE.floor, free: 1 });
    const slack = [{ ...ROW, from, to, hanging, stretch: 0.8 }];
    const [middle] = stretchMarks(slack, joints, []);
    expect(middle?.x).toBeCloseTo(300, 6);
    const person: Extent = { left: 180, right: 290, top: 100, bottom: 400 };
    const [aside] = stretchMarks(slack, joints, [person]);
    expect(aside).toBeDefined();
    if (aside !== undefined) expect(clear(takenByMark(aside), person)).toBeTrue();
    // Where nothing is free it stands where it is read best.
    const everywhere: Extent = { left: 0, right: SCENE.width, top: 0, bottom: SCENE.floor };
    expect(stretchMarks(slack, joints, [everywhere])).toEqual([middle as StretchMark]);
  });
});
