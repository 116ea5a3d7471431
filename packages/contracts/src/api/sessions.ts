import * as z from 'zod';
import { day, form, nonNegative, phaseRange } from '../documents/primitives.js';
import { work } from '../documents/dose.js';
import { decisionDocument, reviewDocument, school } from '../documents/review.js';
import { happenedAt, model, moment, uuid, version } from './identity.js';
import { setupFigures } from './setups.js';

const count = z.number().int().min(0).max(1000);
const painFelt = z.number().int().min(0).max(10);

/** One set of several parts, each lighter than the one before, or heavier on the way up. */
export const dropSet = z.strictObject({
  /** How often the load changes. */
  times: z.number().int().min(1).max(6),
  /** Wanted share of the load that each drop takes off. */
  share: z.number().min(0.05).max(0.5),
  direction: z.enum(['down', 'up', 'downUp']),
  /** What the last part is done for. */
  last: z.enum(['reps', 'speed', 'hold']),
  /** What is changed before each part, and what it asks then; the first is the set-up as it stands. */
  parts: z
    .array(z.strictObject({ change: z.string().max(200), load: nonNegative }))
    .min(2)
    .max(13),
});
export type DropSetRecord = z.infer<typeof dropSet>;

/** Lets one exercise stand twice for a person, as repetitions and as slow lowerings. */
export const TRACKS = ['main', 'lowering'] as const;

const prescriptionFields = {
  personId: uuid,
  /** One for all sets, or one for each: a taper has less help in every set. */
  setupIds: z.array(uuid).min(1).max(20),
  track: z.enum(TRACKS).default('main'),
  school,
  sets: z.number().int().min(1).max(20),
  work,
  rest_s: nonNegative.max(3600),
  /** Per set, repetitions or seconds. */
  target: z.array(count).min(1).max(20),
  /** The last set goes on in parts; null where it does not. */
  drop: dropSet.nullable().default(null),
};

export const prescriptionInput = z
  .strictObject(prescriptionFields)
  .refine((value) => value.target.length === value.sets, {
    path: ['target'],
    message: 'one target for each set',
  })
  .refine(({ sets, setupIds }) => setupIds.length === 1 || setupIds.length === sets, {
    path: ['setupIds'],
    message: 'one set-up, or one for each set',
  });
export type PrescriptionInput = z.infer<typeof prescriptionInput>;

export const prescription = z.object({
  id: uuid,
  ...prescriptionFields,
  exerciseId: z.string(),
  fromDecisionId: uuid.nullable(),
  createdAt: moment,
});
export type PrescriptionRecord = z.infer<typeof prescription>;

export const sessionInput = z.strictObject({
  prescriptionId: uuid,
  startedAt: happenedAt,
  /** Up to where the device had the changes then: what it knew of stops. */
  knownTo: z.string().max(200).optional(),
});
export type SessionInput = z.infer<typeof sessionInput>;

const setFields = {
  performedAt: moment,
  /** What it was done with. */
  setupId: uuid,
  /** None where the set was held. */
  reps: count,
  partial: count,
  /** Seconds held; null where repetitions were counted. */
  hold_s: nonNegative.max(3600).nullable(),
  /** Seconds of the quickest lowering; null where none was counted. */
  lowering_s: nonNegative.max(3600).nullable(),
  /** Repetitions in reserve, 0 … 5. */
  spare: z.number().int().min(0).max(5).nullable(),
  form,
  pain: painFelt,
};

/**
 * A device that has waited since before holds and lowerings were kept says nothing of them, nor of
 * the set-up: it is the session's first.
 */
export const setInput = z.strictObject({
  ...setFields,
  performedAt: happenedAt,
  setupId: uuid.nullable().default(null),
  hold_s: setFields.hold_s.default(null),
  lowering_s: setFields.lowering_s.default(null),
});
export type SetInput = z.infer<typeof setInput>;

/** A set logged by mistake is taken back, or counts again. */
export const setAsideInput = z.strictObject({ setAside: z.boolean() });

export const trainingSet = z.object({ id: uuid, ...setFields });
export type SetRecord = z.infer<typeof trainingSet>;

export const setParams = z.strictObject({ id: uuid, setId: uuid });

/** A device of before says here that a flag was ticked, and not which. */
export const finishInput = z.strictObject({ redFlag: z.boolean().default(false) });
export type FinishInput = z.infer<typeof finishInput>;

/** What the person says the next time they are seen; null takes it back. */
export const nextMorningInput = z.strictObject({ pain: painFelt.nullable() });
export type NextMorningInput = z.infer<typeof nextMorningInput>;

/** One set-up for all sets, or one for each. */
const setupIds = prescriptionFields.setupIds;

export const overruleInput = z.strictObject({
  setupIds,
  target: z.array(count).min(1).max(20),
  note: z.string().trim().min(1).max(500),
});
export type OverruleInput = z.infer<typeof overruleInput>;

/** What was made of a decision, by whom and when. */
export const outcome = z.object({
  setupIds,
  target: z.array(count),
  decidedBy: z.string(),
  decidedAt: moment,
  note: z.string(),
});

export const decision = z.object({
  id: uuid,
  model,
  sessionId: uuid,
  personId: uuid,
  exerciseId: z.string(),
  /** `void`: a newer session of the exercise was done before anybody decided. */
  status: z.enum(['waiting', 'accepted', 'overruled', 'void']),
  /** Set-up of each rung, easiest first. */
  ladder: z.array(z.object({ setupId: uuid, title: z.string(), load: z.number() })),
  review: reviewDocument,
  decision: decisionDocument,
  outcome: outcome.nullable(),
  /** What was made of it before it was decided anew, the latest last. */
  outcomesBefore: z.array(outcome).default([]),
});
export type DecisionRecord = z.infer<typeof decision>;

/** A set-up that a session used, in the version it began with; its document is asked for by that. */
export const usedSetup = z.object({
  id: uuid,
  version,
  title: z.string(),
  /** Title of the exercise. */
  exercise: z.string(),
  /** The part of the movement; null where it was all of it. */
  phases: phaseRange.nullable(),
  /** How many bands were laid. */
  bands: z.number().int().nonnegative(),
  figures: setupFigures,
});
export type UsedSetup = z.infer<typeof usedSetup>;

export const session = z.object({
  id: uuid,
  version,
  personId: uuid,
  prescription,
  /** Each set-up of the prescription once, in its order, as it was when the session began. */
  setups: z.array(usedSetup).min(1),
  startedAt: moment,
  day,
  finishedAt: moment.nullable(),
  /** Given up before a set was done. */
  discardedAt: moment.nullable(),
  redFlag: z.boolean(),
  /** Greatest pain of the next morning; null until somebody asked. */
  painNextMorning: painFelt.nullable(),
  /** Begun where a stop stood that the device did not know of. */
  againstStop: z.boolean(),
  sets: z.array(trainingSet),
  /** What was decided after it, in short. */
  decision: z
    .object({ id: uuid, code: decisionDocument.shape.code, status: decision.shape.status })
    .nullable(),
});
export type SessionRecord = z.infer<typeof session>;

/** Sessions handed out at a time, at most. */
export const MOST_SESSIONS = 100;

/** Sessions before one that is known, the latest first. */
export const sessionsQuery = z.strictObject({
  personId: uuid,
  beforeDay: day.optional(),
  /** Of that day's, those before this one. */
  beforeId: uuid.optional(),
  limit: z.coerce.number().int().min(1).max(MOST_SESSIONS).default(50),
});
export type SessionsQuery = z.infer<typeof sessionsQuery>;
