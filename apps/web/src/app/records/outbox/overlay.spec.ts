import type { MeasurementInput, PrescriptionInput, SetInput } from '@wiry-otter/contracts';
import { RECORD_KINDS } from '@wiry-otter/contracts';
import { bandRecord, pull, UUID } from '../../../testing/records';
import { type AllEntities, overlayOf } from './overlay';
import type { KeptWrite, WriteKind } from './write';
import type { WriteKinds } from './write-kinds';

const NOTHING = Object.fromEntries(RECORD_KINDS.map((kind) => [kind, {}])) as AllEntities;
const SET: SetInput = {
  performedAt: '2026-11-23T10:00:00Z',
  reps: 12,
  partial: 0,
  setupId: null,
  hold_s: null,
  lowering_s: null,
  spare: 2,
  form: 'clean',
  pain: 0,
};
const PRESCRIBED: PrescriptionInput = {
  personId: 'odile',
  setupIds: ['row'],
  track: 'main',
  school: 'fill-range',
  sets: 1,
  work: { kind: 'reps', from: 8, to: 15 },
  rest_s: 90,
  target: [8],
  drop: null,
};
const MEASUREMENT: MeasurementInput = {
  copyId: `${UUID}e`,
  rigging: 'standing',
  gauge: { kind: 'typed', name: '' },
  warmUps: 3,
  startedAt: '2026-11-23T10:00:00Z',
  finishedAt: null,
  note: '',
};

let place = 0;
function written<Kind extends WriteKind>(
  kind: Kind,
  params: WriteKinds[Kind]['params'],
  body: WriteKinds[Kind]['body'],
): KeptWrite {
  place += 1;
  const at = '2026-11-23T10:00:00Z';
  const by = { id: 'mika', name: 'Mika Ferrow' };
  const write = { place, id: String(place), at, kind, params, body, what: '', by };
  return write as unknown as KeptWrite;
}

describe('what waits, laid over the records', () => {
  const row = { id: 'row', exerciseId: 'standing-row', version: 4, title: 'Row' };
  const setup = {
    ...row,
    personId: 'odile',
    figures: { mean: 90 },
    document: { exercise: { title: 'Standing row' }, runs: [{}] },
  };
  const entities = { ...NOTHING, setup: { row: setup } } as unknown as AllEntities;

  it('is a whole session: prescribed, begun, done, a set taken back', () => {
    const overlay = overlayOf(entities, [
      written('prescribe', { id: 'p' }, PRESCRIBED),
      written('startSession', { id: 's' }, { prescriptionId: 'p', startedAt: SET.performedAt }),
      written('logSet', { id: 's', setId: '1' }, SET),
      written('logSet', { id: 's', setId: '2' }, { ...SET, reps: 11 }),
      written('setSetAside', { id: 's', setId: '1' }, { setAside: true }),
    ]);
    const session = overlay.get('session')?.get('s') as unknown as {
      version: number;
      sets: { reps: number; setupId: string }[];
      setups: { title: string; exercise: string; version: number }[];
    };
    expect(session.sets.map(({ reps, setupId }) => [reps, setupId])).toEqual([[11, 'row']]);
    expect(session.setups[0]).toEqual(
      jasmine.objectContaining({ title: 'Row', exercise: 'Standing row', version: 4 }),
    );
    expect(session.version).toBe(4);
  });

  it('is one prescription in force: a later one takes the place of the one before', () => {
    const before = { ...PRESCRIBED, id: 'old', exerciseId: 'standing-row' };
    const known = { ...entities, prescription: { old: before } } as unknown as AllEntities;
    const overlay = overlayOf(known, [written('prescribe', { id: 'p' }, PRESCRIBED)]);
    expect(overlay.get('prescription')?.get('old')).toBeNull();
    expect(overlay.get('prescription')?.get('p')).not.toBeNull();
  });

  it('is a measurement with its pulls before the server has them, each once', () => {
    const known = { ...NOTHING, band: { a: bandRecord() } };
    const { id: _id, takenBy: _by, setAside: _s, setAsideReason: _r, ...input } = pull(1.5, 80);
    const params = { id: 'a', measurementId: 'm', readingId: 'r' };
    const overlay = overlayOf(known, [
      written('putMeasurement', { id: 'a', measurementId: 'm' }, MEASUREMENT),
      written('addReading', params, input),
      written('addReading', params, input),
      written('setReadingAside', params, { setAside: true, reason: 'A slip.' }),
    ]);
    const band = overlay.get('band')?.get('a') as ReturnType<typeof bandRecord>;
    const [measurement] = band.measurements;
    expect(measurement?.takenBy).toBe('Mika Ferrow');
    expect(measurement?.readings.length).toBe(1);
    expect(measurement?.readings[0]?.setAsideReason).toBe('A slip.');
    // A bathroom scale is less sure than a gauge.
    expect(measurement?.readings[0]?.gaugeError_N).toBeGreaterThan(0);
  });

  it('is what an inspection finds, and who has a copy', () => {
    const known = { ...NOTHING, band: { a: bandRecord() } };
    const copyId = `${UUID}e`;
    const overlay = overlayOf(known, [
      written(
        'addBandEvent',
        { id: 'a', eventId: 'e' },
        {
          copyId,
          at: SET.performedAt,
          what: { kind: 'inspected', findings: { edges: 'bad' }, note: '' },
        },
      ),
      written(
        'addBandEvent',
        { id: 'a', eventId: 'f' },
        {
          copyId,
          at: SET.performedAt,
          what: { kind: 'moved', holder: { at: 'person', personId: 'odile' } },
        },
      ),
    ]);
    const band = overlay.get('band')?.get('a') as ReturnType<typeof bandRecord>;
    expect(band.state).toBe('retired');
    expect(band.copies[0]?.lastInspection).toBe('2026-11-23');
    expect(overlay.get('bandMove')?.get('f')).toEqual(
      jasmine.objectContaining({ copyId, personId: 'odile' }),
    );
  });

  it('changes nothing it does not know, and is nothing of what cannot be shown', () => {
    const lost = written('logSet', { id: 'nowhere', setId: '1' }, SET);
    const broken = { ...written('prescribe', { id: 'p' }, PRESCRIBED), body: null } as never;
    expect([...overlayOf(NOTHING, [lost, broken]).keys()]).toEqual([]);
  });
});
