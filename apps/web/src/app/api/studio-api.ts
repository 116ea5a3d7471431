import { inject, Injectable } from '@angular/core';
import {
  account,
  type Account,
  type Changes,
  importPlan,
  type ImportPlan,
  recordChange,
  type RecordKind,
  type RecordOf,
  RECORDS,
  session,
  type SessionRecord,
  setup,
  type SetupRecord,
  type SignInRequest,
} from '@wiry-otter/contracts';
import type { Observable } from 'rxjs';
import * as z from 'zod';
import { ApiClient, type WriteNames } from './api-client';

const nothing = z.unknown();
const sessionPage = z.array(session);

/** A kind that this build does not know is of a newer one, and is left out. */
const knownChanges = z.object({
  cursor: z.string(),
  more: z.boolean(),
  held: z.boolean(),
  changes: z.array(z.unknown()).transform((all) =>
    all.flatMap((one) => {
      const { data: change } = recordChange.safeParse(one);
      if (change === undefined) return [];
      const { kind, record } = change;
      return [{ ...change, record: record === null ? null : RECORDS[kind].parse(record) }];
    }),
  ),
});

/** Every call of the API, typed by the contracts. */
@Injectable({ providedIn: 'root' })
export class StudioApi {
  private readonly client = inject(ApiClient);

  signIn(request: SignInRequest): Observable<Account> {
    return this.client.post('/sign-in', request, account);
  }
  signOut(): Observable<unknown> {
    return this.client.post('/sign-out', {}, nothing);
  }
  account(): Observable<Account> {
    return this.client.getAsSignedIn('/account', account);
  }

  /** What has changed since a cursor; without one everything, each held to its schema. */
  changes(after: string | null): Observable<Changes> {
    const query = after === null ? '' : `?after=${after}`;
    return this.client.get(`/changes${query}`, knownChanges);
  }

  record<Kind extends RecordKind>(kind: Kind, id: string): Observable<RecordOf<Kind>> {
    const schema: z.ZodType = RECORDS[kind];
    return this.client.get(`/records/${kind}/${id}`, schema as z.ZodType<RecordOf<Kind>>);
  }

  /** A page of a person's sessions before one that is known, the latest first. */
  olderSessions(
    personId: string,
    before: Pick<SessionRecord, 'day' | 'id'> | undefined,
  ): Observable<SessionRecord[]> {
    const from = before === undefined ? '' : `&beforeDay=${before.day}&beforeId=${before.id}`;
    return this.client.get(`/sessions?personId=${personId}${from}`, sessionPage);
  }

  /** Carries out what the outbox has kept. */
  write<Kind extends RecordKind>(
    method: 'PUT' | 'POST' | 'DELETE',
    path: string,
    body: unknown,
    answers: Kind,
    names: WriteNames,
  ): Observable<RecordOf<Kind>> {
    const schema: z.ZodType = RECORDS[answers];
    return this.client.write(method, path, body, names, schema as z.ZodType<RecordOf<Kind>>);
  }

  setupVersion(id: string, version: number): Observable<SetupRecord> {
    return this.client.get(`/setups/${id}/versions/${version}`, setup);
  }

  /** Plans an import, or carries out the plan whose digest is given. */
  importBands(file: File, save?: string): Observable<ImportPlan> {
    const type = file.name.toLowerCase().endsWith('.json') ? 'application/json' : 'text/csv';
    const query = save === undefined ? '' : `?save=${save}`;
    return this.client.postFile(`/bands/import${query}`, file, type, importPlan);
  }
}
