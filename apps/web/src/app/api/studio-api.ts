import { inject, Injectable } from '@angular/core';
import {
  account,
  type Account,
  band,
  type BandEventInput,
  type BandInput,
  type BandRecord,
  type CutInput,
  decision,
  type DecisionRecord,
  importPlan,
  type ImportPlan,
  type LawChoice,
  type MeasurementInput,
  type OverruleInput,
  person,
  type PersonRecord,
  ownExercise,
  type OwnExerciseInput,
  type OwnExerciseRecord,
  place,
  type PlaceInput,
  type PlaceRecord,
  prescription,
  type PrescriptionInput,
  type PrescriptionRecord,
  type ReadingAsideInput,
  type ReadingInput,
  session,
  type SessionInput,
  type SessionRecord,
  type SetInput,
  ladder,
  type LadderInput,
  type LadderRecord,
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

const bandList = z.array(band);
const personList = z.array(person);
const placeList = z.array(place);
const exerciseList = z.array(ownExercise);
const setupList = z.array(setup);
const ladderList = z.array(ladder);
const prescriptionList = z.array(prescription);
const decisionList = z.array(decision);
const sessionList = z.array(session);
const skillTestList = z.array(skillTest);
const nothing = z.unknown();

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

  putFinderPreferences(preferences: FinderPreferences): Observable<Account> {
    return this.client.put('/account/finder-preferences', preferences, account);
  }

  exercises(): Observable<OwnExerciseRecord[]> {
    return this.client.get('/exercises', exerciseList);
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

  bands(): Observable<BandRecord[]> {
    return this.client.get('/bands', bandList);
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
  band(id: string): Observable<BandRecord> {
    return this.client.get(`/bands/${id}`, band);
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

  people(): Observable<PersonRecord[]> {
    return this.client.get('/people', personList);
  }
  places(): Observable<PlaceRecord[]> {
    return this.client.get('/places', placeList);
  }

  setups(): Observable<SetupRecord[]> {
    return this.client.get('/setups', setupList);
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

  ladders(): Observable<LadderRecord[]> {
    return this.client.get('/ladders', ladderList);
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

  skillTests(): Observable<SkillTestRecord[]> {
    return this.client.get('/skill-tests', skillTestList);
  }
  addSkillTest(id: string, input: SkillTestInput): Observable<SkillTestRecord> {
    return this.client.put(`/skill-tests/${id}`, input, skillTest);
  }

  prescriptions(): Observable<PrescriptionRecord[]> {
    return this.client.get('/prescriptions', prescriptionList);
  }
  addPrescription(id: string, input: PrescriptionInput): Observable<PrescriptionRecord> {
    return this.client.put(`/prescriptions/${id}`, input, prescription);
  }

  sessions(): Observable<SessionRecord[]> {
    return this.client.get('/sessions', sessionList);
  }
  session(id: string): Observable<SessionRecord> {
    return this.client.get(`/sessions/${id}`, session);
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
  finishSession(id: string, version: number, redFlag: boolean): Observable<SessionRecord> {
    return this.client.post(`/sessions/${id}/finish`, { version, redFlag }, session);
  }

  decisions(): Observable<DecisionRecord[]> {
    return this.client.get('/decisions', decisionList);
  }
  acceptDecision(id: string): Observable<DecisionRecord> {
    return this.client.post(`/decisions/${id}/accept`, {}, decision);
  }
  overruleDecision(id: string, input: OverruleInput): Observable<DecisionRecord> {
    return this.client.post(`/decisions/${id}/overrule`, input, decision);
  }
}
