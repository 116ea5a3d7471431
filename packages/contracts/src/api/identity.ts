import * as z from 'zod';

/** Ids are made by the client, so that what is written offline keeps its identity. */
export const uuid = z.uuid();

/** Version of a record: 0 before it exists; a write names the version it was made from. */
export const version = z.number().int().nonnegative();

/** A moment, ISO 8601 with its offset. */
export const moment = z.iso.datetime({ offset: true });

/** Number of the model that something was derived with; null where it was before that was kept. */
export const model = z.number().int().min(1).nullable();

/** Nothing is on record from before, ms since 1970. */
const EARLIEST = Date.parse('1900-01-01T00:00:00Z');
/** Clocks of devices go wrong by hours, not by more, ms. */
const AHEAD_MS = 86_400_000;

/** A moment at which something is said to have happened: not before 1900, nor more than a day ahead. */
export const happenedAt = moment.refine(
  (text) => Date.parse(text) >= EARLIEST && Date.parse(text) <= Date.now() + AHEAD_MS,
  { message: 'a moment since 1900, at most a day ahead' },
);

export const idParams = z.strictObject({ id: uuid });
