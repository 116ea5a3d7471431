import { TestBed } from '@angular/core/testing';
import * as z from 'zod';
import { asked, setUpApp } from '../../testing/app';
import { ApiClient } from './api-client';
import { ApiProblem } from './api-problem';

describe('API client', () => {
  const schema = z.object({ reps: z.number() });

  function ask(): {
    problem: () => ApiProblem | undefined;
    value: () => unknown;
    wire: ReturnType<typeof setUpApp>['wire'];
  } {
    const { wire } = setUpApp();
    let problem: ApiProblem | undefined;
    let value: unknown;
    TestBed.inject(ApiClient)
      .get('/thing', () => schema)
      .subscribe({
        next: (answer) => (value = answer),
        error: (error: unknown) => {
          if (error instanceof ApiProblem) problem = error;
        },
      });
    return { problem: () => problem, value: () => value, wire };
  }

  it('parses what comes back, once', async () => {
    const { value, wire } = ask();
    (await asked(wire, '/api/thing')).flush({ reps: 12, more: 'left out' });
    expect(value()).toEqual({ reps: 12 });
  });

  it('reads a problem document: title, then what was found and expected', async () => {
    const { problem, wire } = ask();
    const faults = [{ in: 'body', path: '$.reps', found: '-1', expected: 'at least 0' }];
    const body = { type: 'urn:x', title: 'No.', status: 400, code: 'invalid-request', faults };
    (await asked(wire, '/api/thing')).flush(body, { status: 400, statusText: 'Bad Request' });
    expect(problem()?.message).toBe('No.');
    expect(problem()?.details).toBe('$.reps: found -1, expected at least 0.');
    expect(problem()?.passing).toBeFalse();
  });

  it('tells no connection from a refusal: it may pass', async () => {
    const { problem, wire } = ask();
    (await asked(wire, '/api/thing')).error(new ProgressEvent('error'));
    expect(problem()?.code).toBe('no-connection');
    expect(problem()?.passing).toBeTrue();
  });

  it('does not take an answer it cannot read', async () => {
    const { problem, wire } = ask();
    (await asked(wire, '/api/thing')).flush({ reps: 'many' });
    expect(problem()?.code).toBe('unexpected-answer');
  });
});
