import { createActionGroup, emptyProps, props } from '@ngrx/store';
import type { Changes, RecordChange, RecordKind, RecordOf } from '@wiry-otter/contracts';

/** What happens to the records that this device knows. */
export const recordActions = createActionGroup({
  source: 'Records',
  events: {
    /** Keep up with the server, from now on. */
    Follow: emptyProps(),
    /** Look for what has changed. */
    Pull: emptyProps(),
    Pulled: props<Changes>(),
    'Pull failed': props<{ words: string }>(),
    /** What the server answered to a write, before the feed tells of it. */
    Answered: props<{ changes: readonly RecordChange[] }>(),
    /** The server's records were built anew: all are fetched again. */
    'Begun anew': emptyProps(),
    /** They are no longer this trainer's to see. */
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
