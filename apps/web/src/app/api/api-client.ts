import { HttpClient, HttpErrorResponse } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import { catchError, defer, map, type Observable, switchMap, throwError, timeout } from 'rxjs';
import { PAGE, PAGE_HEADER } from '@wiry-otter/contracts';
import type * as z from 'zod';
import { ActingTrainer, TRAINER_HEADER } from './acting-trainer';
import type * as answerSchemas from './answer-schemas';
import { ApiProblem } from './api-problem';

/** Names a write. */
const WRITE_HEADER = 'otter-write';

/** Nobody waits longer for an answer, ms. */
const LONGEST_MS = 15_000;
const NO_CONNECTION = new ApiProblem('no-connection', 'No connection to the server.', 0, []);
const NO_ANSWER = new ApiProblem('no-answer', 'The server did not answer.', 0, []);

/** What answers are held to. */
export type AnswerSchemas = typeof answerSchemas;

/** The one of them that an answer is held to. */
export type HeldTo<Schema extends z.ZodType> = (schemas: AnswerSchemas) => Schema;

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

  get<Schema extends z.ZodType>(
    path: string,
    heldTo: HeldTo<Schema>,
  ): Observable<z.output<Schema>> {
    return this.parsed(this.http.get(`/api${path}`, { headers: this.headers() }), heldTo);
  }

  /** Asks as whoever is signed in, not as whom this tab acts. */
  getAsSignedIn<Schema extends z.ZodType>(
    path: string,
    heldTo: HeldTo<Schema>,
  ): Observable<z.output<Schema>> {
    return this.parsed(this.http.get(`/api${path}`), heldTo);
  }

  put<Schema extends z.ZodType>(
    path: string,
    body: unknown,
    heldTo: HeldTo<Schema>,
  ): Observable<z.output<Schema>> {
    return this.parsed(this.http.put(`/api${path}`, body, { headers: this.headers() }), heldTo);
  }

  post<Schema extends z.ZodType>(
    path: string,
    body: unknown,
    heldTo: HeldTo<Schema>,
  ): Observable<z.output<Schema>> {
    return this.parsed(this.http.post(`/api${path}`, body, { headers: this.headers() }), heldTo);
  }

  /** Sends a write under an id, so that it is carried out once however often it is sent. */
  write<Schema extends z.ZodType>(
    method: 'PUT' | 'POST' | 'DELETE',
    path: string,
    body: unknown,
    { id, trainerId }: WriteNames,
    heldTo: HeldTo<Schema>,
  ): Observable<z.output<Schema>> {
    const headers = { [TRAINER_HEADER]: trainerId, [WRITE_HEADER]: id };
    const options = { headers, ...(body === null ? {} : { body }) };
    return this.parsed(this.http.request(method, `/api${path}`, options), heldTo);
  }

  /** Sends a file as it is. */
  postFile<Schema extends z.ZodType>(
    path: string,
    file: Blob,
    type: string,
    heldTo: HeldTo<Schema>,
  ): Observable<z.output<Schema>> {
    const headers = { ...this.headers(), 'content-type': type };
    return this.parsed(this.http.post(`/api${path}`, file, { headers }), heldTo);
  }

  delete<Schema extends z.ZodType>(
    path: string,
    heldTo: HeldTo<Schema>,
  ): Observable<z.output<Schema>> {
    return this.parsed(this.http.delete(`/api${path}`, { headers: this.headers() }), heldTo);
  }

  private headers(): Record<string, string> {
    const { id } = this.acting;
    const page = { [PAGE_HEADER]: String(PAGE) };
    return id === null ? page : { ...page, [TRAINER_HEADER]: id };
  }

  /** Asks only once what the answer is held to is there, so that no answer goes unread for want of it. */
  private parsed<Schema extends z.ZodType>(
    answer: Observable<unknown>,
    heldTo: HeldTo<Schema>,
  ): Observable<z.output<Schema>> {
    return defer(() => import('./answer-schemas')).pipe(
      catchError(() => throwError(() => NO_CONNECTION)),
      switchMap((schemas) =>
        answer.pipe(
          timeout({ each: LONGEST_MS, with: () => throwError(() => NO_ANSWER) }),
          map((body) => heldTo(schemas).parse(body)),
          catchError((error: unknown) => throwError(() => toProblem(error, schemas))),
        ),
      ),
    );
  }
}

function toProblem(error: unknown, { problemDocument }: AnswerSchemas): ApiProblem {
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
    ? NO_CONNECTION
    : new ApiProblem('unexpected-answer', `The server answered ${error.status}.`, error.status, []);
}
