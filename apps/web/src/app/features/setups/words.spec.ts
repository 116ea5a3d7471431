import { findExercise } from '@wiry-otter/catalogue';
import type { CompleteSetupDocument } from '@wiry-otter/contracts';
import { composeSetup, type Units, USUAL_UNITS } from '@wiry-otter/core';
import { anchorShapes, anchorShapesFromAbove } from '../../scene/anchor-shapes';
import { ANCHOR_WORDS } from './kit';
import { marksLine, marksOf } from './marks';
import { compareWords, weightTitle } from './figures/weight-words';

describe('a weight in words', () => {
  const dumbbell = {
    kind: 'dumbbell' as const,
    amount: 6.54,
    at: ['gripL', 'gripR'],
    demand: [0, 5, 10, 5, 1],
    match: 0.6,
  };

  it('names what stands in for the bands', () => {
    expect(weightTitle(dumbbell, USUAL_UNITS)).toBe('a weight of 6.5 kg at each hand');
    expect(weightTitle({ ...dumbbell, at: ['ankleR'] }, USUAL_UNITS)).toBe('a weight of 6.5 kg');
    expect(weightTitle({ ...dumbbell, kind: 'cable', amount: 120.4, at: [] }, USUAL_UNITS)).toBe(
      'a cable of 120 N',
    );
  });

  it('weighs and pulls in what the studio does', () => {
    const units: Units = { force: 'lbf', length: 'in', mass: 'lb' };
    expect(weightTitle(dumbbell, units)).toBe('a weight of 14.4 lb at each hand');
    expect(weightTitle({ ...dumbbell, kind: 'cable', amount: 120.4, at: [] }, units)).toBe(
      'a cable of 27.1 lb',
    );
  });

  it('says where each asks least and most, and which fits the muscle', () => {
    const words = compareWords(dumbbell, [4, 5, 6, 7, 8], 0.8);
    expect(words).toBe(
      'The weight asks next to nothing at the start and most in the middle; the band asks least at the start and most at the end. Against the muscle’s strength the weight fits 60 %, the band 80 %.',
    );
    expect(compareWords(dumbbell, [4, 4, 4.1], null)).toContain(
      'the band asks the same all along.',
    );
  });
});

describe('marks', () => {
  const composed = (id: string, distance_m: number, slip_m = 0): CompleteSetupDocument => {
    const exercise = findExercise(id);
    if (exercise === undefined) throw new Error(id);
    return {
      format: 'wiry-otter.setup',
      version: 1,
      ...composeSetup({
        exercise,
        body: { stature_m: 1.75, mass_kg: 70 },
        anchor: { height_m: 1.2, distance_m },
        slip_m,
        routes: exercise.routes ?? [],
        bands: [{ id: 'a', kind: 'loop', flatLength_m: 1, law: { c1_N: 10, c2_N: 8, c3_N: 0.1 } }],
      }),
    };
  };

  it('tell anchor, distance, grip and stance', () => {
    const marks = marksOf(composed('standing-row', 1.9, 0.05), 'cm');
    expect(marks.map(({ figure }) => figure)).toEqual([
      '120 cm',
      '190 cm',
      '5 cm from the end',
      '28 cm, 1.1 foot-lengths',
    ]);
    expect(marks[1]?.what).toContain('ankles');
    // The elbow lies aside of the line from the anchor's plumb line to the middle of the body.
    const rotation = marksOf(composed('outward-rotation', 0.9), 'cm').map(({ what }) => what);
    expect(rotation).toContain('middle of the body from the plumb line');
  });

  it('fit in one line', () => {
    expect(marksLine(composed('standing-row', 1.9, 0.05), 'cm')).toBe(
      'anchor at 120 cm, ankles 190 cm from it, grip 5 cm from the end',
    );
    expect(marksLine(composed('seated-low-row', 1.4), 'cm')).toBe(
      'anchor at 120 cm, hips 140 cm from it',
    );
    expect(marksLine(composed('curl', 0), 'cm')).toBe('stance 35 cm');
    expect(marksLine(composed('standing-row', 1.9, 0.05), 'in')).toBe(
      'anchor at 47.2 in, ankles 74.8 in from it, grip 2.0 in from the end',
    );
    expect(marksLine(composed('push-up-across-back', 0), 'cm')).toBe('no anchor');
  });

  it('leave out what an exercise does not have', () => {
    const words = marksOf(composed('pull-up', 0), 'cm').map(({ what }) => what);
    expect(words).toEqual(['anchor over the floor']);
  });
});

describe('anchor shapes', () => {
  const placing = { at: { x: 500, y: 200 }, floor: 400, side: 1, pxPerMetre: 200 } as const;

  it('draw every kind, from the side and from above, on or over the floor', () => {
    for (const kind of Object.keys(ANCHOR_WORDS) as (keyof typeof ANCHOR_WORDS)[]) {
      const worn = kind === 'underFoot' || kind === 'underHand';
      for (const draw of [anchorShapes, anchorShapesFromAbove]) {
        const shapes = draw({ kind, door: null }, placing);
        expect(shapes.length > 0)
          .withContext(kind)
          .toBe(!worn);
        for (const { d } of shapes)
          expect(d)
            .withContext(kind)
            .not.toMatch(/NaN|undefined/);
      }
    }
  });

  it('hang a strap over, under or at the side of a door', () => {
    const strap = (side: 'over' | 'under' | 'hinge'): string =>
      anchorShapes(
        { kind: 'door', door: { side, opens: 'away', locked: false, foamEnd: true } },
        placing,
      ).at(-1)?.d ?? '';
    expect(new Set([strap('over'), strap('under'), strap('hinge')]).size).toBe(3);
  });
});
