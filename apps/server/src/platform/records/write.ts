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
  { answers, body, bodyLimit, method, params, url, work }: WriteRoute<Params, Body>,
): void {
  app.route({
    method,
    url,
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

/** Does the work of a request, or answers what the same request was answered before. */
async function once(
  request: FastifyRequest,
  answers: RecordKind,
  work: (scoped: ScopedManager) => Promise<string>,
): Promise<string> {
  const writeId = writeIdOf(request);
  return request.scoped.transaction(async (inside) => {
    if (writeId === undefined) return recordText(inside, answers, await work(inside));
    const digest = digestOf(request, sentBodies.get(request));
    if (await beginWrite(inside, writeId, digest)) {
      return confirmWrite(inside, writeId, answers, await work(inside));
    }
    const known = await inside.findOwn(ConfirmedWriteEntity, { id: writeId });
    const isSame = known.digest === digest || known.digest === digestOf(request, request.body);
    return isSame ? known.answer : refuse('id-taken');
  });
}

/** Takes the id of a write; of two at once the second waits for the first. Says whether it was free. */
async function beginWrite(scoped: ScopedManager, id: string, digest: string): Promise<boolean> {
  const { now, trainerId } = scoped.scope;
  const taken = await scoped.query(
    'begin-write',
    `INSERT INTO confirmed_write (studio_id, id, trainer_id, digest, answer, confirmed_at)
      VALUES ($1, $2, $3, $4, '', $5) ON CONFLICT (id) DO NOTHING RETURNING id`,
    [id, trainerId, digest, now],
  );
  return taken.length === 1;
}

/** Keeps the record that answers a write, and returns it. */
async function confirmWrite(
  scoped: ScopedManager,
  writeId: string,
  kind: RecordKind,
  id: string,
): Promise<string> {
  const [row] = await scoped.query<{ answer: string }>(
    'confirm-write',
    `UPDATE confirmed_write SET answer = coalesce((SELECT record.body ${SEEN}
        AND record.kind = $3 AND record.id = $4 AND given.withdrawn_at IS NULL), '')
      WHERE confirmed_write.id = $5 RETURNING answer`,
    [scoped.scope.trainerId, kind, id, writeId],
  );
  return row === undefined || row.answer === '' ? refuse('not-found') : row.answer;
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
