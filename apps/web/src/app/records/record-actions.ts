import { createActionGroup, emptyProps, props } from '@ngrx/store';
import type { RecordChange, RecordKind, RecordOf } from '@wiry-otter/contracts';
import type { ChangesRead, Unread } from '../api/answer-schemas';

/** What happens to the records that this device knows. */
export const recordActions = createActionGroup({
  source: 'Records',
  events: {
    /** Keep up with the server, from now on. */
    Follow: props<{ trainerId: string }>(),
    /** What this device had kept, but for older sessions. */
    Restored: props<{
      changes: readonly RecordChange[];
      cursor: string | null;
      unread: readonly Unread[];
    }>(),
    /** Those as well. */
    'Restored older': props<{ changes: readonly RecordChange[] }>(),
    /** Look for what has changed. */
    Pull: emptyProps(),
    Pulled: props<ChangesRead>(),
    'Pull failed': props<{ code: string; words: string }>(),
    /** What the server answered to a write, before the feed tells of it. */
    Answered: props<{ changes: readonly RecordChange[] }>(),
    /** What a write was answered with cannot be read by this build. */
    'Put aside': props<{ unread: readonly Unread[] }>(),
    /** The server's records were built anew: all are fetched again. */
    'Begun anew': emptyProps(),
    /** The sign-in has lapsed: nothing is shown, but what this device keeps stays. */
    Leave: emptyProps(),
    /** The trainer has signed out: what this device keeps of them is removed. */
    Forget: emptyProps(),
  },
});

/** A record that a write was answered with, as a change of it. */
export function answered<Kind extends RecordKind>(
  kind: Kind,
  record: RecordOf<Kind>,
): ReturnType<typeof recordActions.answered> {
  const version = 'version' in record ? record.version : 1;
  return recordActions.answered({ changes: [{ kind, id: record.id, version, record }] });
}
