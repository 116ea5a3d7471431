import type {
  DecisionRecord,
  SessionInput,
  SessionRecord,
  SetInput,
  SetRecord,
  SetupRecord,
  StopRecord,
  UsedSetup,
} from '@wiry-otter/contracts';
import { STOP_CAUSE_WORDS, writeDay } from '@wiry-otter/core';
import {
  derived,
  refused,
  type StopFacts,
  type StoppedSession,
  stopOfSet,
  stopsOn,
} from '@wiry-otter/derived';
import { studioFacts } from '../facts';
import {
  type RecordView,
  shown,
  type ShownRecord,
  type WriteFacts,
  type WriteKindOf,
  type Writer,
} from '../write-kind';

interface One {
  readonly id: string;
}
interface DoneSet extends One {
  readonly setId: string;
}

export function usedSetup({ document, figures, id, title, version }: SetupRecord): UsedSetup {
  return {
    id,
    version,
    title,
    exercise: document.exercise.title,
    phases: document.phases ?? null,
    bands: document.runs.length,
    figures,
  };
}

export const startSession: WriteKindOf<One, SessionInput> = {
  method: 'PUT',
  path: ({ id }) => `/sessions/${id}`,
  answers: 'session',
  about: ({ id }, { prescriptionId }) => [id, prescriptionId],
  /** Whatever screen asks for it: where a stop stands that this device knows of, nothing begins. */
  derive(view, { body: { prescriptionId } }) {
    const prescription = view.get('prescription', prescriptionId);
    if (prescription === undefined) return Promise.resolve(derived([]));
    const { personId } = prescription;
    const setup = view.get('setup', prescription.setupIds[0] ?? '');
    const groups = setup?.document.exercise.groups ?? [];
    const work = { exerciseId: prescription.exerciseId, groups };
    const [stop] = stopsOn(view.all('stop'), personId, work);
    if (stop === undefined) return Promise.resolve(derived([]));
    const found = `${STOP_CAUSE_WORDS[stop.cause]} on ${writeDay(stop.day)}`;
    const expected = 'a clearance, or a trainer’s “go on” with a reason';
    const path = '$.prescriptionId';
    return Promise.resolve(refused('stopped', [{ in: 'document', path, found, expected }]));
  },
  show(view, { body: { prescriptionId, startedAt }, params: { id } }) {
    const prescription = view.get('prescription', prescriptionId);
    if (prescription === undefined || view.get('session', id) !== undefined) return [];
    const setups = [...new Set(prescription.setupIds)].flatMap((setupId) => {
      const setup = view.get('setup', setupId);
      return setup === undefined ? [] : [usedSetup(setup)];
    });
    const session: SessionRecord = {
      id,
      version: 1,
      personId: prescription.personId,
      prescription,
      setups,
      startedAt,
      day: studioFacts(view, startedAt).today,
      finishedAt: null,
      discardedAt: null,
      redFlag: false,
      painNextMorning: null,
      againstStop: false,
      sets: [],
      decision: null,
    };
    return [shown('session', session)];
  },
};

/** A session that is there already, changed; nothing where this device does not know it. */
export function changedSession(
  view: RecordView,
  { id }: One,
  change: (session: SessionRecord) => Partial<SessionRecord>,
): ShownRecord[] {
  const session = view.get('session', id);
  if (session === undefined) return [];
  return [shown('session', { ...session, ...change(session), version: session.version + 1 })];
}

/** A session as what stops it is derived of it. */
export function stoppedSession({ day, id, personId, prescription }: SessionRecord): StoppedSession {
  return { id, day, personId, exerciseId: prescription.exerciseId };
}

/** Who raises a stop in a session, and what is done there. */
export function stopFacts(
  view: RecordView,
  { prescription, setups: [used] }: SessionRecord,
  by: Writer,
): Pick<StopFacts, 'by' | 'work'> {
  const { exerciseId } = prescription;
  const groups = view.get('setup', used?.id ?? '')?.document.exercise.groups ?? [];
  return { by: by.name, work: { exerciseId, groups } };
}

/** A stop that is raised; one of the same id stands as it is, whatever has become of it. */
export function raised(view: RecordView, stop: StopRecord | undefined): ShownRecord[] {
  return stop === undefined || view.get('stop', stop.id) !== undefined ? [] : [shown('stop', stop)];
}

/** The stop that comes with a set that hurt. */
function stopOfWrite(
  view: RecordView,
  { body, by, params }: WriteFacts<DoneSet, SetInput>,
): ShownRecord[] {
  const session = view.get('session', params.id);
  if (session === undefined) return [];
  const set = { id: params.setId, pain: body.pain, performedAt: body.performedAt };
  return raised(view, stopOfSet(stoppedSession(session), set, stopFacts(view, session, by)));
}

export const logSet: WriteKindOf<DoneSet, SetInput> = {
  method: 'PUT',
  path: ({ id, setId }) => `/sessions/${id}/sets/${setId}`,
  answers: 'session',
  about: ({ id }) => [id],
  derive: (view, write) => Promise.resolve(derived(stopOfWrite(view, write))),
  show(view, write) {
    const { body, params } = write;
    const session = view.get('session', params.id);
    return [
      ...stopOfWrite(view, write),
      ...changedSession(view, params, ({ sets, setups }) => ({
        discardedAt: null,
        sets: [
          ...sets.filter(({ id }) => id !== params.setId),
          { ...body, id: params.setId, setupId: body.setupId ?? setups[0]?.id ?? '' },
        ],
      })),
      ...(session === undefined ? [] : overtaken(view, session)),
    ];
  },
};

/** A set taken back leaves the session; what it was, to put it back, is the write's base. */
export const setSetAside: WriteKindOf<DoneSet, { readonly setAside: boolean }> = {
  method: 'PUT',
  path: ({ id, setId }) => `/sessions/${id}/sets/${setId}/set-aside`,
  answers: 'session',
  about: ({ id }) => [id],
  show: (view, { base, body, params }) =>
    changedSession(view, params, ({ sets }) => {
      const others = sets.filter(({ id }) => id !== params.setId);
      const back = body.setAside || base === undefined ? [] : [base as SetRecord];
      return {
        sets: [...others, ...back].sort((a, b) => a.performedAt.localeCompare(b.performedAt)),
      };
    }),
};

export const discardSession: WriteKindOf<One, null> = {
  method: 'DELETE',
  path: ({ id }) => `/sessions/${id}`,
  answers: 'session',
  about: ({ id }) => [id],
  show: (view, { at, params }) => changedSession(view, params, () => ({ discardedAt: at })),
};

export const restoreSession: WriteKindOf<One, null> = {
  method: 'POST',
  path: ({ id }) => `/sessions/${id}/restore`,
  answers: 'session',
  about: ({ id }) => [id],
  show: (view, { params }) => changedSession(view, params, () => ({ discardedAt: null })),
};

/** Nothing overtakes a stop, nor lighter work that nobody has settled. */
export function outlasts({ decision }: Pick<DecisionRecord, 'decision'>): boolean {
  return decision.code === 'stop' || decision.code === 'lighter';
}

/** Decisions of the same track that a session with a set in it leaves behind: nobody takes them any more. */
export function overtaken(view: RecordView, session: SessionRecord): ShownRecord[] {
  const { exerciseId, track } = session.prescription;
  return view.all('decision').flatMap((decision): ShownRecord[] => {
    if (decision.status !== 'waiting' || decision.personId !== session.personId) return [];
    if (outlasts(decision)) return [];
    const before = view.get('session', decision.sessionId);
    const isBefore =
      before !== undefined &&
      before.prescription.track === track &&
      Date.parse(before.startedAt) < Date.parse(session.startedAt);
    return decision.exerciseId === exerciseId && isBefore
      ? [shown('decision', { ...decision, status: 'void' })]
      : [];
  });
}
