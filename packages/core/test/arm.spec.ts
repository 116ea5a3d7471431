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
        const x = UPPER * Math.cos(arm.upperArm) + FORE * Math.cos(arm.forearm);
        const y = UPPER * Math.sin(arm.upperArm) + FORE * Math.sin(arm.forearm);
        return Math.hypot(x - dx, y - dy) < 1e-9;
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
        return Math.abs(Math.sin(up.upperArm) + Math.sin(down.upperArm)) < 1e-9;
      }),
    );
  });

  it('reaches a straight arm to the last bit and nothing beyond', () => {
    expect(solveArm(ARM_REACH.greatest, 0, 1)?.upperArm).toBeCloseTo(0, 6);
    expect(solveArm(ARM_REACH.greatest + 1e-6, 0, 1)).toBeUndefined();
  });

  it('folds no tighter than the difference of its links', () => {
    expect(solveArm(ARM_REACH.least - 1e-6, 0, 1)).toBeUndefined();
    expect(solveArm(0, 0, 1)).toBeUndefined();
  });
});
