import { inject, Injectable } from '@angular/core';
import type {
  Account,
  BackUps,
  FirstStart,
  FirstStartRequest,
  ImportPlan,
  Invitation,
  InvitationInput,
  InvitationShown,
  Joining,
  Leaving,
  Mail,
  PasswordChange,
  PasswordReset,
  PeopleDeleted,
  PeopleGiven,
  PersonFileRead,
  RecordKind,
  RecordOf,
  Role,
  SessionRecord,
  SetupRecord,
  SignInRequest,
  SignIns,
  StudioRecord,
} from '@wiry-otter/contracts';
import type { Observable } from 'rxjs';
import type * as z from 'zod';
import type { ChangesRead, Unread } from './answer-schemas';
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

  /** Has a link to a new password mailed; the answer does not tell whether there is such a trainer. */
  askForPasswordLink(email: string): Observable<unknown> {
    return this.client.post('/password-links', { email }, ({ nothing }) => nothing);
  }
  choosePassword(request: PasswordReset): Observable<Account> {
    return this.client.post('/new-password', request, ({ account }) => account);
  }
  changePassword(request: PasswordChange): Observable<unknown> {
    return this.client.put('/account/password', request, ({ nothing }) => nothing);
  }
  signIns(): Observable<SignIns> {
    return this.client.get('/account/sign-ins', ({ signIns }) => signIns);
  }
  endSignIn(id: string): Observable<unknown> {
    return this.client.delete(`/account/sign-ins/${id}`, ({ nothing }) => nothing);
  }
  endOtherSignIns(): Observable<unknown> {
    return this.client.delete('/account/sign-ins', ({ nothing }) => nothing);
  }

  /** What the link of an invitation leads to. */
  showInvitation(token: string): Observable<InvitationShown> {
    return this.client.post('/invitation', { token }, ({ invitationShown }) => invitationShown);
  }
  join(request: Joining): Observable<Account> {
    return this.client.post('/join', request, ({ account }) => account);
  }
  invitations(): Observable<readonly Invitation[]> {
    return this.client.get('/invitations', ({ invitations }) => invitations);
  }
  /** Invites, or under the id of an invitation that waits sends it again. */
  invite(id: string, input: InvitationInput): Observable<unknown> {
    return this.client.put(`/invitations/${id}`, input, ({ nothing }) => nothing);
  }
  withdrawInvitation(id: string): Observable<unknown> {
    return this.client.delete(`/invitations/${id}`, ({ nothing }) => nothing);
  }
  changeRole(trainerId: string, role: Role): Observable<StudioRecord> {
    return this.client.put(`/trainers/${trainerId}/role`, { role }, schemaOf('studio'));
  }
  /** A trainer leaves the studio. */
  endMembership(trainerId: string, leaving: Leaving): Observable<StudioRecord> {
    return this.client.post(`/trainers/${trainerId}/leave`, leaving, schemaOf('studio'));
  }
  peopleGiven(): Observable<PeopleGiven> {
    return this.client.get('/people-given', ({ peopleGiven }) => peopleGiven);
  }
  giveTo(personId: string, trainerIds: readonly string[]): Observable<unknown> {
    const body = { trainerIds };
    return this.client.put(`/people/${personId}/trainers`, body, ({ nothing }) => nothing);
  }
  /** All that is on record of a person, as an open document. */
  personFile(id: string): Observable<object> {
    return this.client.get(`/people/${id}/file`, ({ openDocument }) => openDocument);
  }
  /** Reads a person's file in, or only says what that would do. */
  readPersonFile(file: unknown, save: boolean): Observable<PersonFileRead> {
    const query = save ? '?save=yes' : '';
    return this.client.post(`/people/import${query}`, file, ({ personFileRead }) => personFileRead);
  }
  /** For good. */
  deletePerson(id: string): Observable<unknown> {
    return this.client.delete(`/people/${id}`, ({ nothing }) => nothing);
  }
  backUps(): Observable<BackUps> {
    return this.client.get('/studio/back-ups', ({ backUps }) => backUps);
  }
  peopleDeleted(): Observable<PeopleDeleted> {
    return this.client.get('/people-deleted', ({ peopleDeleted }) => peopleDeleted);
  }

  /** What the simulated mailbox has taken; null where mails are really sent. */
  mails(): Observable<readonly Mail[] | null> {
    return this.client.get('/mails', ({ mails }) => mails);
  }

  /** What has changed since a cursor, without one everything: what can be read, and ids of what cannot. */
  changes(after: string | null): Observable<ChangesRead> {
    const query = after === null ? '' : `?after=${after}`;
    return this.client.get(`/changes${query}`, ({ changesRead }) => changesRead);
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
  ): Observable<{ record: RecordOf<Kind> } | { unread: Unread }> {
    return this.client.write(method, path, body, names, ({ takenAs }) => takenAs(answers));
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
