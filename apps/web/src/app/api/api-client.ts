import { HttpClient, HttpErrorResponse } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import { problemDocument } from '@wiry-otter/contracts';
import { catchError, map, type Observable, throwError, timeout } from 'rxjs';
import type * as z from 'zod';
import { ActingTrainer, TRAINER_HEADER } from './acting-trainer';
import { ApiProblem } from './api-problem';

/** Names a write. */
const WRITE_HEADER = 'otter-write';

/** Nobody waits longer for an answer, ms. */
const LONGEST_MS = 15_000;
const NO_ANSWER = new ApiProblem('no-answer', 'The server did not answer.', 0, []);

/** Under which id something is written, and by whom, whoever is signed in when it is sent. */
export interface WriteNames {
  readonly id: string;
  readonly trainerId: string;
}

/** Talks to our server; what comes back is parsed once, here. */
@Injectable({ providedIn: 'root' })
export class ApiClient {
  private readonly http = inject(HttpClient);
  private readonly acting = inject(ActingTrainer);

  get<Schema extends z.ZodType>(path: string, schema: Schema): Observable<z.output<Schema>> {
    return this.parsed(this.http.get(`/api${path}`, { headers: this.headers() }), schema);
  }

  /** Asks as whoever is signed in, not as whom this tab acts. */
  getAsSignedIn<Schema extends z.ZodType>(
    path: string,
    schema: Schema,
  ): Observable<z.output<Schema>> {
    return this.parsed(this.http.get(`/api${path}`), schema);
  }

  put<Schema extends z.ZodType>(
    path: string,
    body: unknown,
    schema: Schema,
  ): Observable<z.output<Schema>> {
    return this.parsed(this.http.put(`/api${path}`, body, { headers: this.headers() }), schema);
  }

  post<Schema extends z.ZodType>(
    path: string,
    body: unknown,
    schema: Schema,
  ): Observable<z.output<Schema>> {
    return this.parsed(this.http.post(`/api${path}`, body, { headers: this.headers() }), schema);
  }

  /** Sends a write under an id, so that it is carried out once however often it is sent. */
  write<Schema extends z.ZodType>(
    method: 'PUT' | 'POST' | 'DELETE',
    path: string,
    body: unknown,
    { id, trainerId }: WriteNames,
    schema: Schema,
  ): Observable<z.output<Schema>> {
    const headers = { [TRAINER_HEADER]: trainerId, [WRITE_HEADER]: id };
    const options = { headers, ...(body === null ? {} : { body }) };
    return this.parsed(this.http.request(method, `/api${path}`, options), schema);
  }

  /** Sends a file as it is. */
  postFile<Schema extends z.ZodType>(
    path: string,
    file: Blob,
    type: string,
    schema: Schema,
  ): Observable<z.output<Schema>> {
    const headers = { ...this.headers(), 'content-type': type };
    return this.parsed(this.http.post(`/api${path}`, file, { headers }), schema);
  }

  delete<Schema extends z.ZodType>(path: string, schema: Schema): Observable<z.output<Schema>> {
    return this.parsed(this.http.delete(`/api${path}`, { headers: this.headers() }), schema);
  }

  private headers(): Record<string, string> {
    const { id } = this.acting;
    return id === null ? {} : { [TRAINER_HEADER]: id };
  }

  private parsed<Schema extends z.ZodType>(
    answer: Observable<unknown>,
    schema: Schema,
  ): Observable<z.output<Schema>> {
    return answer.pipe(
      timeout({ each: LONGEST_MS, with: () => throwError(() => NO_ANSWER) }),
      map((body) => schema.parse(body)),
      catchError((error: unknown) => throwError(() => toProblem(error))),
    );
  }
}

function toProblem(error: unknown): ApiProblem {
  if (error instanceof ApiProblem) return error;
  if (!(error instanceof HttpErrorResponse)) {
    return new ApiProblem('unexpected-answer', 'The server gave an answer we cannot read.', 0, []);
  }
  const problem = problemDocument.safeParse(error.error);
  if (problem.success) {
    const { code, title, status, faults = [] } = problem.data;
    return new ApiProblem(code, title, status, faults);
  }
  return error.status === 0
    ? new ApiProblem('no-connection', 'No connection to the server.', 0, [])
    : new ApiProblem('unexpected-answer', `The server answered ${error.status}.`, error.status, []);
}
