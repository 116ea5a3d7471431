import { findExercise } from '@wiry-otter/catalogue';
import type { ExerciseDocument, PlaceRecord } from '@wiry-otter/contracts';
import { anchorRecord, placeRecord, UUID } from '../../../testing/records';
import { bestAnchor, isOnBody, missingWords, usableAnchors } from './kit';

function exercise(id: string): ExerciseDocument {
  const found = findExercise(id);
  if (found === undefined) throw new Error(id);
  return found;
}

const CABIN: PlaceRecord = {
  id: `${UUID}8`,
  version: 1,
  name: 'Cabin',
  about: '',
  anchors: [anchorRecord()],
};

describe('kit', () => {
  it('offers what the exercise can use', () => {
    const kinds = usableAnchors(exercise('standing-row'), placeRecord()).map(({ kind }) => kind);
    expect(kinds).toEqual(['wall', 'door']);
  });

  it('says what is missing and where it is', () => {
    const words = missingWords(exercise('pull-up'), CABIN, [CABIN, placeRecord()]);
    expect(words).toContain('Cabin has nothing to hang this on: bar, rings or rack');
    expect(words).toContain('Boatyard loft has one');
    expect(missingWords(exercise('pull-up'), CABIN, [CABIN])).toContain('No place on file');
    expect(missingWords(exercise('pull-up'), placeRecord(), [])).toBeNull();
  });

  it('asks nothing of a place for what is done with foot or hand', () => {
    expect(isOnBody(exercise('curl'))).toBeTrue();
    expect(isOnBody(exercise('kickback-under-hand'))).toBeTrue();
    expect(missingWords(exercise('curl'), CABIN, [])).toBeNull();
  });

  it('begins with the anchor at the usual height, of the kind named first', () => {
    const low = anchorRecord({ id: `${UUID}6`, name: 'Low', highest_m: 0.5 });
    const door = anchorRecord({ id: `${UUID}7`, name: 'Door', kind: 'door', highest_m: 1.3 });
    const best = bestAnchor(exercise('standing-row'), [low, anchorRecord(), door], 1.2);
    expect(best?.name).toBe('Door');
    expect(bestAnchor(exercise('standing-row'), [low, anchorRecord(), door], 1.9)?.name).toBe(
      'Wall strap',
    );
  });
});
