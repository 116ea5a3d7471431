import type { RequestFault } from '@wiry-otter/contracts';
import type { Notice } from '../ui/notices/notices';

/** A request that was refused, or that found no server. */
export class ApiProblem extends Error {
  constructor(
    readonly code: string,
    title: string,
    readonly status: number,
    readonly faults: readonly RequestFault[],
  ) {
    super(title);
    this.name = 'ApiProblem';
  }

  /** Where the fault lies, what was found there and what was expected, for who wants to know. */
  get details(): string | undefined {
    return this.faults.length === 0
      ? undefined
      : this.faults
          .map(({ path, found, expected }) => `${path}: found ${found}, expected ${expected}.`)
          .join('\n');
  }

  /** Whether trying again later may help: no answer, or a failure on the server's side. */
  get passing(): boolean {
    return this.status === 0 || this.status >= 500;
  }
}

/** Words for whatever was thrown. */
export function problemWords(error: unknown): string {
  return error instanceof ApiProblem ? error.message : 'Something unexpected happened.';
}

/** Each fault of a refused request in a line of its own. */
export function problemDetails(error: unknown): readonly string[] {
  return error instanceof ApiProblem ? (error.details?.split('\n') ?? []) : [];
}

/** A notice of whatever was thrown: words, with details behind. */
export function troubleNotice(error: unknown): Notice {
  const details = error instanceof ApiProblem ? error.details : undefined;
  return {
    text: problemWords(error),
    tone: 'trouble',
    undo: null,
    ...(details === undefined ? {} : { details }),
  };
}
