import { inject, Injectable } from '@angular/core';
import {
  account,
  type Account,
  band,
  type BandEventInput,
  type BandInput,
  type BandRecord,
  type Changes,
  type CutInput,
  decision,
  type DecisionRecord,
  importPlan,
  type ImportPlan,
  ladder,
  type LadderInput,
  type LadderRecord,
  type LawChoice,
  type MeasurementInput,
  type OverruleInput,
  ownExercise,
  type OwnExerciseInput,
  type OwnExerciseRecord,
  place,
  type PlaceInput,
  type PlaceRecord,
  preferences,
  type PreferencesRecord,
  prescription,
  type PrescriptionInput,
  type PrescriptionRecord,
  type ReadingAsideInput,
  type ReadingInput,
  recordChange,
  type RecordKind,
  type RecordOf,
  RECORDS,
  session,
  type SessionInput,
  type SessionRecord,
  type SetInput,
  setup,
  type SetupInput,
  type SetupRecord,
  type SignInRequest,
  skillTest,
  type SkillTestInput,
  type SkillTestRecord,
  studio,
  type StudioRecord,
  type StudioRulesInput,
} from '@wiry-otter/contracts';
import type { FinderPreferences } from '@wiry-otter/core';
import type { Observable } from 'rxjs';
import * as z from 'zod';
import { ApiClient } from './api-client';

const nothing = z.unknown();

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
    return this.client.get('/account', account);
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

  setupVersion(id: string, version: number): Observable<SetupRecord> {
    return this.client.get(`/setups/${id}/versions/${version}`, setup);
  }

  putFinderPreferences(finder: FinderPreferences): Observable<PreferencesRecord> {
    return this.client.put('/account/finder-preferences', finder, preferences);
  }

  putExercise(id: string, input: OwnExerciseInput): Observable<OwnExerciseRecord> {
    return this.client.put(`/exercises/${id}`, input, ownExercise);
  }

  removeExercise(id: string): Observable<OwnExerciseRecord> {
    return this.client.delete(`/exercises/${id}`, ownExercise);
  }

  restoreExercise(id: string): Observable<OwnExerciseRecord> {
    return this.client.post(`/exercises/${id}/restore`, {}, ownExercise);
  }

  putPlace(id: string, input: PlaceInput): Observable<PlaceRecord> {
    return this.client.put(`/places/${id}`, input, place);
  }

  putRules(input: StudioRulesInput): Observable<StudioRecord> {
    return this.client.put('/studio/rules', input, studio);
  }

  putBand(id: string, input: BandInput): Observable<BandRecord> {
    return this.client.put(`/bands/${id}`, input, band);
  }
  removeBand(id: string): Observable<BandRecord> {
    return this.client.delete(`/bands/${id}`, band);
  }
  restoreBand(id: string): Observable<BandRecord> {
    return this.client.post(`/bands/${id}/restore`, {}, band);
  }
  chooseLaw(id: string, choice: LawChoice): Observable<BandRecord> {
    return this.client.put(`/bands/${id}/law`, choice, band);
  }
  cutPiece(rollId: string, input: CutInput): Observable<BandRecord> {
    return this.client.post(`/bands/${rollId}/cut`, input, band);
  }
  putMeasurement(bandId: string, id: string, input: MeasurementInput): Observable<BandRecord> {
    return this.client.put(`/bands/${bandId}/measurements/${id}`, input, band);
  }
  addReading(
    bandId: string,
    measurementId: string,
    id: string,
    input: ReadingInput,
  ): Observable<BandRecord> {
    return this.client.put(
      `/bands/${bandId}/measurements/${measurementId}/readings/${id}`,
      input,
      band,
    );
  }
  setReadingAside(
    bandId: string,
    measurementId: string,
    id: string,
    input: ReadingAsideInput,
  ): Observable<BandRecord> {
    return this.client.put(
      `/bands/${bandId}/measurements/${measurementId}/readings/${id}/set-aside`,
      input,
      band,
    );
  }
  addBandEvent(bandId: string, id: string, input: BandEventInput): Observable<BandRecord> {
    return this.client.put(`/bands/${bandId}/events/${id}`, input, band);
  }

  /** Plans an import, or carries out the plan whose digest is given. */
  importBands(file: File, save?: string): Observable<ImportPlan> {
    const type = file.name.toLowerCase().endsWith('.json') ? 'application/json' : 'text/csv';
    const query = save === undefined ? '' : `?save=${save}`;
    return this.client.postFile(`/bands/import${query}`, file, type, importPlan);
  }

  putSetup(id: string, input: SetupInput): Observable<SetupRecord> {
    return this.client.put(`/setups/${id}`, input, setup);
  }
  removeSetup(id: string): Observable<SetupRecord> {
    return this.client.delete(`/setups/${id}`, setup);
  }
  restoreSetup(id: string): Observable<SetupRecord> {
    return this.client.post(`/setups/${id}/restore`, {}, setup);
  }

  putLadder(id: string, input: LadderInput): Observable<LadderRecord> {
    return this.client.put(`/ladders/${id}`, input, ladder);
  }
  removeLadder(id: string): Observable<LadderRecord> {
    return this.client.delete(`/ladders/${id}`, ladder);
  }
  restoreLadder(id: string): Observable<LadderRecord> {
    return this.client.post(`/ladders/${id}/restore`, {}, ladder);
  }

  addSkillTest(id: string, input: SkillTestInput): Observable<SkillTestRecord> {
    return this.client.put(`/skill-tests/${id}`, input, skillTest);
  }

  addPrescription(id: string, input: PrescriptionInput): Observable<PrescriptionRecord> {
    return this.client.put(`/prescriptions/${id}`, input, prescription);
  }

  startSession(id: string, input: SessionInput): Observable<SessionRecord> {
    return this.client.put(`/sessions/${id}`, input, session);
  }
  logSet(sessionId: string, id: string, input: SetInput): Observable<SessionRecord> {
    return this.client.put(`/sessions/${sessionId}/sets/${id}`, input, session);
  }
  setSetAside(sessionId: string, id: string, setAside: boolean): Observable<SessionRecord> {
    return this.client.put(`/sessions/${sessionId}/sets/${id}/set-aside`, { setAside }, session);
  }
  discardSession(id: string): Observable<SessionRecord> {
    return this.client.delete(`/sessions/${id}`, session);
  }
  restoreSession(id: string): Observable<SessionRecord> {
    return this.client.post(`/sessions/${id}/restore`, {}, session);
  }
  finishSession(id: string, redFlag: boolean): Observable<SessionRecord> {
    return this.client.post(`/sessions/${id}/finish`, { redFlag }, session);
  }

  acceptDecision(id: string): Observable<DecisionRecord> {
    return this.client.post(`/decisions/${id}/accept`, {}, decision);
  }
  overruleDecision(id: string, input: OverruleInput): Observable<DecisionRecord> {
    return this.client.post(`/decisions/${id}/overrule`, input, decision);
  }
}
