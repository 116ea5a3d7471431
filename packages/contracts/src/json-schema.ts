import * as z from 'zod';
import { bandDocument } from './documents/band.js';
import { exerciseDocument } from './documents/exercise.js';
import {
  historyDocument,
  personDocument,
  placeDocument,
  studioDocument,
  studioSettingsDocument,
} from './documents/records.js';
import { decisionDocument, reviewDocument } from './documents/review.js';
import { calibrationDocument, samplesDocument } from './documents/samples.js';
import {
  foundDocument,
  ladderDocument,
  rungsDocument,
  searchDocument,
} from './documents/search.js';
import { setupDocument } from './documents/setup.js';
import { dosesDocument } from './documents/dose.js';
import { skillDocument } from './documents/skill.js';
import { personFile } from './api/person-file.js';
import { solutionDocument } from './documents/solution.js';

/** The open documents by the name that stands in their `format`. */
export const OPEN_DOCUMENTS = {
  'wiry-otter.samples': samplesDocument,
  'wiry-otter.calibration': calibrationDocument,
  'wiry-otter.exercise': exerciseDocument,
  'wiry-otter.skill': skillDocument,
  'wiry-otter.doses': dosesDocument,
  'wiry-otter.setup': setupDocument,
  'wiry-otter.solution': solutionDocument,
  'wiry-otter.search': searchDocument,
  'wiry-otter.found': foundDocument,
  'wiry-otter.ladder': ladderDocument,
  'wiry-otter.rungs': rungsDocument,
  'wiry-otter.review': reviewDocument,
  'wiry-otter.decision': decisionDocument,
  'wiry-otter.band': bandDocument,
  'wiry-otter.person': personDocument,
  'wiry-otter.person-file': personFile,
  'wiry-otter.place': placeDocument,
  'wiry-otter.history': historyDocument,
  'wiry-otter.studio': studioDocument,
  'wiry-otter.studio-settings': studioSettingsDocument,
} as const;

/** The JSON Schema of every open document, as the files under docs/schemas. */
export function schemaFiles(): { file: string; text: string }[] {
  return Object.entries(OPEN_DOCUMENTS).map(([format, schema]) => ({
    file: `${format}.v1.schema.json`,
    text: `${JSON.stringify({ title: format, ...z.toJSONSchema(schema, { io: 'input' }) }, null, 2)}\n`,
  }));
}
