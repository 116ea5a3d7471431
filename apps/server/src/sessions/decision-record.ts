import type { DecisionRecord } from '@wiry-otter/contracts';
import type { DecisionRow } from '../database/entities/session.js';

/** A decision as the API shows it. */
export function toDecision({ studioId: _studio, ...row }: DecisionRow): DecisionRecord {
  return row;
}
