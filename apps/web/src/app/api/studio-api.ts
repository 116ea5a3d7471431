import { inject, Injectable } from '@angular/core';
import type {
  Account,
  Changes,
  FirstStart,
  FirstStartRequest,
  ImportPlan,
  RecordKind,
  RecordOf,
  SessionRecord,
  SetupRecord,
  SignInRequest,
} from '@wiry-otter/contracts';
import type { Observable } from 'rxjs';
import type * as z from 'zod';
import { ApiClient, type HeldTo, type WriteNames } from './api-client';

/** Every call of the API, typed by the contracts. */
@Injectable({ providedIn: 'root' })
export class StudioApi {
  private readonly client = inject(ApiClient);

  signIn(request: SignInRequest): Observable<Account> {
    return this.client.post('/sign-in', request, ({ account }) => account);
  }
  /** Whether the server waits for the studio that it is to keep. */
  firstStart(): Observable<FirstStart> {
    return this.client.getAsSignedIn('/first-start', ({ firstStart }) => firstStart);
  }
  makeStudio(request: FirstStartRequest): Observable<Account> {
    return this.client.post('/first-start', request, ({ account }) => account);
  }
  signOut(): Observable<unknown> {
    return this.client.post('/sign-out', {}, ({ nothing }) => nothing);
  }
  account(): Observable<Account> {
    return this.client.getAsSignedIn('/account', ({ account }) => account);
  }

  /** What has changed since a cursor; without one everything, each held to its schema. */
  changes(after: string | null): Observable<Changes> {
    const query = after === null ? '' : `?after=${after}`;
    return this.client.get(`/changes${query}`, ({ knownChanges }) => knownChanges);
  }

  record<Kind extends RecordKind>(kind: Kind, id: string): Observable<RecordOf<Kind>> {
    return this.client.get(`/records/${kind}/${id}`, schemaOf(kind));
  }

  /** A page of a person's sessions before one that is known, the latest first. */
  olderSessions(
    personId: string,
    before: Pick<SessionRecord, 'day' | 'id'> | undefined,
  ): Observable<SessionRecord[]> {
    const from = before === undefined ? '' : `&beforeDay=${before.day}&beforeId=${before.id}`;
    return this.client.get(
      `/sessions?personId=${personId}${from}`,
      ({ sessionPage }) => sessionPage,
    );
  }

  /** Carries out what the outbox has kept. */
  write<Kind extends RecordKind>(
    method: 'PUT' | 'POST' | 'DELETE',
    path: string,
    body: unknown,
    answers: Kind,
    names: WriteNames,
  ): Observable<RecordOf<Kind>> {
    return this.client.write(method, path, body, names, schemaOf(answers));
  }

  setupVersion(id: string, version: number): Observable<SetupRecord> {
    return this.client.get(`/setups/${id}/versions/${version}`, ({ setup }) => setup);
  }

  /** Plans an import, or carries out the plan whose digest is given. */
  importBands(file: File, save?: string): Observable<ImportPlan> {
    const type = file.name.toLowerCase().endsWith('.json') ? 'application/json' : 'text/csv';
    const query = save === undefined ? '' : `?save=${save}`;
    return this.client.postFile(
      `/bands/import${query}`,
      file,
      type,
      ({ importPlan }) => importPlan,
    );
  }
}

function schemaOf<Kind extends RecordKind>(kind: Kind): HeldTo<z.ZodType<RecordOf<Kind>>> {
  return ({ RECORDS }) => RECORDS[kind] as z.ZodType as z.ZodType<RecordOf<Kind>>;
}
