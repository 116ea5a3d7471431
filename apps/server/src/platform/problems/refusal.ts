import type { ProblemDocument, RequestFault } from '@wiry-otter/contracts';
import type { Fault } from '@wiry-otter/core';
import type { Derivation } from '@wiry-otter/derived';
import { PROBLEMS, type ProblemCode } from './catalogue.js';

/** A refused request on its way to the error handler. */
export class Refusal extends Error {
  /** A plain field, since Fastify writes to it on validation errors. */
  readonly statusCode: number;

  constructor(
    readonly code: ProblemCode,
    readonly faults: readonly RequestFault[] = [],
    /** When to try again, where that is known, s. */
    readonly retryAfter_s?: number,
  ) {
    super(PROBLEMS[code].title);
    this.name = 'Refusal';
    this.statusCode = PROBLEMS[code].status;
  }
}

/** Ends the request with a problem of the catalogue. */
export function refuse(code: ProblemCode, faults: readonly RequestFault[] = []): never {
  throw new Refusal(code, faults);
}

/** Ends the request with a problem that passes, and says when, s. */
export function refuseForNow(code: ProblemCode, retryAfter_s: number): never {
  throw new Refusal(code, [], retryAfter_s);
}

/** Ends the request with the core's faults about a document at `at` in the body. */
export function refuseDocument(faults: readonly Fault[], at = ''): never {
  return refuse(
    'document-fault',
    faults.map(({ path, found, expected }) => ({
      in: 'document',
      path: path.replace(/^\$/, `$${at}`),
      found,
      expected,
    })),
  );
}

/** What was derived, or the end of the request with why it could not be. */
export function accepted<T>(derivation: Derivation<T>): T {
  return derivation.ok ? derivation.value : refuse(derivation.code, derivation.faults);
}

export function toProblem(code: ProblemCode, faults: readonly RequestFault[]): ProblemDocument {
  const { status, title } = PROBLEMS[code];
  return {
    type: `urn:wiry-otter:problem:${code}`,
    title,
    status,
    code,
    ...(faults.length === 0 ? {} : { faults: [...faults] }),
  };
}
