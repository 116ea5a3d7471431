import { HttpClient, HttpErrorResponse } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import { problemDocument } from '@wiry-otter/contracts';
import { catchError, map, type Observable, throwError } from 'rxjs';
import type * as z from 'zod';
import { ActingTrainer, TRAINER_HEADER } from './acting-trainer';
import { ApiProblem } from './api-problem';

/** Talks to our server; what comes back is parsed once, here. */
@Injectable({ providedIn: 'root' })
export class ApiClient {
  private readonly http = inject(HttpClient);
  private readonly acting = inject(ActingTrainer);

  get<Schema extends z.ZodType>(path: string, schema: Schema): Observable<z.output<Schema>> {
    return this.parsed(this.http.get(`/api${path}`, { headers: this.headers() }), schema);
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
      map((body) => schema.parse(body)),
      catchError((error: unknown) => throwError(() => toProblem(error))),
    );
  }
}

function toProblem(error: unknown): ApiProblem {
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
