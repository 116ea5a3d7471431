import { parseDocument, type RequestFault } from '@wiry-otter/contracts';
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
    if (parsed.ok) return { value: parsed.value };
    const faults = parsed.faults.map(({ path, found, expected }) => ({
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
      const refusal = error instanceof Refusal ? error : fromFastify(error);
      if (refusal.code === 'internal') request.log.error(error);
      return reply
        .code(refusal.statusCode)
        .type(MEDIA_TYPE)
        .send(toProblem(refusal.code, refusal.faults));
    });
    done();
  },
  { name: 'problems', fastify: '5.x' },
);

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
