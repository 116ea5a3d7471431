import {
  bandEventInput,
  measurementInput,
  readingInput,
  setInput,
  uuid,
} from '@wiry-otter/contracts';
import * as z from 'zod';

/** A write as builds before the outbox had a database of its own kept it. */
export const oldWrite = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('set'), id: uuid, sessionId: uuid, input: setInput }),
  z.object({ kind: z.literal('measurement'), id: uuid, bandId: uuid, input: measurementInput }),
  z.object({
    kind: z.literal('reading'),
    id: uuid,
    bandId: uuid,
    measurementId: uuid,
    input: readingInput,
  }),
  z.object({ kind: z.literal('bandEvent'), id: uuid, bandId: uuid, input: bandEventInput }),
]);
export type OldWrite = z.infer<typeof oldWrite>;
