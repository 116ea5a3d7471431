import type {
  PrescriptionInput,
  SessionInput,
  SessionRecord,
  SetInput,
  SetupRecord,
  UsedSetup,
} from '@wiry-otter/contracts';
import { format } from 'date-fns';
import { type RecordView, shown, type ShownRecord, type WriteKindOf } from '../write';

interface One {
  readonly id: string;
}
interface DoneSet extends One {
  readonly setId: string;
}

export const prescribe: WriteKindOf<One, PrescriptionInput> = {
  method: 'PUT',
  path: ({ id }) => `/prescriptions/${id}`,
  answers: 'prescription',
  about: ({ id }, { setupIds }) => [id, ...setupIds],
  show(view, { at, body, params: { id } }) {
    const exerciseId = view.get('setup', body.setupIds[0] ?? '')?.exerciseId;
    if (exerciseId === undefined) return [];
    const replaced = view
      .all('prescription')
      .filter(
        (one) =>
          one.id !== id &&
          one.personId === body.personId &&
          one.exerciseId === exerciseId &&
          one.track === body.track,
      );
    return [
      ...replaced.map((one) => ({ kind: 'prescription' as const, id: one.id, record: null })),
      shown('prescription', { ...body, id, exerciseId, fromDecisionId: null, createdAt: at }),
    ];
  },
};

export const putSetupAway: WriteKindOf<One, null> = {
  method: 'DELETE',
  path: ({ id }) => `/setups/${id}`,
  answers: 'setup',
  about: ({ id }) => [id],
  show: (view, { params }) => setupSetRemoved(view, params, true),
};

export const takeSetupBack: WriteKindOf<One, null> = {
  method: 'POST',
  path: ({ id }) => `/setups/${id}/restore`,
  answers: 'setup',
  about: ({ id }) => [id],
  show: (view, { params }) => setupSetRemoved(view, params, false),
};

function setupSetRemoved(view: RecordView, { id }: One, removed: boolean): ShownRecord[] {
  const setup = view.get('setup', id);
  return setup === undefined
    ? []
    : [shown('setup', { ...setup, removed, version: setup.version + 1 })];
}

function usedSetup({ document, figures, id, title, version }: SetupRecord): UsedSetup {
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
      day: format(new Date(startedAt), 'yyyy-MM-dd'),
      finishedAt: null,
      discardedAt: null,
      redFlag: false,
      sets: [],
      decision: null,
    };
    return [shown('session', session)];
  },
};

/** A session that is there already, changed; nothing where this device does not know it. */
function changed(
  view: RecordView,
  { id }: One,
  change: (session: SessionRecord) => Partial<SessionRecord>,
): ShownRecord[] {
  const session = view.get('session', id);
  if (session === undefined) return [];
  return [shown('session', { ...session, ...change(session), version: session.version + 1 })];
}

export const logSet: WriteKindOf<DoneSet, SetInput> = {
  method: 'PUT',
  path: ({ id, setId }) => `/sessions/${id}/sets/${setId}`,
  answers: 'session',
  about: ({ id }) => [id],
  show: (view, { body, params }) =>
    changed(view, params, ({ sets, setups }) => ({
      discardedAt: null,
      sets: [
        ...sets.filter(({ id }) => id !== params.setId),
        { ...body, id: params.setId, setupId: body.setupId ?? setups[0]?.id ?? '' },
      ],
    })),
};

/** A set taken back leaves the session; put back it is shown once the server has it again. */
export const setSetAside: WriteKindOf<DoneSet, { readonly setAside: boolean }> = {
  method: 'PUT',
  path: ({ id, setId }) => `/sessions/${id}/sets/${setId}/set-aside`,
  answers: 'session',
  about: ({ id }) => [id],
  show: (view, { body, params }) =>
    changed(view, params, ({ sets }) => ({
      sets: body.setAside ? sets.filter(({ id }) => id !== params.setId) : sets,
    })),
};

export const discardSession: WriteKindOf<One, null> = {
  method: 'DELETE',
  path: ({ id }) => `/sessions/${id}`,
  answers: 'session',
  about: ({ id }) => [id],
  show: (view, { at, params }) => changed(view, params, () => ({ discardedAt: at })),
};

export const restoreSession: WriteKindOf<One, null> = {
  method: 'POST',
  path: ({ id }) => `/sessions/${id}/restore`,
  answers: 'session',
  about: ({ id }) => [id],
  show: (view, { params }) => changed(view, params, () => ({ discardedAt: null })),
};
