import type {
  BandEventInput,
  BandInput,
  MeasurementInput,
  Reading,
  ReadingInput,
  SetInput,
  SetupInput,
} from '@wiry-otter/contracts';
import type {
  BandRecord,
  PersonRecord,
  PlaceRecord,
  SessionRecord,
  SetupRecord,
} from '@wiry-otter/contracts';
import { v7 as uuidv7 } from 'uuid';
import type { Answer, Client } from './studio.js';
import { bandOf, recordsOf } from './records.js';

export const BAND: BandInput = {
  version: 0,
  name: 'Plank',
  kind: 'loop',
  flatLength_m: 1.04,
  width_mm: 22,
  stock: 'band',
  cutFrom: null,
  thickness_mm: null,
  material: 'latexLayered',
  colour: '#446688',
  tag: 3,
  points: null,
  label: null,
  limit: 2.5,
  fittings: null,
  note: '',
  copies: [],
};

/** The same with its own first copy. */
export const newBandInput = (): BandInput => ({
  ...BAND,
  copies: [{ id: uuidv7(), mark: 'a', boughtOn: daysAgo(10) }],
});

/** A measurement of a copy, still going on. */
export const measurementOf = (copyId: string): MeasurementInput => ({
  copyId,
  rigging: 'end',
  gauge: { kind: 'typed', name: 'Luggage scale' },
  warmUps: 3,
  startedAt: '2026-11-20T09:00:00Z',
  finishedAt: null,
  note: '',
});

export const reading = (length_m: number, force_N: number): ReadingInput => ({
  length_m,
  force_N,
  rest_m: null,
  strands: null,
  dead_m: 0,
  weighing: null,
  direction: 'loading',
  takenAt: '2026-11-20T09:00:00Z',
});

/** A new band with a measurement going on, and the path of that measurement. */
export async function measuredBand(
  client: Client,
  readings: readonly ReadingInput[] = [],
): Promise<{ band: BandRecord; path: string }> {
  const input = newBandInput();
  const id = uuidv7();
  await client.put(`/bands/${id}`, input);
  const path = `/bands/${id}/measurements/${uuidv7()}`;
  await client.put(path, measurementOf(input.copies[0]?.id ?? ''));
  for (const pull of readings) await client.put(`${path}/readings/${uuidv7()}`, pull);
  return { band: await bandOf(client, id), path };
}

export const readingsOf = (band: BandRecord): Reading[] =>
  band.measurements.flatMap(({ readings }) => readings);

export const copiesOf = (band: BandRecord): BandInput['copies'] =>
  band.copies.map(({ id, mark, boughtOn }) => ({ id, mark, boughtOn }));

export const doneSet = (reps: number, other: Partial<SetInput> = {}): SetInput => ({
  performedAt: new Date().toISOString(),
  setupId: null,
  reps,
  partial: 0,
  hold_s: null,
  lowering_s: null,
  spare: 2,
  form: 'clean',
  pain: 0,
  ...other,
});

/** Bought long enough ago to have been used, and not so long that an inspection is due. */
function daysAgo(days: number): string {
  return new Date(Date.now() - days * 86_400_000).toISOString().slice(0, 10);
}

/** The demo's first saved row of a person, and a copy of it as input. */
export async function demoSetup(client: Client, name: string): Promise<SetupRecord> {
  const people = await recordsOf(client, 'person');
  const person = people.find((entry) => entry.name === name);
  const setups = await recordsOf(client, 'setup');
  const found = setups.find((setup) => setup.personId === person?.id);
  if (found === undefined) throw new Error(`no set-up of ${name} in the demo`);
  return found;
}

export function inputOf(setup: SetupRecord, version: number): SetupInput {
  const { personId, placeId, anchorId, title, routeId, document } = setup;
  const acknowledged = setup.cautions.flatMap(({ rule, seen }) => (seen ? rule : []));
  return { version, personId, placeId, anchorId, title, routeId, document, acknowledged };
}

/** A row so far from its anchor that its band is stretched beyond ×2. */
export async function stretchedSetup(client: Client): Promise<SetupRecord> {
  const setup = await demoSetup(client, 'Tobias Quill');
  const input = inputOf(setup, 0);
  const [[name, at] = ['', [0, 1, 0]]] = Object.entries(setup.document.points);
  const far: SetupInput = {
    ...input,
    acknowledged: ['stretch-high', 'let-go', 'face-line', 'door-side', 'inspection-due'],
    document: { ...input.document, points: { [name]: [2.5, at[1] ?? 1, 0] } },
  };
  return (await client.put<SetupRecord>(`/setups/${uuidv7()}`, far)).body;
}

/** Prescribes a set-up with 3 × 8–15; the prescription's id. */
export async function prescribed(client: Client, setup: SetupRecord): Promise<string> {
  const prescriptionId = uuidv7();
  await client.put(`/prescriptions/${prescriptionId}`, {
    personId: setup.personId,
    setupIds: [setup.id],
    school: 'fill-range',
    sets: 3,
    work: { kind: 'reps', from: 8, to: 15 },
    rest_s: 90,
    target: [8, 8, 8],
  });
  return prescriptionId;
}

/** Starts a session of a set-up. */
export async function startedSession(client: Client, setup: SetupRecord): Promise<SessionRecord> {
  const started = await client.put<SessionRecord>(`/sessions/${uuidv7()}`, {
    prescriptionId: await prescribed(client, setup),
    startedAt: new Date().toISOString(),
  });
  return started.body;
}

/** Something happens to the first copy of a band; the band after it. */
export async function happen(
  client: Client,
  band: BandRecord,
  what: BandEventInput['what'],
  at = new Date(),
): Promise<Answer<BandRecord>> {
  return client.put<BandRecord>(`/bands/${band.id}/events/${uuidv7()}`, {
    copyId: band.copies[0]?.id,
    at: at.toISOString(),
    what,
  });
}

export type { BandRecord, PersonRecord, PlaceRecord, SessionRecord, SetupRecord };
