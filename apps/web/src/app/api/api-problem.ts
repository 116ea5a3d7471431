import type { RequestFault } from '@wiry-otter/contracts';

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

  /** The problem in one line for a person: title, then what was found and expected. */
  get words(): string {
    const [first] = this.faults;
    return first === undefined
      ? this.message
      : `${this.message} ${first.path}: found ${first.found}, expected ${first.expected}.`;
  }

  /** Whether trying again later may help: no answer, or a failure on the server's side. */
  get passing(): boolean {
    return this.status === 0 || this.status >= 500;
  }
}

/** Words for whatever was thrown. */
export function problemWords(error: unknown): string {
  return error instanceof ApiProblem ? error.words : 'Something unexpected happened.';
}
