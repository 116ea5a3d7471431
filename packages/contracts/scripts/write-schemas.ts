import { mkdirSync, writeFileSync } from 'node:fs';
import { schemaFiles } from '../src/json-schema.js';

// Writes the JSON Schemas of the open documents into docs/schemas.
const folder = new URL('../../../docs/schemas/', import.meta.url);
mkdirSync(folder, { recursive: true });
for (const { file, text } of schemaFiles()) writeFileSync(new URL(file, folder), text);
