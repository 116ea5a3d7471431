import { findExercise } from '@wiry-otter/catalogue';
import type {
  CompleteSetupDocument,
  DecisionRecord,
  ExerciseDocument,
  HistoryDocument,
} from '@wiry-otter/contracts';
import { type AnchorPlace, canBeUsed, composeSetup, fittedBand, knowBands } from '@wiry-otter/core';
import type { EntityManager } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import { readBands } from '../areas/bands/band-store.js';
import { findPerson } from '../areas/people/people-store.js';
import type { Scope } from '../platform/access/scope.js';
import {
  acceptDecision,
  finishSession,
  overruleDecision,
} from '../areas/sessions/decision-store.js';
import { addPrescription, listPrescriptions } from '../areas/prescriptions/prescription-store.js';
import { logSet, startSession } from '../areas/sessions/session-store.js';
import { putSetup } from '../areas/setups/setup-store.js';
import { SOLVER_IN_PLACE } from '../platform/solving/solver.js';
import type { DayShift } from './day-shift.js';
import type { DemoIds } from './demo-ids.js';

/** Sessions of the story begin at this hour of UTC. */
const SESSION_HOUR = 16;
const MINUTES_PER_SET = 3;

/**
 * Lives through a person's history: set-ups, sessions set by set, and the
 * decision after each, taken by the product's own rules.
 */
export async function playHistory(
  manager: EntityManager,
  scope: Scope,
  shift: DayShift,
  ids: DemoIds,
  history: HistoryDocument,
): Promise<void> {
  const personId = known(ids.people, history.person);
  const exercise = findExercise(history.exercise);
  if (exercise === undefined) throw new Error(`history: no exercise ${history.exercise}`);
  const begin = { ...scope, now: shift.moment(history.sessions[0]?.day ?? history.lastDay, 8) };
  const setups = new Map<string, string>();
  for (const told of history.setups) {
    const id = uuidv7();
    setups.set(told.id, id);
    await saveSetup(manager, begin, ids, history, exercise, personId, told, id);
  }
  const { setup, reps, ...prescribed } = history.prescription;
  const work = { kind: 'reps', ...reps } as const;
  await addPrescription(manager, begin, uuidv7(), {
    ...prescribed,
    work,
    personId,
    setupIds: [known(setups, setup)],
    track: 'main',
    drop: null,
  });
  for (const told of history.sessions) {
    await playSession(manager, scope, shift, history, told, personId, setups);
  }
}

async function saveSetup(
  manager: EntityManager,
  scope: Scope,
  ids: DemoIds,
  history: HistoryDocument,
  exercise: ExerciseDocument,
  personId: string,
  told: HistoryDocument['setups'][number],
  id: string,
): Promise<void> {
  const person = await findPerson(manager, scope, personId);
  const records = await readBands(
    manager,
    scope,
    told.bands.map((band) => known(ids.bands, band)),
  );
  const bands = knowBands(records).filter(canBeUsed).map(fittedBand);
  const document: CompleteSetupDocument = {
    format: 'wiry-otter.setup',
    version: 1,
    ...composeSetup({
      exercise,
      body: person,
      anchor: anchorPlace(exercise, person.stature_m, told),
      routes: (exercise.routes ?? []).filter((route) => route.id === told.route),
      bands,
    }),
  };
  const input = {
    version: 0,
    personId,
    placeId: known(ids.places, history.place),
    anchorId: history.anchor === null ? null : known(ids.anchors, history.anchor),
    title: told.title,
    routeId: told.route,
    document,
    acknowledged: [],
  };
  const saved = await putSetup(manager, SOLVER_IN_PLACE, scope, id, input);
  if (saved.ready) return;
  // The trainer of the story has read the warnings; a refusal would still stand and show up in tests.
  const acknowledged = saved.cautions.map(({ rule }) => rule);
  await putSetup(manager, SOLVER_IN_PLACE, scope, id, { ...input, version: 1, acknowledged });
}

function anchorPlace(
  { anchor }: ExerciseDocument,
  stature_m: number,
  told: HistoryDocument['setups'][number],
): AnchorPlace | undefined {
  if (anchor === undefined) return undefined;
  return {
    height_m: told.height_m ?? anchor.height * stature_m,
    distance_m: told.distance_m ?? anchor.distance * stature_m,
  };
}

async function playSession(
  manager: EntityManager,
  scope: Scope,
  shift: DayShift,
  history: HistoryDocument,
  told: HistoryDocument['sessions'][number],
  personId: string,
  setups: ReadonlyMap<string, string>,
): Promise<void> {
  const startedAt = shift.moment(told.day, SESSION_HOUR);
  const at: Scope = { ...scope, now: startedAt };
  const current = (await listPrescriptions(manager, at)).find(
    (entry) => entry.personId === personId && entry.exerciseId === history.exercise,
  );
  if (current === undefined || current.setupIds[0] !== setups.get(told.setup)) {
    throw new Error(`history of ${history.person}, ${told.day}: ${told.setup} is not in force`);
  }
  const id = uuidv7();
  await startSession(manager, SOLVER_IN_PLACE, at, id, {
    prescriptionId: current.id,
    startedAt: startedAt.toISOString(),
  });
  for (const [i, set] of told.sets.entries()) {
    const performedAt = shift.moment(told.day, SESSION_HOUR, (i + 1) * MINUTES_PER_SET);
    await logSet(manager, at, id, uuidv7(), {
      ...set,
      partial: 0,
      setupId: null,
      hold_s: null,
      lowering_s: null,
      performedAt: performedAt.toISOString(),
    });
  }
  const end: Scope = {
    ...scope,
    now: shift.moment(told.day, SESSION_HOUR, (told.sets.length + 1) * MINUTES_PER_SET),
  };
  const { decision } = await finishSession(manager, SOLVER_IN_PLACE, end, id, {
    version: 1,
    redFlag: false,
  });
  if (decision !== null) await settle(manager, end, decision, told.then, setups);
}

async function settle(
  manager: EntityManager,
  scope: Scope,
  { id }: DecisionRecord,
  then: HistoryDocument['sessions'][number]['then'],
  setups: ReadonlyMap<string, string>,
): Promise<void> {
  if (then === 'wait') return;
  if (then === 'accept') {
    await acceptDecision(manager, SOLVER_IN_PLACE, scope, id);
    return;
  }
  const { setup, target, note } = then.overrule;
  const input = { setupIds: [known(setups, setup)], target, note };
  await overruleDecision(manager, SOLVER_IN_PLACE, scope, id, input);
}

function known(ids: ReadonlyMap<string, string>, id: string): string {
  const found = ids.get(id);
  if (found === undefined) throw new Error(`demo: nothing is called ${id}`);
  return found;
}
