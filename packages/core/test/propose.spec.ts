import {
  type AnchoredExercise,
  type Composition,
  composeSetup,
  errorOf,
  type FittedBand,
  mountingPulls,
  nearestMisses,
  type Proposal,
  type ProposalRequest,
  proposeSetups,
  rigSetup,
  type Route,
  solveSetup,
} from '../src/index.js';
import { HANG, ROW } from './support/arbitraries.js';

const KIT: FittedBand[] = [7, 12, 19, 26, 40].map((c1_N, i) => ({
  id: `b${i}`,
  kind: 'loop',
  flatLength_m: 1.04,
  law: { c1_N, c2_N: 0.8 * c1_N, c3_N: 0.01 * c1_N },
}));
const TUBE: FittedBand = {
  id: 'tube',
  kind: 'tube',
  flatLength_m: 1.2,
  law: { c1_N: 30, c2_N: 24, c3_N: 0.3 },
};
const ROUTES: Route[] = [
  { id: 'held', for: 'continuous', path: ['anchor', 'gripL', 'gripR'] },
  { id: 'folded', for: 'continuous', path: ['anchor', 'gripL', 'anchor', 'gripR'] },
  { id: 'through', for: 'open', path: ['gripL', 'anchor', 'gripR'] },
];
const PRESENT: Composition<AnchoredExercise> = {
  exercise: ROW,
  body: { stature_m: 1.75, mass_kg: 72 },
  anchor: { height_m: 1.2, distance_m: 1.5 },
  routes: [],
  bands: [],
};
const REQUEST: ProposalRequest<AnchoredExercise> = {
  present: PRESENT,
  kit: [...KIT, TUBE],
  routes: ROUTES,
  target: { metric: 'mean', value: 180 },
  limits: { maxBands: 3 },
  distance: { least: 0.5, most: 2.8 },
};

function proposalsFor(part: Partial<ProposalRequest<AnchoredExercise>> = {}): Proposal[] {
  const result = proposeSetups({ ...REQUEST, ...part }, 10);
  if (!result.ok) throw new Error(JSON.stringify(result.faults));
  return result.value;
}

/** A proposal laid as it says. */
function laid({ present, kit, routes }: ProposalRequest<AnchoredExercise>, one: Proposal) {
  const { distance_m, height_m, slip_m, stance_m } = one.varied;
  const { anchor = { height_m: 1.2, distance_m: 1.5 } } = present;
  return composeSetup({
    ...present,
    ...(distance_m === undefined ? {} : { anchor: { ...anchor, distance_m } }),
    ...(height_m === undefined ? {} : { anchor: { ...anchor, height_m } }),
    ...(stance_m === undefined ? {} : { widths: { stance_m } }),
    ...(slip_m === undefined ? {} : { slip_m }),
    routes: routes.filter(({ id }) => one.routeIds.includes(id)),
    bands: one.bandIds.flatMap((id) => kit.find((band) => band.id === id) ?? []),
  });
}

/** What a proposal asks when it is laid as it says. */
function solved(request: ProposalRequest<AnchoredExercise>, one: Proposal) {
  const result = solveSetup(laid(request, one));
  if (!result.ok) throw new Error(JSON.stringify(result.faults));
  return result.value;
}

describe('proposals', () => {
  it('come within a centimetre of what is wanted, taut all along, within every limit', () => {
    const proposals = proposalsFor();
    expect(proposals.length).toBe(10);
    for (const one of proposals) {
      const { overLimit, summary } = solved(REQUEST, one);
      expect(summary.mean).toBeCloseTo(one.value, 6);
      expect(Math.abs(one.value / 180 - 1)).toBeLessThan(0.05);
      expect(summary.slackShare).toBe(0);
      expect(overLimit).toEqual([]);
    }
    expect(proposals.map(({ cost }) => cost)).toEqual(
      proposals.map(({ cost }) => cost).sort((a, b) => a - b),
    );
  });

  it('are told where they come nearest while taut, though they would come nearer slack', () => {
    const stout = KIT.slice(-1);
    const proposals = proposalsFor({ kit: stout, target: { metric: 'mean', value: 30 } });
    expect(proposals.length).toBeGreaterThan(0);
    for (const one of proposals) {
      expect(solved(REQUEST, one).summary.slackShare).toBe(0);
      expect(one.value).toBeGreaterThan(30);
    }
  });

  it('are each of another stack or another route, on routes that suit its bands', () => {
    const proposals = proposalsFor();
    const stacks = proposals.map(
      ({ bandIds, routeIds }) => `${routeIds.join()} ${bandIds.join('+')}`,
    );
    expect(new Set(stacks).size).toBe(stacks.length);
    for (const { bandIds, routeIds } of proposals) {
      expect(bandIds.includes('tube')).toBe(routeIds.includes('through'));
    }
  });

  it('vary the stance of what is stood on, the grip of what is held, and how far what hangs is taken up', () => {
    const under: Route[] = [
      { id: 'feet', for: 'continuous', path: ['soleL', 'gripL', 'gripR', 'soleR'] },
      { id: 'foot', for: 'continuous', path: ['soleR', 'gripL', 'gripR'] },
    ];
    const { anchor: _anchor, ...rowWithout } = ROW;
    const request = {
      ...REQUEST,
      present: { ...PRESENT, exercise: rowWithout, anchor: undefined },
      routes: under,
      target: { metric: 'mean', value: 250 } as const,
    };
    const varied = new Set<string>();
    for (const one of proposalsFor(request)) {
      const [name = ''] = Object.keys(one.varied);
      varied.add(`${one.routeIds.join()} ${name}`);
      expect(solved(request, one).summary.mean).toBeCloseTo(one.value, 6);
    }
    expect([...varied].sort()).toEqual(['feet slip_m', 'feet stance_m', 'foot slip_m']);
    const hung: AnchoredExercise = {
      ...HANG,
      anchor: { point: 'anchor', kinds: ['bar'], height: 1.25, distance: 0, side: 'over' },
    };
    const [help] = proposalsFor({
      present: { ...PRESENT, exercise: hung, anchor: { height_m: 2.2, distance_m: 0 } },
      routes: [{ id: 'knee', for: 'continuous', path: ['anchor', 'kneeR'] }],
      target: { metric: 'assistMean', value: 0.3 },
    });
    expect(Object.keys(help?.varied ?? {})).toEqual(['slip_m']);
    expect(help?.value).toBeGreaterThan(0.2);
  });

  it('vary where the band hangs, how high, and how far it is taken up, where it helps with the weight', () => {
    const propped: AnchoredExercise = {
      ...HANG,
      anchor: { point: 'anchor', kinds: ['rings'], height: 1.2, distance: 0.3 },
    };
    const request = {
      ...REQUEST,
      present: { ...PRESENT, exercise: propped, anchor: { height_m: 2.2, distance_m: 0.3 } },
      routes: [{ id: 'knee', for: 'continuous', path: ['anchor', 'kneeR'] } as const],
      target: { metric: 'assistMean', value: 0.2 } as const,
      distance: { least: 0.2, most: 0.6 },
    };
    const variedOf = (height?: { least: number; most: number }): string[] => {
      const proposals = proposalsFor({ ...request, height });
      for (const one of proposals) {
        const laidAgain = solved(request, one);
        expect(laidAgain.summary.assistMean).toBeCloseTo(one.value, 6);
      }
      return [...new Set(proposals.flatMap(({ varied }) => Object.keys(varied)))].sort();
    };
    expect(variedOf({ least: 1.9, most: 2.4 })).toEqual(['distance_m', 'height_m', 'slip_m']);
    // A bar is where it is.
    expect(variedOf({ least: 2.2, most: 2.2 })).toEqual(['distance_m', 'slip_m']);
    expect(variedOf()).toEqual(['distance_m', 'slip_m']);
  });

  it('mix loops and tubes where standing elsewhere changes both', () => {
    const mixed = proposalsFor({ kit: [...KIT.slice(0, 1), TUBE] }).filter(
      ({ bandIds }) => bandIds.length > 1,
    );
    expect(mixed.length).toBeGreaterThan(0);
    for (const one of mixed) {
      expect(one.routeIds.length).toBe(2);
      expect(solved(REQUEST, one).summary.mean).toBeCloseTo(one.value, 6);
    }
  });

  it('prefer what is easy to lay, where it comes as near', () => {
    const handling = { folded: 5 };
    const easy = proposalsFor({ handling });
    const cost = ({ routeIds }: Proposal) => (routeIds.includes('folded') ? 5 : 0);
    expect(easy.slice(0, 5).every((one) => cost(one) === 0)).toBeTrue();
  });

  it('name each limit that binds, with what comes nearest without it', () => {
    const misses = (part: Partial<ProposalRequest<AnchoredExercise>>, best: number) => {
      const result = nearestMisses({ ...REQUEST, ...part }, best);
      if (!result.ok) throw new Error(JSON.stringify(result.faults));
      return result.value.map(({ limit }) => limit);
    };
    const target = { metric: 'mean', value: 900 } as const;
    const limits = { maxBands: 1, anchor_N: 200 };
    const [best] = proposalsFor({ target, limits });
    const error = errorOf(target, best?.value ?? NaN);
    const found = misses({ target, limits }, error);
    expect(found).toContain('anchor_N');
    // Every one of them comes nearer, and none is named where all is had already.
    expect(misses({ target, limits }, 0)).toEqual([]);
    expect(proposalsFor({ target, limits: { maxBands: 1 } })[0]?.value).toBeGreaterThan(
      best?.value ?? Infinity,
    );
  });

  it('tell how far they have come', () => {
    const shares: number[] = [];
    proposeSetups(REQUEST, 10, (share) => shares.push(share));
    expect(shares[0]).toBe(0);
    expect(shares.length).toBeGreaterThan(2);
    expect(shares).toEqual(shares.toSorted((a, b) => a - b));
    expect(shares.at(-1)).toBeLessThan(1);
  });

  it('are none of an empty kit', () => {
    expect(proposalsFor({ kit: [] })).toEqual([]);
  });
});

describe('proposals for an exercise with a band on each side', () => {
  const APART: AnchoredExercise = {
    ...ROW,
    bandOnEachSide: true,
    anchor: { point: 'anchor', kinds: ['post'], height: 0.68, distance: 1, halfWidth: 0.2 },
  };
  const APART_REQUEST: ProposalRequest<AnchoredExercise> = {
    ...REQUEST,
    present: { ...PRESENT, exercise: APART },
    routes: [
      { id: 'each', for: 'continuous', path: ['anchorR', 'gripR'] },
      { id: 'each-open', for: 'open', path: ['anchorR', 'gripR'] },
    ],
    target: { metric: 'mean', value: 150 },
  };

  it('lay two equal copies as one item, and come out as asked when both are laid', () => {
    const result = proposeSetups(APART_REQUEST, 10);
    if (!result.ok) throw new Error(JSON.stringify(result.faults));
    expect(result.value.length).toBe(10);
    for (const one of result.value) {
      const { bandIds } = one;
      expect(bandIds.filter((_id, i) => i % 2 === 0)).toEqual(
        bandIds.filter((_id, i) => i % 2 === 1),
      );
      const { summary } = solved(APART_REQUEST, one);
      expect(summary.mean).toBeCloseTo(one.value, 6);
      expect(Math.abs(one.value / 150 - 1)).toBeLessThan(0.1);
    }
  });

  it('hold the limits of each band, not of both together', () => {
    const request = { ...APART_REQUEST, limits: { maxBands: 3, mount_N: 40 } };
    const result = proposeSetups(request, 30);
    if (!result.ok) throw new Error(JSON.stringify(result.faults));
    const pulls_N = result.value.flatMap((one) => {
      const setup = laid(request, one);
      const rigged = rigSetup(setup);
      if (!rigged.ok) throw new Error(JSON.stringify(rigged.faults));
      return mountingPulls({ setup, solved: rigged.value });
    });
    expect(Math.max(...pulls_N)).toBeLessThanOrEqual(40);
    // Half the limit would be each one's share.
    expect(Math.max(...pulls_N)).toBeGreaterThan(20);
  });
});
