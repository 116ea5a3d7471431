import type { PersonFile } from '@wiry-otter/contracts';
import { type StoppedSession, stopOfSet, stopOfUnknownFlag } from '@wiry-otter/derived';

type StopPart = NonNullable<PersonFile['stops']>[number];

/** The stops that a file of before stops were kept tells by its flags and its sets; all of them stand. */
export function stopsTold(
  sessions: PersonFile['sessions'],
  setups: PersonFile['setups'],
): StopPart[] {
  return sessions.flatMap(({ exerciseId, redFlag, sets, setups: used, ...session }) => {
    const stopped: StoppedSession = { ...session, personId: '', exerciseId };
    const document = setups.find(({ id }) => id === used[0]?.id)?.versions.at(-1)?.document;
    const facts = { by: '', work: { exerciseId, groups: document?.exercise.groups ?? [] } };
    const standing = new Map(sets.map((set) => [set.setId, set]));
    const at = (session.finishedAt ?? session.startedAt).toISOString();
    return [
      ...(redFlag ? [stopOfUnknownFlag(stopped, at, facts)] : []),
      ...[...standing.values()].flatMap((set) =>
        set.setAside
          ? []
          : (stopOfSet(
              stopped,
              { id: set.setId, pain: set.pain, performedAt: set.performedAt.toISOString() },
              facts,
            ) ?? []),
      ),
    ].map(({ personId: _person, ...stop }) => ({ ...stop, at: new Date(stop.at), raisedBy: null }));
  });
}
