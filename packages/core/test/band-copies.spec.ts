import {
  bandOfCopy,
  bandsLaid,
  copiesAtHand,
  copiesInUse,
  copyOfId,
  factsOfLaid,
  idsOfCopies,
  kitFor,
} from '../src/index.js';
import { type Copy, IN_BAG, labelledBand } from './support/recorded-bands.js';

describe('ids of copies', () => {
  it('go from a band to its copies and back', () => {
    const ids = idsOfCopies(['reed', 'heron', 'reed', 'reed']);
    expect(ids).toEqual(['reed', 'heron', 'reed~2', 'reed~3']);
    expect(ids.map(bandOfCopy)).toEqual(['reed', 'heron', 'reed', 'reed']);
    expect(ids.map(copyOfId)).toEqual([1, 1, 2, 3]);
    expect(bandsLaid({ bands: ids.map((id) => ({ id })) })).toEqual(['reed', 'heron']);
  });

  it('leave alone what is no number of a copy', () => {
    for (const id of ['reed~1', 'reed~0', 'reed~02', 'reed~', '~', 'reed-2']) {
      expect([bandOfCopy(id), copyOfId(id)]).toEqual([id, 1]);
    }
  });

  it('carry the facts of their band', () => {
    const facts = factsOfLaid(['reed', 'reed~2', 'gone'], [labelledBand([IN_BAG])]);
    expect(facts.map(({ id, title }) => [id, title])).toEqual([
      ['reed', 'Reed'],
      ['reed~2', 'Reed'],
    ]);
  });
});

describe('the bands at hand', () => {
  const at = (holder: Copy['holder'], state: Copy['state'] = 'inUse'): Copy => ({
    ...IN_BAG,
    holder,
    state,
  });
  const owner = { personId: 'odile', placeId: 'quay' };

  it('are in the bag, at the place or with the person, and not retired', () => {
    const band = labelledBand([
      IN_BAG,
      at({ at: 'place', placeId: 'quay' }),
      at({ at: 'place', placeId: 'lock' }),
      at({ at: 'person', personId: 'odile' }),
      at({ at: 'person', personId: 'runa' }),
      at({ at: 'person', personId: null }),
      at({ at: 'bag' }, 'retired'),
    ]);
    expect(copiesAtHand(band, owner)).toBe(3);
    expect(copiesAtHand(band, { personId: 'runa', placeId: null })).toBe(2);
    expect(copiesInUse(band)).toBe(6);
    expect(copiesAtHand(labelledBand([IN_BAG], { removed: true }), owner)).toBe(0);
    expect(copiesInUse(labelledBand([at({ at: 'bag' }, 'retired')]))).toBe(0);
  });

  it('are as many of each as the exercise takes, and nothing that the person may not touch', () => {
    const one = labelledBand([IN_BAG], { id: 'one' });
    const two = labelledBand([IN_BAG, IN_BAG], { id: 'two', material: 'synthetic' });
    const lawless = labelledBand([IN_BAG, IN_BAG], { id: 'lawless', label: null });
    const kit = (latexAllergy: boolean, bandOnEachSide: boolean): string[] =>
      kitFor([one, two, lawless], { ...owner, latexAllergy, exercise: { bandOnEachSide } }).map(
        ({ record }) => record.id,
      );
    expect(kit(false, false)).toEqual(['one', 'two']);
    expect(kit(false, true)).toEqual(['two']);
    expect(kit(true, false)).toEqual(['two']);
  });
});
