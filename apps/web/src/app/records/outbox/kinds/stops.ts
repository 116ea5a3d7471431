import type { DecisionRecord, StopInput, StopReasonInput, StopRecord } from '@wiry-otter/contracts';
import { RED_FLAGS } from '@wiry-otter/core';
import {
  dayInZone,
  derived,
  derivedId,
  isStanding,
  liftedByTrainer,
  lookedAt,
  mayBeLifted,
  raisedStop,
  takenBackBy,
} from '@wiry-otter/derived';
import { studioFacts } from '../facts';
import {
  type RecordView,
  shown,
  type ShownRecord,
  type WriteFacts,
  type WriteKindOf,
} from '../write-kind';
import { decided, inShort } from './decisions';
import { changedSession, raised, stopFacts } from './sessions';

interface One {
  readonly id: string;
}

/** A stop with the session that it ends, and what comes next of it. */
export const raiseStop: WriteKindOf<One, StopInput> = {
  method: 'PUT',
  path: ({ id }) => `/stops/${id}`,
  answers: 'stop',
  about: ({ id }, { personId, sessionId }) => [
    ...[id, personId],
    ...(sessionId === null ? [] : [sessionId, derivedId('decision', sessionId)]),
  ],
  async derive(view, write, deriver) {
    const stop = stopOf(view, write);
    const known = view.get('session', write.body.sessionId ?? '');
    // One that was ended before is decided anew by the server.
    if (known === undefined || known.finishedAt !== null) return derived([]);
    const redFlag = known.redFlag || isFlag(stop.cause);
    const session = { ...known, finishedAt: write.at, discardedAt: null, redFlag };
    const next = await decided(view, session, write, deriver, [shown('stop', stop)]);
    // The answer is the stop: the session that it ended is fetched with what is derived.
    return next.ok ? derived([...next.value, shown('session', session)]) : next;
  },
  show(view, write) {
    const { at, body, derived: records = [] } = write;
    const decision = records.find(({ kind }) => kind === 'decision')?.record as
      DecisionRecord | undefined;
    return [
      ...raised(view, stopOf(view, write)),
      ...(body.sessionId === null
        ? []
        : changedSession(view, { id: body.sessionId }, (before) => ({
            finishedAt: before.finishedAt ?? at,
            discardedAt: null,
            redFlag: before.redFlag || isFlag(body.cause),
            ...(decision === undefined ? {} : { decision: inShort(decision) }),
          }))),
      ...records.filter(({ kind }) => kind !== 'stop' && kind !== 'session'),
    ];
  },
};

function isFlag(cause: StopRecord['cause']): boolean {
  return (RED_FLAGS as readonly string[]).includes(cause);
}

function stopOf(view: RecordView, { body, by, params }: WriteFacts<One, StopInput>): StopRecord {
  const session = view.get('session', body.sessionId ?? '');
  const work = session === undefined ? undefined : stopFacts(view, session, by).work;
  const { today: day } = studioFacts(view, body.at);
  return raisedStop(params.id, body, { by: by.name, day, session, work });
}

/** "Go on", by a trainer with a reason: all that stands of the session and cause. */
export const liftStop: WriteKindOf<One, StopReasonInput> = {
  method: 'POST',
  path: ({ id }) => `/stops/${id}/lift`,
  answers: 'stop',
  about: ({ id }) => [id],
  show(view, { at, body, by, params }) {
    const stop = view.get('stop', params.id);
    const [studio] = view.all('studio');
    const today = dayInZone(new Date(at), studio?.zone ?? 'UTC');
    return view
      .all('stop')
      .filter((one) => isSame(one, stop) && isStanding(one) && mayBeLifted(one))
      .map((one) => shown('stop', liftedByTrainer(one, by.name, today, body.why)));
  },
};

function isSame(one: StopRecord, stop: StopRecord | undefined): boolean {
  if (one.id === stop?.id) return true;
  return one.sessionId !== null && one.sessionId === stop?.sessionId && one.cause === stop.cause;
}

/** Ticked by mistake. */
export const takeStopBack: WriteKindOf<One, StopReasonInput> = {
  method: 'POST',
  path: ({ id }) => `/stops/${id}/take-back`,
  answers: 'stop',
  about: ({ id }) => [id],
  show: (view, { at, body, by, params }) =>
    changedStop(view, params, (stop) => takenBackBy(stop, by.name, at, body.why)),
};

/** One that was lifted without anybody's doing was looked at. */
export const lookAtStop: WriteKindOf<One, null> = {
  method: 'POST',
  path: ({ id }) => `/stops/${id}/look`,
  answers: 'stop',
  about: ({ id }) => [id],
  show: (view, { params }) => changedStop(view, params, lookedAt),
};

function changedStop(
  view: RecordView,
  { id }: One,
  change: (stop: StopRecord) => StopRecord,
): ShownRecord[] {
  const stop = view.get('stop', id);
  return stop === undefined ? [] : [shown('stop', change(stop))];
}
