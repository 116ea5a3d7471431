import { findExercise } from '@wiry-otter/catalogue';
import type {
  Account,
  LadderInput,
  PersonFileDocument,
  PrescriptionInput,
  SessionRecord,
  SetupRecord,
  SignIns,
  SkillTestInput,
  StopInput,
  StudioRulesInput,
} from '@wiry-otter/contracts';
import { USUAL_PREFERENCES } from '@wiry-otter/core';
import { personFields } from '@wiry-otter/derived';
import { v7 as uuidv7 } from 'uuid';
import {
  demoSetup,
  doneSet,
  inputOf,
  measuredBand,
  measurementOf,
  newBandInput,
  reading,
  startedSession,
} from './inputs.js';
import { ladderOf, rungAt } from './ladders.js';
import { mailTo, tokenOf } from './mails.js';
import { recordsOf } from './records.js';
import type { Client } from './studio.js';

/** Who may see what a request is about. */
export type Whose =
  /** Those to whom the person was given. */
  | 'person'
  /** All of the studio. */
  | 'studio'
  /** Everybody who is signed in, each of their own. */
  | 'own'
  /** Owners of the studio. */
  | 'owner';

export interface SampleRequest {
  readonly method: 'GET' | 'PUT' | 'POST' | 'DELETE';
  readonly path: string;
  readonly body?: unknown;
  readonly whose: Whose;
}

/**
 * One request of every route that its trainer is answered, by the route as the API's description has
 * it. A new route is to be given one here.
 */
export async function sampleRequests(
  client: Client,
): Promise<Readonly<Record<string, SampleRequest>>> {
  const setup = await demoSetup(client, 'Tobias Quill');
  const other = await demoSetup(client, 'Odile Brandt');
  const version = async (): Promise<number> => (await demoSetup(client, 'Tobias Quill')).version;
  const { band, path: measurement } = await measuredBand(client, [reading(1.35, 51)]);
  const readingId = uuidv7();
  await client.put(`${measurement}/readings/${readingId}`, reading(1.6, 80));
  const copyId = band.copies[0]?.id ?? '';
  const [open, empty, ended, settled] = [
    await startedSession(client, setup),
    await startedSession(client, setup),
    await finished(client, setup),
    await finished(client, other),
  ];
  const setId = uuidv7();
  await client.put(`/sessions/${open.id}/sets/${setId}`, doneSet(8));
  const roll = uuidv7();
  const rollInput = {
    ...newBandInput(),
    name: 'Coil',
    stock: 'roll' as const,
    kind: 'strip' as const,
  };
  await client.put(`/bands/${roll}`, { ...rollInput, flatLength_m: 10 });
  const exercise = findExercise('standing-row');
  const exerciseId = uuidv7();
  const document = { ...exercise, id: `own-${exerciseId}`, title: 'Windlass row' };
  await client.put(`/exercises/${exerciseId}`, { version: 0, document });
  const ladder = await keptLadder(client, setup);
  const leaver = await joined(client, `bosun.${uuidv7()}@canalside.example`);
  const [studio] = await recordsOf(client, 'studio');
  const [place] = await recordsOf(client, 'place');
  const { id: placeId, ...placeFields } = place ?? { id: '', version: 0 };
  const [person] = (await recordsOf(client, 'person')).filter(({ id }) => id === setup.personId);
  const asideId = uuidv7();
  const aside = person && { ...personFields(person), version: 0, name: 'Aside Fender', about: '' };
  await client.put(`/people/${asideId}`, aside);
  const { body: asideFile } = await client.get<PersonFileDocument>(`/people/${asideId}/file`);
  asideFile.person.id = uuidv7();
  const stopped = uuidv7();
  await client.put(`/people/${stopped}`, { ...aside, name: 'Stopped Fender' });
  const [raised, mistaken, past] = [uuidv7(), uuidv7(), uuidv7()];
  for (const id of [raised, mistaken, past]) await client.put(`/stops/${id}`, stopOf(stopped));
  const away = await copied(client, setup);
  const { email, id: trainer } = (await client.get<Account>('/account')).body.trainer;
  await client.post('/sign-in', { email, password: 'towpath' });
  const { body: signIns } = await client.get<SignIns>('/account/sign-ins');
  const signInId = signIns.find(({ isThis }) => !isThis)?.id ?? '';
  const own = { setup: inputOf(setup, 0).document, person: setup.personId, trainer };
  const invited = uuidv7();
  await client.put(`/invitations/${invited}`, { email: 'mate@canalside.example', role: 'trainer' });
  const rules: StudioRulesInput = {
    version: studio?.version ?? 0,
    forceUnit: 'N',
    inspectionDays: 30,
    inspectionCycles: 1500,
    eyesRule: false,
  };
  const test: SkillTestInput = {
    personId: own.person,
    exerciseId: 'pull-up',
    phases: null,
    day: '2026-11-20',
    effort: { kind: 'reps', reps: 2, spare: 0 },
    helpedBy: null,
    load: 400,
    help: 0,
  };
  const prescription: PrescriptionInput = {
    ...{ personId: own.person, setupIds: [setup.id], track: 'main', school: 'fill-range', sets: 3 },
    ...{ work: { kind: 'reps', from: 8, to: 15 }, rest_s: 90, target: [8, 8, 8], drop: null },
  };
  const space = searchSpace();
  const of = (
    whose: Whose,
    method: SampleRequest['method'],
    path: string,
    body?: unknown,
  ): SampleRequest => ({ method, path, whose, ...(body === undefined ? {} : { body }) });
  return {
    'GET /api/changes': of('own', 'GET', '/changes'),
    'GET /api/records/{kind}/{id}': of('person', 'GET', `/records/setup/${setup.id}`),
    'PUT /api/studio/rules': of('owner', 'PUT', '/studio/rules', rules),
    'GET /api/account': of('own', 'GET', '/account'),
    'PUT /api/account/finder-preferences': of('own', 'PUT', '/account/finder-preferences', {
      ...USUAL_PREFERENCES,
    }),
    'GET /api/account/sign-ins': of('own', 'GET', '/account/sign-ins'),
    'DELETE /api/account/sign-ins/{id}': of('own', 'DELETE', `/account/sign-ins/${signInId}`),
    'DELETE /api/account/sign-ins': of('own', 'DELETE', '/account/sign-ins'),
    'GET /api/invitations': of('owner', 'GET', '/invitations'),
    'PUT /api/invitations/{id}': of('owner', 'PUT', `/invitations/${uuidv7()}`, {
      ...{ email: 'pilot@canalside.example', role: 'trainer' },
    }),
    'DELETE /api/invitations/{id}': of('owner', 'DELETE', `/invitations/${invited}`),
    'PUT /api/trainers/{id}/role': of('owner', 'PUT', `/trainers/${leaver}/role`, {
      role: 'owner',
    }),
    'POST /api/trainers/{id}/leave': of('owner', 'POST', `/trainers/${leaver}/leave`, {
      peopleTo: null,
    }),
    'GET /api/people-given': of('owner', 'GET', '/people-given'),
    'GET /api/mails': of('owner', 'GET', '/mails'),
    'PUT /api/people/{id}/trainers': of('person', 'PUT', `/people/${setup.personId}/trainers`, {
      trainerIds: [own.trainer],
    }),
    'PUT /api/people/{id}': of(
      'person',
      'PUT',
      `/people/${setup.personId}`,
      person && personFields(person),
    ),
    'GET /api/people/{id}/file': of('person', 'GET', `/people/${setup.personId}/file`),
    'POST /api/people/import': of('own', 'POST', '/people/import', asideFile),
    'DELETE /api/people/{id}': of('person', 'DELETE', `/people/${asideId}`),
    'GET /api/studio/back-ups': of('owner', 'GET', '/studio/back-ups'),
    'GET /api/studio/documents.zip': of('owner', 'GET', '/studio/documents.zip'),
    'GET /api/people-deleted': of('owner', 'GET', '/people-deleted'),
    'PUT /api/notes/{id}': of('person', 'PUT', `/notes/${uuidv7()}`, {
      ...{
        version: 0,
        personId: own.person,
        day: '2026-11-20',
        text: 'Rows well.',
        removed: false,
      },
    }),
    'PUT /api/places/{id}': of('studio', 'PUT', `/places/${placeId}`, placeFields),
    'PUT /api/exercises/{id}': of('studio', 'PUT', `/exercises/${exerciseId}`, {
      version: 1,
      document,
    }),
    'DELETE /api/exercises/{id}': of('studio', 'DELETE', `/exercises/${exerciseId}`),
    'POST /api/exercises/{id}/restore': of('studio', 'POST', `/exercises/${exerciseId}/restore`),
    'PUT /api/bands/{id}/measurements/{measurementId}': of('studio', 'PUT', measurement, {
      ...measurementOf(copyId),
      finishedAt: '2026-11-20T09:10:00Z',
    }),
    'PUT /api/bands/{id}/measurements/{measurementId}/readings/{readingId}': of(
      'studio',
      'PUT',
      `${measurement}/readings/${uuidv7()}`,
      reading(1.77, 92),
    ),
    'PUT /api/bands/{id}/measurements/{measurementId}/readings/{readingId}/set-aside': of(
      'studio',
      'PUT',
      `${measurement}/readings/${readingId}/set-aside`,
      { setAside: true, reason: 'A slip.' },
    ),
    'PUT /api/bands/{id}/events/{eventId}': of(
      'studio',
      'PUT',
      `/bands/${band.id}/events/${uuidv7()}`,
      {
        copyId,
        at: '2026-11-20T10:00:00Z',
        what: { kind: 'inspected', findings: { edges: 'good' }, note: '' },
      },
    ),
    'PUT /api/bands/{id}/law': of('studio', 'PUT', `/bands/${roll}/law`, {
      version: 1,
      measurementId: null,
    }),
    'POST /api/bands/{id}/cut': of('studio', 'POST', `/bands/${roll}/cut`, {
      version: 2,
      pieceId: uuidv7(),
      copyId: uuidv7(),
      name: 'A piece',
      tag: null,
      length_m: 2,
    }),
    'DELETE /api/bands/{id}': of('studio', 'DELETE', `/bands/${roll}`),
    'POST /api/bands/{id}/restore': of('studio', 'POST', `/bands/${roll}/restore`),
    'PUT /api/bands/{id}': of('studio', 'PUT', `/bands/${roll}`, {
      ...{ ...rollInput, flatLength_m: 8, version: 5 },
    }),
    'GET /api/bands/export/bands.csv': of('own', 'GET', '/bands/export/bands.csv'),
    'GET /api/bands/export/measurements.csv': of('own', 'GET', '/bands/export/measurements.csv'),
    'GET /api/bands/export/bands.json': of('own', 'GET', '/bands/export/bands.json'),
    'GET /api/bands/export/tags.pdf': of('own', 'GET', '/bands/export/tags.pdf'),
    'POST /api/bands/import': of('own', 'POST', '/bands/import', {
      format: 'wiry-otter.bands',
      version: 1,
      bands: [],
    }),
    'GET /api/setups/{id}/versions/{version}': of(
      'person',
      'GET',
      `/setups/${setup.id}/versions/${setup.version}`,
    ),
    'GET /api/setups/{id}/marks.pdf': of('person', 'GET', `/setups/${setup.id}/marks.pdf`),
    'PUT /api/setups/{id}': of(
      'person',
      'PUT',
      `/setups/${setup.id}`,
      inputOf(setup, await version()),
    ),
    'DELETE /api/setups/{id}': of('person', 'DELETE', `/setups/${away.id}`),
    'POST /api/setups/{id}/restore': of('person', 'POST', `/setups/${away.id}/restore`),
    'PUT /api/skill-tests/{id}': of('person', 'PUT', `/skill-tests/${uuidv7()}`, test),
    'PUT /api/ladders/{id}': of('person', 'PUT', `/ladders/${ladder.id}`, ladder.input),
    'DELETE /api/ladders/{id}': of('person', 'DELETE', `/ladders/${ladder.id}`),
    'POST /api/ladders/{id}/restore': of('person', 'POST', `/ladders/${ladder.id}/restore`),
    'PUT /api/prescriptions/{id}': of('person', 'PUT', `/prescriptions/${uuidv7()}`, prescription),
    'GET /api/sessions': of('own', 'GET', `/sessions?personId=${own.person}`),
    'PUT /api/sessions/{id}': of('person', 'PUT', `/sessions/${uuidv7()}`, {
      prescriptionId: open.prescription.id,
      startedAt: open.startedAt,
    }),
    'DELETE /api/sessions/{id}': of('person', 'DELETE', `/sessions/${empty.id}`),
    'POST /api/sessions/{id}/restore': of('person', 'POST', `/sessions/${empty.id}/restore`),
    'PUT /api/sessions/{id}/sets/{setId}': of(
      'person',
      'PUT',
      `/sessions/${open.id}/sets/${uuidv7()}`,
      doneSet(9),
    ),
    'PUT /api/sessions/{id}/sets/{setId}/set-aside': of(
      'person',
      'PUT',
      `/sessions/${open.id}/sets/${setId}/set-aside`,
      { setAside: true },
    ),
    'POST /api/decisions/{id}/accept': of('person', 'POST', `/decisions/${ended}/accept`),
    'POST /api/decisions/{id}/overrule': of('person', 'POST', `/decisions/${settled}/overrule`, {
      setupIds: [other.id],
      target: [8, 8, 8],
      note: 'The same once more.',
    }),
    'POST /api/sessions/{id}/finish': of('person', 'POST', `/sessions/${open.id}/finish`, {
      redFlag: false,
    }),
    'PUT /api/stops/{id}': of('person', 'PUT', `/stops/${uuidv7()}`, stopOf(stopped)),
    'POST /api/stops/{id}/lift': of('person', 'POST', `/stops/${raised}/lift`, {
      why: 'Looked at: it was the strap.',
    }),
    'POST /api/stops/{id}/take-back': of('person', 'POST', `/stops/${mistaken}/take-back`, {
      why: 'Ticked by mistake.',
    }),
    'POST /api/stops/{id}/look': of('person', 'POST', `/stops/${past}/look`),
    'PUT /api/sessions/{id}/next-morning': of(
      'person',
      'PUT',
      `/sessions/${open.id}/next-morning`,
      { pain: 1 },
    ),
    'POST /api/find': of('own', 'POST', '/find', {
      ...{ format: 'wiry-otter.search', version: 1, ...space },
      target: { metric: 'mean', value: 120 },
    }),
    'POST /api/ladder': of('own', 'POST', '/ladder', {
      ...{ format: 'wiry-otter.ladder', version: 1, ...space },
      target: { metric: 'mean', from: 60, to: 120, step: 0.2 },
    }),
    'GET /api/openapi.json': of('own', 'GET', '/openapi.json'),
  };
}

/** A colleague who took up an invitation; their id. */
async function joined(client: Client, email: string): Promise<string> {
  await client.put(`/invitations/${uuidv7()}`, { email, role: 'trainer' });
  const token = tokenOf(await mailTo(client, email));
  const joining = { token, name: 'Bosun Reed', password: 'a mooring line' };
  return (await client.post<Account>('/join', joining)).body.trainer.id;
}

/** A stop of a person, outside of any session. */
function stopOf(personId: string): StopInput {
  return {
    ...{ personId, cause: 'numbness', said: 'The left hand.', sessionId: null },
    ...{ exerciseId: 'standing-row', at: '2026-11-20T10:00:00Z' },
  };
}

/** A session of one set that was ended; the id of its decision. */
async function finished(client: Client, setup: SetupRecord): Promise<string> {
  const session = await startedSession(client, setup);
  await client.put(`/sessions/${session.id}/sets/${uuidv7()}`, doneSet(10));
  const { body } = await client.post<SessionRecord>(`/sessions/${session.id}/finish`, {
    redFlag: false,
  });
  return body.decision?.id ?? '';
}

async function copied(client: Client, setup: SetupRecord): Promise<SetupRecord> {
  const input = { ...inputOf(setup, 0), title: `${setup.title} again` };
  return (await client.put<SetupRecord>(`/setups/${uuidv7()}`, input)).body;
}

async function keptLadder(
  client: Client,
  setup: SetupRecord,
): Promise<{ readonly id: string; readonly input: LadderInput }> {
  const [known] = await recordsOf(client, 'ladder');
  const id = known?.id ?? uuidv7();
  const rungs = [rungAt(setup, 0), rungAt(setup, 0.2)];
  const version = known?.version ?? 0;
  await client.put(`/ladders/${id}`, ladderOf(setup, rungs, version));
  return { id, input: ladderOf(setup, rungs, version + 1) };
}

function searchSpace(): object {
  const bands = [9, 14, 22].map((c1_N, i) => ({
    id: `b${i}`,
    kind: 'loop',
    flatLength_m: 1.04,
    law: { c1_N, c2_N: 0.8 * c1_N, c3_N: 0.01 * c1_N },
  }));
  return {
    setup: {
      format: 'wiry-otter.setup',
      version: 1,
      body: { stature_m: 1.75, mass_kg: 72 },
      exercise: 'standing-row',
      points: { anchor: [1.9, 1.2, 0] },
      bands,
      samples: 9,
    },
    routes: [{ id: 'held', path: ['anchor', 'gripL', 'gripR'] }],
    reach: { point: 'anchor', axis: 'x', values_m: [1.5, 1.7, 1.9, 2.1] },
    limits: { maxBands: 2, stretch: 2.5 },
  };
}
