import {
  account,
  backUps,
  firstStart,
  importPlan,
  invitations,
  invitationShown,
  mails,
  peopleDeleted,
  peopleGiven,
  personFileRead,
  problemDocument,
  recordChange,
  type RecordChange,
  type RecordKind,
  type RecordOf,
  RECORDS,
  session,
  setup,
  signIns,
} from '@wiry-otter/contracts';
import * as z from 'zod';

// What answers are held to; fetched with the first request, as no screen needs it to open.
export {
  account,
  backUps,
  firstStart,
  importPlan,
  invitations,
  invitationShown,
  mails,
  peopleDeleted,
  peopleGiven,
  personFileRead,
  problemDocument,
  RECORDS,
  setup,
  signIns,
};
export const nothing = z.unknown();
export const openDocument = z.looseObject({ format: z.string(), version: z.number() });
export const sessionPage = z.array(session);

/** A record that this build cannot read, as a newer one wrote it or a kind that it does not know. */
const unread = z.object({ kind: z.string(), id: z.uuid() });
export type Unread = z.infer<typeof unread>;

const told = z.object({ ...unread.shape, version: z.number(), record: z.unknown() });

/** What can be read of the changes, and by id what cannot: one record stops nothing. */
export const changesRead = z
  .object({
    cursor: z.string(),
    more: z.boolean(),
    held: z.boolean(),
    changes: z.array(told),
  })
  .transform(({ changes, ...page }) => {
    const read = changes.map(readOf);
    return {
      ...page,
      changes: read.flatMap((change) => ('unread' in change ? [] : [change])),
      unread: read.flatMap((change) => ('unread' in change ? [change.unread] : [])),
    };
  });
export type ChangesRead = z.infer<typeof changesRead>;

function readOf(change: z.infer<typeof told>): RecordChange | { unread: Unread } {
  const unread = { kind: change.kind, id: change.id };
  const known = recordChange.safeParse(change);
  if (!known.success) return { unread };
  if (known.data.record === null) return known.data;
  const record = RECORDS[known.data.kind].safeParse(known.data.record);
  return record.success ? { ...known.data, record: record.data } : { unread };
}

/** What a write was answered with; where this build cannot read it, only that it was taken. */
export function takenAs<Kind extends RecordKind>(kind: Kind) {
  const record = RECORDS[kind] as z.ZodType as z.ZodType<RecordOf<Kind>>;
  const named = z.object({ id: z.uuid() }).transform(({ id }) => ({ unread: { kind, id } }));
  return z.union([record.transform((data) => ({ record: data })), named]);
}
