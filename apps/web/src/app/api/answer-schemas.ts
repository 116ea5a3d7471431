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

/** A kind that this build does not know is of a newer one, and is left out. */
export const knownChanges = z.object({
  cursor: z.string(),
  more: z.boolean(),
  held: z.boolean(),
  changes: z.array(z.unknown()).transform((all) =>
    all.flatMap((one) => {
      const { data: change } = recordChange.safeParse(one);
      if (change === undefined) return [];
      const { kind, record } = change;
      return [{ ...change, record: record === null ? null : RECORDS[kind].parse(record) }];
    }),
  ),
});
