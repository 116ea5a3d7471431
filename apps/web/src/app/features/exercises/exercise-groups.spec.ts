import { CATALOGUE, findExercise } from '@wiry-otter/catalogue';
import { groupExercises, matchingExercises } from './exercise-groups';

describe('exercises to choose from', () => {
  it('stand once each, under the part of the body that they train first', () => {
    const groups = groupExercises(CATALOGUE);
    const ids = groups.flatMap(({ exercises }) => exercises.map(({ id }) => id));
    expect(ids.length).toBe(CATALOGUE.length);
    expect(new Set(ids).size).toBe(CATALOGUE.length);
    const back = groups.find(({ words }) => words === 'Back');
    expect(back?.exercises.some(({ id }) => id === 'standing-row')).toBeTrue();
    expect(groups.some(({ words }) => words === 'Your own')).toBeFalse();
  });

  it('put the studio’s own first', () => {
    const row = findExercise('standing-row');
    if (row === undefined) throw new Error('no row');
    const own = { ...row, id: 'own-1', title: 'Row on the quay' };
    expect(groupExercises([...CATALOGUE, own])[0]?.words).toBe('Your own');
  });

  it('are found by words of their title, muscle or part, in any order', () => {
    const titles = (wanted: string) => matchingExercises(CATALOGUE, wanted).map(({ id }) => id);
    expect(titles('row stand')).toContain('standing-row');
    expect(titles('upper back')).toContain('standing-row');
    expect(titles('BICEPS')).toContain('curl');
    expect(titles('nothing like it')).toEqual([]);
    expect(titles(' ').length).toBe(CATALOGUE.length);
  });
});
