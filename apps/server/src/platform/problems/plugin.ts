import { parseDocument, type RequestFault, unstorable } from '@wiry-otter/contracts';
import type { FastifyError, FastifyInstance, FastifySchemaCompiler } from 'fastify';
import fp from 'fastify-plugin';
import type * as z from 'zod';
import type { ProblemCode } from './catalogue.js';
import { Refusal, toProblem } from './refusal.js';

const MEDIA_TYPE = 'application/problem+json';

/** Fastify's own refusals, in the words of the catalogue. */
const FASTIFY_CODES: Readonly<Record<string, ProblemCode>> = {
  FST_ERR_CTP_BODY_TOO_LARGE: 'too-large',
  FST_ERR_CTP_INVALID_MEDIA_TYPE: 'unsupported-media',
  FST_ERR_CTP_EMPTY_JSON_BODY: 'invalid-request',
  FST_ERR_CTP_INVALID_JSON_BODY: 'invalid-request',
};

/** Validates with Zod and refuses with path, found and expected of every fault. */
export const validateWithZod: FastifySchemaCompiler<z.ZodType> = ({ schema, httpPart }) => {
  return (data: unknown) => {
    const parsed = parseDocument(schema, data);
    const formFaults = parsed.ok ? unstorable(parsed.value) : parsed.faults;
    if (parsed.ok && formFaults.length === 0) return { value: parsed.value };
    const faults = formFaults.map(({ path, found, expected }) => ({
      in: (httpPart ?? 'body') as RequestFault['in'],
      path,
      found,
      expected,
    }));
    return { error: new Refusal('invalid-request', faults) };
  };
};

/** Answers every refusal and failure with an RFC 9457 problem document. */
export const problemsPlugin = fp(
  (app: FastifyInstance, _options, done) => {
    app.setErrorHandler((error: FastifyError | Refusal, request, reply) => {
      const refusal = error instanceof Refusal ? error : fromFailure(error);
      if (refusal.code === 'internal') request.log.error(error);
      const retryAfter_s = refusal.retryAfter_s ?? (refusal.code === 'busy' ? 1 : undefined);
      if (retryAfter_s !== undefined) reply.header('retry-after', retryAfter_s);
      return reply
        .code(refusal.statusCode)
        .type(MEDIA_TYPE)
        .send(toProblem(refusal.code, refusal.faults));
    });
    done();
  },
  { name: 'problems', fastify: '5.x' },
);

/** What PostgreSQL says when waiting came to its end, or the connection to it did. */
const PASSING_STATES: ReadonlySet<string> = new Set([
  '40001', // serialization_failure
  '40P01', // deadlock_detected
  '53300', // too_many_connections
  '55P03', // lock_not_available
  '57014', // query_canceled: it took longer than the limit
  '57P01', // admin_shutdown
  '57P02', // crash_shutdown
  '57P03', // cannot_connect_now
  'ECONNREFUSED',
  'ECONNRESET',
  'EPIPE',
]);

/** The driver gives these no code. */
const PASSING_WORDS = /timeout exceeded when trying to connect|Connection terminated/;

/** An id that names something else already, of which the request knew nothing. */
const UNIQUE_VIOLATION = '23505';

function fromFailure(error: FastifyError): Refusal {
  if (error.code === UNIQUE_VIOLATION) return new Refusal('id-taken');
  const isPassing = PASSING_STATES.has(error.code) || PASSING_WORDS.test(error.message);
  return isPassing ? new Refusal('busy') : fromFastify(error);
}

function fromFastify(error: FastifyError): Refusal {
  const code = FASTIFY_CODES[error.code];
  if (code === undefined) {
    const clientError = error.statusCode !== undefined && error.statusCode < 500;
    return new Refusal(clientError ? 'invalid-request' : 'internal');
  }
  if (code !== 'invalid-request') return new Refusal(code);
  return new Refusal(code, [
    { in: 'body', path: '$', found: 'text that is no JSON', expected: 'a JSON document' },
  ]);
}
