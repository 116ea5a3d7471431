import { alongCurve, hangingCurve, lowestOf } from './hanging-curve';

describe('curve of a slack band', () => {
  const ROOM = { floor: 1000, free: 1 } as const;
  const [left, right] = [
    { x: 100, y: 200 },
    { x: 300, y: 160 },
  ] as const;

  it('hangs down from both ends alike, and is as long as the band', () => {
    for (const stretch of [0.3, 0.7, 0.98]) {
      const curve = hangingCurve(left, right, stretch, ROOM);
      const { control } = hangingCurve(right, left, stretch, ROOM);
      expect(curve.control).toEqual(control);
      expect(control.x).toBe(200);
      expect(control.y).toBeGreaterThan(180);
      const path = document.createElementNS('http://www.w3.org/2000/svg', 'path');
      path.setAttribute('d', `M100 200Q${control.x} ${control.y} 300 160`);
      expect((path.getTotalLength() * stretch) / Math.hypot(200, 40)).toBeCloseTo(1, 1);
    }
  });

  it('lies straight where it just becomes taut', () => {
    const { control } = hangingCurve(left, right, 1, ROOM);
    expect(control.y - 180).toBeLessThan(1);
  });

  it('hangs through no floor, and bulges to the free side between a foot and a hand', () => {
    const low = hangingCurve(left, right, 0.4, { floor: 230, free: 1 });
    const lowest = Array.from({ length: 21 }, (_, i) => alongCurve(low, i / 20).y);
    expect(Math.max(...lowest)).toBeCloseTo(230, 0);
    expect(lowestOf(low).y).toBeCloseTo(230, 2);
    const [foot, hand] = [
      { x: 200, y: 400 },
      { x: 202, y: 200 },
    ];
    expect(hangingCurve(foot, hand, 0.8, ROOM).control.x).toBeGreaterThan(250);
    expect(hangingCurve(hand, foot, 0.8, ROOM).control.x).toBeGreaterThan(250);
    expect(hangingCurve(foot, hand, 0.8, { ...ROOM, free: -1 }).control.x).toBeLessThan(150);
  });
});
