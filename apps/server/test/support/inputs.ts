import type { BandInput, ReadingInput, SetInput, SetupInput } from '@wiry-otter/contracts';
import type {
  BandRecord,
  PersonRecord,
  PlaceRecord,
  SessionRecord,
  SetupRecord,
} from '@wiry-otter/contracts';
import { v7 as uuidv7 } from 'uuid';
import type { Client } from './studio.js';

export const BAND: BandInput = {
  version: 0,
  name: 'Plank',
  kind: 'loop',
  flatLength_m: 1.04,
  width_mm: 22,
  colour: '#446688',
  tag: 3,
  label: null,
  limit: 2.5,
  state: 'inUse',
  note: '',
};

export const reading = (length_m: number, force_N: number): ReadingInput => ({
  length_m,
  force_N,
  rest_m: null,
  strands: null,
  direction: 'loading',
  takenAt: '2026-11-20T09:00:00Z',
});

export const doneSet = (reps: number, other: Partial<SetInput> = {}): SetInput => ({
  performedAt: new Date().toISOString(),
  reps,
  partial: 0,
  spare: 2,
  form: 'clean',
  pain: 0,
  ...other,
});

/** The demo's first saved row of a person, and a copy of it as input. */
export async function demoSetup(client: Client, name: string): Promise<SetupRecord> {
  const people = (await client.get<PersonRecord[]>('/people')).body;
  const person = people.find((entry) => entry.name === name);
  const setups = (await client.get<SetupRecord[]>('/setups')).body;
  const found = setups.find((setup) => setup.personId === person?.id);
  if (found === undefined) throw new Error(`no set-up of ${name} in the demo`);
  return found;
}

export function inputOf(setup: SetupRecord, version: number): SetupInput {
  const { personId, placeId, anchorId, title, routeId, document, acknowledged } = setup;
  return { version, personId, placeId, anchorId, title, routeId, document, acknowledged };
}

/** Starts a session of a set-up from a prescription of 3 × 8–15. */
export async function startedSession(client: Client, setup: SetupRecord): Promise<SessionRecord> {
  const prescriptionId = uuidv7();
  await client.put(`/prescriptions/${prescriptionId}`, {
    personId: setup.personId,
    setupId: setup.id,
    school: 'fill-range',
    sets: 3,
    reps: { from: 8, to: 15 },
    rest_s: 90,
    target: [8, 8, 8],
  });
  const started = await client.put<SessionRecord>(`/sessions/${uuidv7()}`, {
    prescriptionId,
    startedAt: new Date().toISOString(),
  });
  return started.body;
}

export type { BandRecord, PersonRecord, PlaceRecord, SessionRecord, SetupRecord };
