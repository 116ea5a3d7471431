import { mergeFields } from './merge';

describe('two versions of a record', () => {
  const base = { version: 3, name: 'Sluice', limit: 2.5, copies: [{ id: 'a', mark: 'a' }] };

  it('are merged where each side changed other fields, and go on from the later version', () => {
    const merged = mergeFields(
      base,
      { ...base, name: 'Weir' },
      { ...base, version: 5, limit: 2.2, copies: [{ id: 'a', mark: 'I' }] },
    );
    expect(merged).toEqual({
      fields: { version: 5, name: 'Weir', limit: 2.2, copies: [{ id: 'a', mark: 'I' }] },
    });
  });

  it('are no conflict where both came to the same', () => {
    const same = { ...base, name: 'Weir' };
    expect(mergeFields(base, same, { ...same, version: 4 })).toEqual({
      fields: { ...same, version: 4 },
    });
  });

  it('are for a person where both changed the same field in different ways', () => {
    const merged = mergeFields(
      base,
      { ...base, name: 'Weir', limit: 2.2 },
      { ...base, version: 4, name: 'Lock', limit: 2.2 },
    );
    expect(merged).toEqual({ both: ['name'] });
  });
});
