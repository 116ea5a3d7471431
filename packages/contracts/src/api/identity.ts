import * as z from 'zod';

/** Ids are made by the client, so that what is written offline keeps its identity. */
export const uuid = z.uuid();

/** Version of a record: 0 before it exists; a write names the version it was made from. */
export const version = z.number().int().nonnegative();

/** A moment, ISO 8601 with its offset. */
export const moment = z.iso.datetime({ offset: true });

export const idParams = z.strictObject({ id: uuid });
