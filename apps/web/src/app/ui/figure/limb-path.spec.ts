import { limbPath, smoothOutline } from './limb-path';

describe('limb path', () => {
  it('keeps within the two circles it joins', () => {
    const path = document.createElementNS('http://www.w3.org/2000/svg', 'path');
    path.setAttribute('d', limbPath({ x: 0, y: 0 }, { x: 100, y: 0 }, 12, 6));
    const svg = document.createElementNS('http://www.w3.org/2000/svg', 'svg');
    svg.append(path);
    document.body.append(svg);
    const box = path.getBBox();
    svg.remove();
    expect(box.x).toBeCloseTo(-12, 1);
    expect(box.x + box.width).toBeCloseTo(106, 1);
    expect(box.height).toBeCloseTo(24, 1);
  });

  it('draws one circle where one end swallows the other', () => {
    expect(limbPath({ x: 0, y: 0 }, { x: 1, y: 0 }, 10, 5)).toContain('a10 10');
  });

  it('closes a smooth outline through its points', () => {
    const outline = smoothOutline([
      { x: 0, y: 0 },
      { x: 10, y: 0 },
      { x: 10, y: 10 },
    ]);
    expect(outline.startsWith('M0.00 0.00')).toBeTrue();
    expect(outline.endsWith('Z')).toBeTrue();
    expect(outline).toContain('10.00 10.00');
  });
});
