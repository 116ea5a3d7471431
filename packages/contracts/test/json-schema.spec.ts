import { readFileSync } from 'node:fs';
import { OPEN_DOCUMENTS, schemaFiles } from '../src/json-schema.js';

describe('JSON Schema', () => {
  for (const { file, text } of schemaFiles()) {
    it(`of ${file} is the one under docs/schemas (npm run schemas writes it)`, () => {
      const published = readFileSync(
        new URL(`../../../docs/schemas/${file}`, import.meta.url),
        'utf8',
      );
      expect(published).toBe(text);
    });
  }

  it('asks every document for its own format and version', () => {
    for (const [format, schema] of Object.entries(OPEN_DOCUMENTS)) {
      expect(schema.shape.format.value as string).toBe(format);
      expect(schema.shape.version.value).toBe(1);
    }
  });
});
