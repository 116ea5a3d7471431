import {
  type AnchoredExercise,
  bandCost,
  ladderBasis,
  ladderSpaceFor,
  type PersonSearch,
  type Route,
  type RoutedExercise,
  spaceFor,
  STANDING_RANGE,
  USUAL_PREFERENCES,
} from '../src/index.js';
import { HANG, ROW } from './support/arbitraries.js';
import { IN_BAG, labelledBand } from './support/recorded-bands.js';

const HELD: Route = { id: 'held', for: 'continuous', path: ['anchor', 'gripL', 'gripR'] };
const ONE_HAND: Route = { id: 'one', for: 'continuous', path: ['anchor', 'gripR'] };
const exercise: RoutedExercise = {
  ...ROW,
  anchor: { point: 'anchor', kinds: ['wall'], height: 0.68, distance: 1 },
  routes: [HELD, ONE_HAND],
};
const LATEX = labelledBand([IN_BAG]);
const SYNTHETIC = labelledBand([IN_BAG], { id: 'heron', material: 'synthetic' });
const WALL = { kind: 'wall', ratedLoad_N: 300, room_m: 2, lowest_m: 0.5, highest_m: 1.9 } as const;

const search: PersonSearch<RoutedExercise> = {
  present: {
    exercise,
    body: { stature_m: 1.75, mass_kg: 72 },
    anchor: { height_m: 1.2, distance_m: 1.5 },
    routes: [HELD],
    bands: [],
  },
  bandIds: ['reed'],
  bands: [LATEX, SYNTHETIC],
  person: { id: 'odile', latexAllergy: false, mountLimit_N: 180 },
  placeId: null,
  anchor: WALL,
  preferences: USUAL_PREFERENCES,
};

describe('what is looked through for a person', () => {
  it('is what is at hand and may be touched, on routes that load both hands alike', () => {
    expect(spaceFor(search).kit.map(({ id }) => id)).toEqual(['reed', 'heron']);
    const allergic = { ...search, person: { ...search.person, latexAllergy: true } };
    expect(spaceFor(allergic).kit.map(({ id }) => id)).toEqual(['heron']);
    expect(spaceFor(search).routes).toEqual([HELD]);
    const oneArm = { ...search.present, exercise: { ...exercise, limbs: 1 as const } };
    expect(spaceFor({ ...search, present: oneArm }).routes).toEqual([HELD, ONE_HAND]);
  });

  it('lies within what the anchor holds, the room before it, and short of the wall', () => {
    const { distance, height, limits } = spaceFor(search);
    // A third of what it is rated for.
    expect(limits.anchor_N).toBe(100);
    expect(distance.most).toBe(2);
    // Arms held ahead would reach through the wall from less.
    expect(distance.least).toBeGreaterThan(0.4);
    expect(height).toEqual({ least: 0.5, most: 1.9 });
    const post = spaceFor({ ...search, anchor: { ...WALL, kind: 'post', room_m: null } });
    expect(post.distance).toEqual(STANDING_RANGE);
    const none = spaceFor({ ...search, anchor: null });
    expect([none.height, none.limits.anchor_N]).toEqual([undefined, undefined]);
  });

  it('is limited in what it takes to hook in, where that is preferred and somebody hooks in', () => {
    const easy = { ...USUAL_PREFERENCES, stacking: 'easyToMount' } as const;
    const hang: RoutedExercise = { ...(HANG as AnchoredExercise), routes: [HELD] };
    const hung = { ...search, present: { ...search.present, exercise: hang }, preferences: easy };
    expect(spaceFor(hung).limits.mount_N).toBe(180);
    expect(spaceFor(hung, { mount: true }).limits.mount_N).toBeUndefined();
    expect(spaceFor({ ...hung, preferences: USUAL_PREFERENCES }).limits.mount_N).toBeUndefined();
    expect(spaceFor({ ...search, preferences: easy }).limits.mount_N).toBeUndefined();
  });

  it('weighs each band as the trainer prefers', () => {
    const near = { ...USUAL_PREFERENCES, closeToSet: true };
    const { bandCost: costs = {} } = spaceFor({ ...search, preferences: near });
    expect(costs['heron']).toBe((costs['reed'] ?? NaN) + 1);
    expect(costs['reed']).toBe(bandCost(LATEX, near, true));
  });
});

describe('a ladder for a person', () => {
  const target = { metric: 'mean', from: 40, to: 120, step: 0.1 } as const;

  it('is laid on the routes that are chosen, of bands that were measured where that is preferred', () => {
    const measuredAlone = ladderSpaceFor(search, target, false);
    expect([measuredAlone.kit.length, measuredAlone.routes]).toEqual([0, [HELD]]);
    const preferences = { ...USUAL_PREFERENCES, measuredFirst: false };
    const any = ladderSpaceFor({ ...search, preferences }, target, true);
    expect([any.kit.length, any.limits.maxBands, any.notchFirst]).toEqual([2, 2, true]);
  });

  it('remembers the body, the anchor and the law of every band at hand', () => {
    const basis = ladderBasis(search, { stature_m: 1.8, mass_kg: 80 }, 'eye');
    expect(basis.body).toEqual({ stature_m: 1.8, mass_kg: 80 });
    expect([basis.anchorId, basis.height_m]).toEqual(['eye', 1.2]);
    expect(basis.bands.map(({ id }) => id)).toEqual(['reed', 'heron']);
    expect(basis.bands[0]?.law).toEqual(LATEX.calibration?.law);
  });
});
