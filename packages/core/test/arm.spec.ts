import fc from 'fast-check';
import { ARM_REACH, SEGMENTS, solveArm } from '../src/index.js';

const UPPER = SEGMENTS.upperArm.length;
const FORE = SEGMENTS.forearm.length;

const reachable = fc.record({
  reach: fc.double({ min: ARM_REACH.least + 1e-6, max: ARM_REACH.greatest - 1e-6, noNaN: true }),
  angle: fc.double({ min: -Math.PI, max: Math.PI, noNaN: true }),
});

describe('two-link arm', () => {
  it('brings the grip to the hand, whichever way the elbow bends', () => {
    fc.assert(
      fc.property(reachable, fc.constantFrom(1 as const, -1 as const), ({ reach, angle }, bend) => {
        const [dx, dy] = [reach * Math.cos(angle), reach * Math.sin(angle)];
        const arm = solveArm(dx, dy, bend);
        if (arm === undefined) return false;
        const x = UPPER * arm.upperArm[0] + FORE * arm.forearm[0];
        const y = UPPER * arm.upperArm[1] + FORE * arm.forearm[1];
        const lengths = [arm.upperArm, arm.forearm].map(([ux, uy]) => Math.hypot(ux, uy));
        return (
          Math.hypot(x - dx, y - dy) < 1e-9 && lengths.every((one) => Math.abs(one - 1) < 1e-9)
        );
      }),
    );
  });

  it('bends the other way to the mirror image', () => {
    fc.assert(
      fc.property(reachable, ({ reach, angle }) => {
        const [dx, dy] = [reach * Math.cos(angle), reach * Math.sin(angle)];
        const up = solveArm(dx, dy, 1);
        const down = solveArm(dx, -dy, -1);
        if (up === undefined || down === undefined) return false;
        return Math.abs(up.upperArm[1] + down.upperArm[1]) < 1e-9;
      }),
    );
  });

  it('reaches a straight arm to the last bit and nothing beyond', () => {
    expect(solveArm(ARM_REACH.greatest, 0, 1)?.upperArm[1]).toBeCloseTo(0, 6);
    expect(solveArm(ARM_REACH.greatest + 1e-6, 0, 1)).toBeUndefined();
  });

  it('folds no tighter than the difference of its links', () => {
    expect(solveArm(ARM_REACH.least - 1e-6, 0, 1)).toBeUndefined();
    expect(solveArm(0, 0, 1)).toBeUndefined();
  });
});
