import fc from 'fast-check';
import {
  type Composition,
  composeSetup,
  type FittedBand,
  LONGEST_TITLE,
  recompose,
  type Route,
  type RoutedExercise,
  routesLaid,
  setupTitle,
} from '../src/index.js';
import { ROW } from './support/arbitraries.js';

const ROUTES: Route[] = [
  { id: 'held', for: 'continuous', path: ['anchor', 'gripL', 'gripR'] },
  { id: 'choked', for: 'continuous', path: ['anchor', 'gripL', 'gripR'], choked: true },
  { id: 'through', for: 'open', path: ['gripL', 'anchor', 'gripR'] },
];
const EXERCISE: RoutedExercise = { ...ROW, routes: ROUTES };
const LOOP: FittedBand = {
  id: 'reed',
  kind: 'loop',
  flatLength_m: 1.04,
  law: { c1_N: 12, c2_N: 10, c3_N: 0.2 },
};
const TUBE: FittedBand = {
  ...LOOP,
  id: 'eel',
  kind: 'tube',
  flatLength_m: 1.2,
  deadLength_m: 0.2,
  fittingsMass_kg: 0.3,
};
const centimetres = (least: number, most: number) =>
  fc.integer({ min: least, max: most }).map((value) => value / 100);

const composition: fc.Arbitrary<Composition<RoutedExercise>> = fc.record({
  exercise: fc.constant(EXERCISE),
  body: fc.constant({ stature_m: 1.75, mass_kg: 72 }),
  anchor: fc.record({
    height_m: centimetres(20, 200),
    distance_m: centimetres(50, 280),
    girth_m: fc.constant(0.12),
  }),
  routes: fc.constantFrom(ROUTES.slice(0, 1), ROUTES.slice(2)),
  bands: fc.constantFrom([LOOP], [TUBE], [LOOP, { ...LOOP, id: 'heron' }]),
  slip_m: centimetres(0, 30),
  wraps: fc.integer({ min: 0, max: 1 }),
  weights: fc.constantFrom(
    [],
    [
      { at: 'gripL', mass_kg: 2.5 },
      { at: 'gripR', mass_kg: 2.5 },
    ],
  ),
});

describe('a set-up read back', () => {
  it('is composed the same again', () => {
    fc.assert(
      fc.property(composition, (composed) => {
        const setup = composeSetup(composed);
        fc.pre(setup.runs.length > 0);
        const { fittingsMass_kg = 0 } = composed.bands[0] ?? LOOP;
        const read = recompose(setup, { girth_m: 0.12, fittingsMass_kg: () => fittingsMass_kg });
        const { bands, routes } = composed;
        const again = composeSetup({ ...read, bands, routes });
        expect(again.points['anchor']?.[0]).toBeCloseTo(setup.points['anchor']?.[0] ?? NaN, 9);
        again.runs.forEach((run, r) => {
          expect(run.takeUp_m).toBeCloseTo(setup.runs[r]?.takeUp_m ?? NaN, 9);
          expect(run.path).toEqual(setup.runs[r]?.path ?? []);
        });
        expect(again.loads.length).toBe(setup.loads.length);
        again.loads.forEach(({ mass_kg }, l) => {
          expect(mass_kg).toBeCloseTo(setup.loads[l]?.mass_kg ?? NaN, 9);
        });
      }),
    );
  });

  it('lies on the route on record, else on that of its path', () => {
    const setup = composeSetup({
      exercise: EXERCISE,
      body: { stature_m: 1.75, mass_kg: 72 },
      anchor: { height_m: 1.2, distance_m: 1.5 },
      routes: [ROUTES[1], ROUTES[2]] as Route[],
      bands: [LOOP, TUBE],
    });
    const ids = (routeId: string): string[] => routesLaid(setup, routeId).map(({ id }) => id);
    expect(ids('choked')).toEqual(['choked', 'through']);
    // Two routes of one path cannot be told apart by it.
    expect(ids('')).toEqual(['held', 'through']);
    expect(ids('through')).toEqual(['held', 'through']);
  });
});

describe('the name of a set-up', () => {
  const reed = { record: { id: 'reed', name: 'Reed', tag: 4 } };
  const eel = { record: { id: 'eel', name: 'Eel', tag: 1 } };
  const titleOf = (part: Partial<Composition<RoutedExercise>>, names = [reed, eel]): string =>
    setupTitle(
      composeSetup({
        exercise: EXERCISE,
        body: { stature_m: 1.75, mass_kg: 72 },
        anchor: { height_m: 1.2, distance_m: 1.5 },
        routes: [ROUTES[0], ROUTES[2]] as Route[],
        bands: [LOOP, TUBE],
        ...part,
      }),
      names,
    );

  it('tells the bands by their tags, the distance and the grip', () => {
    expect(titleOf({})).toBe('Eel + Reed at 1.50 m');
    expect(titleOf({ bands: [LOOP], slip_m: 0.1 })).toBe('Reed at 1.50 m, 10 cm down');
    expect(titleOf({ bands: [LOOP, LOOP] })).toBe('2 × Reed at 1.50 m');
  });

  it('tells loops that hang one through the other in their order', () => {
    const heron = { ...LOOP, id: 'eel' };
    expect(titleOf({ bands: [LOOP, heron], linked: true })).toBe('Reed linked with Eel at 1.50 m');
  });

  it('counts the bands where their names are too long', () => {
    const long = { record: { ...reed.record, name: 'R'.repeat(LONGEST_TITLE) } };
    expect(titleOf({}, [long, eel])).toBe('2 bands at 1.50 m');
  });
});
