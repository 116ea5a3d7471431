import type {
  DecisionDocument,
  DecisionRecord,
  ReviewDocument,
  SetInput,
} from '@wiry-otter/contracts';
import { EntitySchema } from 'typeorm';
import {
  flag,
  id,
  integer,
  json,
  moment,
  nullable,
  number,
  studioId,
  text,
  uuid,
  version,
} from '../../platform/database/columns.js';

export interface SessionRow {
  id: string;
  studioId: string;
  version: number;
  personId: string;
  prescriptionId: string;
  /** Each set-up of the prescription once, in the version that was used. */
  setups: { id: string; version: number }[];
  exerciseId: string;
  startedAt: Date;
  /** The studio's day of the start, ISO 8601. */
  day: string;
  finishedAt: Date | null;
  redFlag: boolean;
  painNextMorning: number | null;
  /** Begun where a stop stood that the device did not know of. */
  againstStop: boolean;
  /** Given up before a set was done; it is nowhere listed. */
  discardedAt: Date | null;
}

export const SessionEntity = new EntitySchema<SessionRow>({
  name: 'training_session',
  columns: {
    id,
    studioId,
    version,
    personId: uuid('person_id'),
    prescriptionId: uuid('prescription_id'),
    setups: json(),
    exerciseId: text('exercise_id'),
    startedAt: moment('started_at'),
    day: text(),
    finishedAt: nullable(moment('finished_at')),
    redFlag: flag('red_flag'),
    painNextMorning: nullable(integer('pain_next_morning')),
    againstStop: flag('against_stop'),
    discardedAt: nullable(moment('discarded_at')),
  },
});

/**
 * A set as it was done. Append-only: taking one back is a
 * later row of the same set, `setAside`.
 */
export interface TrainingSetRow extends Omit<SetInput, 'performedAt' | 'setupId'> {
  id: string;
  setupId: string;
  performedAt: Date;
  studioId: string;
  sessionId: string;
  setId: string;
  sequence: number;
  setAside: boolean;
}

export const TrainingSetEntity = new EntitySchema<TrainingSetRow>({
  name: 'training_set',
  columns: {
    id,
    performedAt: { ...moment('performed_at'), primary: true },
    studioId,
    sessionId: uuid('session_id'),
    setId: uuid('set_id'),
    setupId: uuid('setup_id'),
    sequence: integer(),
    reps: integer(),
    partial: integer('partial_reps'),
    hold_s: nullable(number('hold_s')),
    lowering_s: nullable(number('lowering_s')),
    spare: nullable(integer()),
    form: text(),
    pain: integer(),
    setAside: flag('set_aside'),
  },
});

export interface DecisionRow {
  id: string;
  studioId: string;
  version: number;
  sessionId: string;
  personId: string;
  exerciseId: string;
  status: DecisionRecord['status'];
  /** Of what computed it. */
  model: number | null;
  ladder: DecisionRecord['ladder'];
  review: ReviewDocument;
  decision: DecisionDocument;
  outcome: DecisionRecord['outcome'];
  outcomesBefore: DecisionRecord['outcomesBefore'];
}

export const DecisionEntity = new EntitySchema<DecisionRow>({
  name: 'decision',
  columns: {
    id,
    studioId,
    version,
    sessionId: uuid('session_id'),
    personId: uuid('person_id'),
    exerciseId: text('exercise_id'),
    status: text(),
    model: nullable(integer()),
    ladder: json(),
    review: json(),
    decision: json(),
    outcome: nullable(json()),
    outcomesBefore: json('outcomes_before'),
  },
});
