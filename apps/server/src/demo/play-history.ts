import { findExercise } from '@wiry-otter/catalogue';
import type {
  CompleteSetupDocument,
  ExerciseDocument,
  HistoryDocument,
} from '@wiry-otter/contracts';
import { type AnchorPlace, canBeUsed, composeSetup, fittedBand, knowBands } from '@wiry-otter/core';
import { v7 as uuidv7 } from 'uuid';
import { readBands } from '../areas/bands/band-store.js';
import { findPerson } from '../areas/people/people-store.js';
import type { ScopedManager } from '../platform/records/scoped-manager.js';
import { DecisionEntity } from '../areas/sessions/entities.js';
import {
  acceptDecision,
  finishSession,
  overruleDecision,
} from '../areas/sessions/decision-store.js';
import {
  addPrescription,
  prescriptionsInForce,
} from '../areas/prescriptions/prescription-store.js';
import { logSet, startSession } from '../areas/sessions/session-store.js';
import { putSetup, readSetup } from '../areas/setups/setup-store.js';
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
  scoped: ScopedManager,
  shift: DayShift,
  ids: DemoIds,
  history: HistoryDocument,
): Promise<void> {
  const personId = known(ids.people, history.person);
  const exercise = findExercise(history.exercise);
  if (exercise === undefined) throw new Error(`history: no exercise ${history.exercise}`);
  const begin = at(scoped, shift.moment(history.sessions[0]?.day ?? history.lastDay, 8));
  const setups = new Map<string, string>();
  for (const told of history.setups) {
    const id = uuidv7();
    setups.set(told.id, id);
    await saveSetup(begin, ids, history, exercise, personId, told, id);
  }
  const { setup, reps, ...prescribed } = history.prescription;
  const work = { kind: 'reps', ...reps } as const;
  await addPrescription(begin, uuidv7(), {
    ...prescribed,
    work,
    personId,
    setupIds: [known(setups, setup)],
    track: 'main',
    drop: null,
  });
  for (const told of history.sessions) {
    await playSession(scoped, shift, history, told, personId, setups);
  }
}

async function saveSetup(
  scoped: ScopedManager,
  ids: DemoIds,
  history: HistoryDocument,
  exercise: ExerciseDocument,
  personId: string,
  told: HistoryDocument['setups'][number],
  id: string,
): Promise<void> {
  const person = await findPerson(scoped, personId);
  const records = await readBands(
    scoped,
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
  await putSetup(scoped, SOLVER_IN_PLACE, id, input);
  const { cautions, ready } = await readSetup(scoped, id);
  if (ready) return;
  // The trainer of the story has read the warnings; a refusal would still stand and show up in tests.
  const acknowledged = cautions.map(({ rule }) => rule);
  await putSetup(scoped, SOLVER_IN_PLACE, id, { ...input, version: 1, acknowledged });
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
  scoped: ScopedManager,
  shift: DayShift,
  history: HistoryDocument,
  told: HistoryDocument['sessions'][number],
  personId: string,
  setups: ReadonlyMap<string, string>,
): Promise<void> {
  const startedAt = shift.moment(told.day, SESSION_HOUR);
  const [current] = await prescriptionsInForce(scoped, personId, history.exercise);
  if (current === undefined || current.setupIds[0] !== setups.get(told.setup)) {
    throw new Error(`history of ${history.person}, ${told.day}: ${told.setup} is not in force`);
  }
  const id = uuidv7();
  const begin = at(scoped, startedAt);
  await startSession(begin, SOLVER_IN_PLACE, id, {
    prescriptionId: current.id,
    startedAt: startedAt.toISOString(),
  });
  for (const [i, set] of told.sets.entries()) {
    const performedAt = shift.moment(told.day, SESSION_HOUR, (i + 1) * MINUTES_PER_SET);
    await logSet(begin, SOLVER_IN_PLACE, id, uuidv7(), {
      ...set,
      partial: 0,
      setupId: null,
      hold_s: null,
      lowering_s: null,
      performedAt: performedAt.toISOString(),
    });
  }
  const end = at(
    scoped,
    shift.moment(told.day, SESSION_HOUR, (told.sets.length + 1) * MINUTES_PER_SET),
  );
  await finishSession(end, SOLVER_IN_PLACE, id, { redFlag: false });
  const decision = await end.findOwn(DecisionEntity, { sessionId: id });
  await settle(end, decision.id, told.then, setups);
}

async function settle(
  scoped: ScopedManager,
  id: string,
  then: HistoryDocument['sessions'][number]['then'],
  setups: ReadonlyMap<string, string>,
): Promise<void> {
  if (then === 'wait') return;
  if (then === 'accept') {
    await acceptDecision(scoped, SOLVER_IN_PLACE, id);
    return;
  }
  const { setup, target, note } = then.overrule;
  const input = { setupIds: [known(setups, setup)], target, note };
  await overruleDecision(scoped, SOLVER_IN_PLACE, id, input);
}

/** The same at a moment of the story. */
function at(scoped: ScopedManager, now: Date): ScopedManager {
  return scoped.as({ ...scoped.scope, now });
}

function known(ids: ReadonlyMap<string, string>, id: string): string {
  const found = ids.get(id);
  if (found === undefined) throw new Error(`demo: nothing is called ${id}`);
  return found;
}
