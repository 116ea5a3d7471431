import { CATALOGUE } from '@wiry-otter/catalogue';
import { bandRecord, personRecord, placeRecord } from '../../testing/records';
import { everything, matching } from './finds';

const ALL = everything({
  people: [
    personRecord({ name: 'Tobias Quill', about: 'Ferry cook' }),
    personRecord({ id: 'b', name: 'Éloise Rowe', about: 'Rows before work' }),
  ],
  bands: [bandRecord({ name: 'Rowlock', tag: 3 })],
  exercises: CATALOGUE,
  places: [placeRecord()],
});
const titles = (wanted: string): string[] => matching(ALL, wanted).map(({ title }) => title);

describe('finding anything', () => {
  it('goes by the beginnings of words, those of the title first', () => {
    expect(titles('row').slice(0, 2)).toEqual(['Rowlock', 'Éloise Rowe']);
    expect(titles('quill')).toEqual(['Tobias Quill']);
    expect(titles('ferry')).toEqual(['Tobias Quill']);
    expect(titles('uill')).toEqual([]);
  });

  it('takes words in any order, without accents and capitals, and the kind of thing', () => {
    expect(titles('ROWE el')).toEqual(['Éloise Rowe']);
    expect(titles('band row')).toEqual(['Rowlock']);
    expect(titles('tag 3')).toEqual(['Rowlock']);
    expect(titles('standing row')[0]).toBe('Standing row');
    expect(titles('pull-ap')[0]).toMatch(/pull-apart/i);
    expect(titles('lats').length).toBeGreaterThan(2);
  });

  it('leads to the sheet, and for an exercise to the workbench', () => {
    const [row] = matching(ALL, 'standing row');
    expect([row?.path, row?.query]).toEqual([['/setups'], { exercise: 'standing-row' }]);
    expect(matching(ALL, 'rowlock')[0]?.path).toEqual(['/bands', bandRecord().id]);
  });

  it('tells a dozen at most', () => {
    expect(titles('').length).toBe(12);
  });
});
