// `npm run catalogue`: writes the catalogue's page and pictures into docs.
import { mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { cataloguePage } from './catalogue-page.js';

const DOCS = fileURLToPath(new URL('../../../docs/', import.meta.url));

rmSync(`${DOCS}catalogue`, { recursive: true, force: true });
mkdirSync(`${DOCS}catalogue`, { recursive: true });
for (const [name, text] of cataloguePage()) writeFileSync(`${DOCS}${name}`, text);
