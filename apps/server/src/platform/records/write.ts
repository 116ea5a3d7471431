import { type RecordKind, RECORDS, uuid } from '@wiry-otter/contracts';
import type { FastifyRequest } from 'fastify';
import { createHash } from 'node:crypto';
import type * as z from 'zod';
import type { App } from '../app-context.js';
import { refuse } from '../problems/refusal.js';
import { ConfirmedWriteEntity } from './entities.js';
import { recordText, SEEN } from './read-records.js';
import type { ScopedManager } from './scoped-manager.js';

/** Names a write, so that sent again, by whoever lost the answer, it is answered alike. */
export const WRITE_ID_HEADER = 'otter-write';

/** Bodies as they were sent. */
const sentBodies = new WeakMap<FastifyRequest, unknown>();

export interface WriteRoute<Params extends WithId, Body extends z.ZodType> {
  readonly method: 'PUT' | 'POST' | 'DELETE';
  readonly url: string;
  readonly params: Params;
  readonly body?: Body;
  /** Bytes. */
  readonly bodyLimit?: number;
  /** Who may ask. */
  readonly config?: { readonly owners: true };
  /** It is answered with the record of this kind. */
  readonly answers: RecordKind;
  /** Returns whose record is the answer where it is not that of `params.id`. */
  readonly work: (
    scoped: ScopedManager,
    asked: { readonly params: z.output<Params>; readonly body: z.output<Body> },
  ) => Promise<string | void>;
}

type WithId = z.ZodType<{ id?: string | undefined }>;

/**
 * The one way to write: in a transaction with the records that follow from it, and once for each id
 * of the header. What answers is the record as it is stored, which was held to its schema then.
 */
export function writeRoute<Params extends WithId, Body extends z.ZodType>(
  app: App,
  { answers, body, bodyLimit, config, method, params, url, work }: WriteRoute<Params, Body>,
): void {
  app.route({
    method,
    url,
    ...(config === undefined ? {} : { config }),
    ...(bodyLimit === undefined ? {} : { bodyLimit }),
    schema: {
      params,
      ...(body === undefined ? {} : { body }),
      response: { 200: RECORDS[answers] },
    },
    // The validation puts what the schema made of the body in its place.
    preValidation: (request, _reply, done) => {
      sentBodies.set(request, request.body);
      done();
    },
    handler: async (request, reply) => {
      const asked = {
        params: request.params as z.output<Params>,
        body: request.body as z.output<Body>,
      };
      const text = await once(request, answers, async (scoped) => {
        const id = (await work(scoped, asked)) ?? asked.params.id ?? '';
        await scoped.writeTouched();
        return id;
      });
      return reply.type('application/json; charset=utf-8').send(text as never);
    },
  });
}

/**
 * Does the work of a request, or answers what the same request was answered before. The work is begun
 * before that is known, for what is sent again is rare: then it fails, or is undone as its id is taken.
 */
async function once(
  request: FastifyRequest,
  answers: RecordKind,
  work: (scoped: ScopedManager) => Promise<string>,
): Promise<string> {
  const { scoped } = request;
  const writeId = writeIdOf(request);
  if (writeId === undefined) {
    return scoped.transaction(async (inside) => recordText(inside, answers, await work(inside)));
  }
  const digest = digestOf(request, sentBodies.get(request));
  try {
    return await scoped.transaction(async (inside) =>
      confirmWrite(inside, { writeId, digest }, answers, await work(inside)),
    );
  } catch (failure) {
    const { trainerId } = scoped.scope;
    const known = await scoped.findFirst(ConfirmedWriteEntity, { id: writeId, trainerId });
    if (known === undefined) throw failure;
    const isSame = known.digest === digest || known.digest === digestOf(request, request.body);
    return isSame ? known.answer : refuse('id-taken');
  }
}

/**
 * Keeps the record that answers a write, and returns it; refuses where there is none to be seen, or
 * where the id was taken meanwhile. Of two at once the second waits here for the first.
 */
async function confirmWrite(
  scoped: ScopedManager,
  { digest, writeId }: { readonly writeId: string; readonly digest: string },
  kind: RecordKind,
  id: string,
): Promise<string> {
  const { now, trainerId } = scoped.scope;
  const [row] = await scoped.query<{ answer: string }>(
    'confirm-write',
    `INSERT INTO confirmed_write (studio_id, id, trainer_id, digest, answer, confirmed_at)
      SELECT $1, $5, $2, $6, record.body, $7 ${SEEN}
        AND record.kind = $3 AND record.id = $4 AND record.body IS NOT NULL
        AND given.withdrawn_at IS NULL
      ON CONFLICT (id) DO NOTHING RETURNING answer`,
    [trainerId, kind, id, writeId, digest, now],
  );
  return row?.answer ?? refuse('not-found');
}

function writeIdOf({ headers }: FastifyRequest): string | undefined {
  const found = headers[WRITE_ID_HEADER];
  if (found === undefined) return undefined;
  const parsed = uuid.safeParse(found);
  if (parsed.success) return parsed.data;
  return refuse('invalid-request', [
    { in: 'headers', path: WRITE_ID_HEADER, found: String(found), expected: 'a UUID' },
  ]);
}

/**
 * Of the body as it was sent, so that a device may send it again to a later version, whose schema
 * fills in more. Before, it was of the body as the schema of then had read it.
 */
function digestOf({ method, url }: FastifyRequest, body: unknown): string {
  return createHash('sha256')
    .update(`${method} ${url}\n${JSON.stringify(body)}`)
    .digest('base64url');
}
