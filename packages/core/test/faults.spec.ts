import { type Setup, solveSetup } from '../src/index.js';
import { HANG, ROW, setupOf } from './support/arbitraries.js';

const BAND = {
  id: 'a',
  kind: 'loop' as const,
  flatLength_m: 1,
  law: { c1_N: 20, c2_N: 10, c3_N: 0.1 },
};
const GOOD = setupOf(ROW, [BAND], ['anchor', 'gripL', 'gripR']);

function pathsOf(setup: Setup): string[] {
  const result = solveSetup(setup);
  return result.ok ? [] : result.faults.map(({ path }) => path);
}

describe('faults of a set-up', () => {
  it('are none for a good one', () => {
    expect(pathsOf(GOOD)).toEqual([]);
  });

  it('name every unknown contact, band and load together', () => {
    const setup: Setup = {
      ...GOOD,
      runs: [
        { band: 'a', path: ['anchor', 'gripX', 'tail'] },
        { band: 'b', path: ['anchor', 'gripL'] },
      ],
      loads: [{ at: 'anchor', mass_kg: 2 }],
    };
    expect(pathsOf(setup)).toEqual([
      '$.runs[0].path[1]',
      '$.runs[0].path[2]',
      '$.runs[1].band',
      '$.loads[0].at',
    ]);
  });

  it('name points and contacts that take a name of the body', () => {
    const setup: Setup = {
      ...GOOD,
      exercise: { ...ROW, contacts: { nape: { segment: 'trunk', at: 1 } } },
      points: { ...GOOD.points, gripL: [0, 0, 0] },
    };
    expect(pathsOf(setup)).toEqual(['$.exercise.contacts.nape', '$.points.gripL']);
  });

  it('refuse a band that is laid twice or listed twice', () => {
    const run = { band: 'a', path: ['anchor', 'gripL'] };
    expect(pathsOf({ ...GOOD, runs: [run, run] })).toEqual(['$.runs[1].band']);
    expect(pathsOf({ ...GOOD, bands: [BAND, BAND] })).toEqual(['$.bands[1].id']);
  });

  it('refuse a demand on what the poses do not give', () => {
    const forearmOnly = {
      ...ROW,
      root: { point: 'elbow' as const, at: [0, 1] as const },
      poses: [
        { phase: 0, forearm: 0 },
        { phase: 1, forearm: 90 },
      ],
      demand: { kind: 'moment' as const, at: 'shoulder' as const, carries: ['trunk' as const] },
    };
    expect(pathsOf(setupOf(forearmOnly, [], []))).toEqual([
      '$.exercise.demand.at',
      '$.exercise.demand.carries[0]',
    ]);
  });

  it('tell a hand out of reach, with the phase', () => {
    const far = {
      ...HANG,
      poses: HANG.poses.map((pose) => ({ ...pose, hand: [0, 0.5] as const })),
    };
    const result = solveSetup(setupOf(far, [], []));
    expect(result.ok ? [] : result.faults.map(({ found }) => found)).toEqual([
      'hand 0.5000 statures from the shoulder at phase 0',
    ]);
  });

  it('refuse a take-up of all the material', () => {
    const setup: Setup = {
      ...GOOD,
      runs: [{ band: 'a', path: ['anchor', 'gripL'], takeUp_m: 2 }],
    };
    expect(pathsOf(setup)).toEqual(['$.runs[0].takeUp_m']);
  });

  it('name links that clash and links in a ring that hangs on nothing', () => {
    expect(pathsOf({ ...GOOD, links: { anchor: [1, 1, 0] } })).toEqual(['$.links.anchor']);
    expect(pathsOf({ ...GOOD, links: { unused: [1, 1, 0] } })).toEqual(['$.links.unused']);
    const ring: Setup = {
      ...GOOD,
      bands: [BAND, { ...BAND, id: 'b' }, { ...BAND, id: 'c' }],
      runs: [
        { band: 'a', path: ['left', 'right'] },
        { band: 'b', path: ['right', 'left'] },
        { band: 'c', path: ['anchor', 'gripL'] },
      ],
      links: { left: [1, 1, 0], right: [1.5, 1, 0] },
    };
    expect(pathsOf(ring)).toEqual(['$.links.left']);
  });
});
