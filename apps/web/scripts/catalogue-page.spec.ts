import { readdirSync, readFileSync } from 'node:fs';
import { cataloguePage } from './catalogue-page.js';

const DOCS = new URL('../../../docs/', import.meta.url);

describe('the page of the catalogue', () => {
  const files = cataloguePage();

  it('is the one under docs (npm run catalogue writes it)', () => {
    for (const [name, text] of files) {
      expect(readFileSync(new URL(name, DOCS), 'utf8') === text)
        .withContext(name)
        .toBeTrue();
    }
    expect(readdirSync(new URL('catalogue', DOCS)).length).toBe(files.size - 1);
  });

  it('draws every exercise twice, head and all, without a place that is no number', () => {
    for (const [name, text] of files) {
      if (!name.endsWith('.svg')) continue;
      expect(text)
        .withContext(name)
        .not.toMatch(/NaN|undefined|Infinity/);
      expect(text.match(/<g /g)?.length).withContext(name).toBe(2);
      // Head, trunk and a limb or more, in both poses.
      expect(text.match(/<path d="M/g)?.length ?? 0)
        .withContext(name)
        .toBeGreaterThan(10);
    }
  });
});
