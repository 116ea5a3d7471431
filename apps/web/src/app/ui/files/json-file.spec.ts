import { downloadJson, readChosenJson } from './json-file';

/** A field in which a file was chosen. */
function chosen(text: string | null): HTMLInputElement {
  const input = document.createElement('input');
  input.type = 'file';
  if (text === null) return input;
  const transfer = new DataTransfer();
  transfer.items.add(new File([text], 'some.json'));
  input.files = transfer.files;
  return input;
}

describe('a JSON file', () => {
  it('is read from the field, which is free for another choice then', async () => {
    const input = chosen('{"format":"wiry-otter.setup"}');
    expect(await readChosenJson(input, 100)).toEqual({
      ok: true,
      json: { format: 'wiry-otter.setup' },
    });
    expect(input.files?.length).toBe(0);
    expect(await readChosenJson(chosen(null), 100)).toBeUndefined();
  });

  it('is refused when it is too large or no JSON, with found and expected', async () => {
    const large = await readChosenJson(chosen(' '.repeat(3000)), 2000);
    expect(large).toEqual({ ok: false, fault: '$: found 3 kB, expected at most 2 kB' });
    const broken = await readChosenJson(chosen('{'), 100);
    expect(broken).toEqual({ ok: false, fault: '$: found no JSON, expected an open document' });
  });

  it('is named after its title and what it is', () => {
    const clicked: string[] = [];
    spyOn(HTMLAnchorElement.prototype, 'click').and.callFake(function (this: HTMLAnchorElement) {
      clicked.push(this.download);
    });
    downloadJson('Heron at 2.00 m', 'setup', {});
    expect(clicked).toEqual(['Heron-at-2-00-m.setup.json']);
  });
});
