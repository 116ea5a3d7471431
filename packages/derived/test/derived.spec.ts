import type {
  DecisionRecord,
  LadderRecord,
  LadderRung,
  PrescriptionRecord,
} from '@wiry-otter/contracts';
import fc from 'fast-check';
import {
  acceptedAsIs,
  assess,
  dayInZone,
  derivedId,
  isReady,
  movesTo,
  NOTHING_SEEN,
  prescriptionAfter,
  safeRungs,
} from '../src/index.js';

const rung = (setupId: string, load: number, level: 'note' | 'refuse' = 'note'): LadderRung =>
  ({
    ...{ setupId, load, title: `${load} N`, key: setupId, document: { bands: [] } },
    cautions: [{ rule: 'room', level, text: '', figures: {} }],
  }) as unknown as LadderRung;
const ladder = (version: number, ...rungs: LadderRung[]): LadderRecord =>
  ({ id: 'ladder', version, rungs }) as unknown as LadderRecord;
const inForce = (...setupIds: string[]): PrescriptionRecord =>
  ({ id: 'before', track: 'main', setupIds }) as unknown as PrescriptionRecord;

describe('ids that are made from ids', () => {
  it('are UUIDs, the same for the same and others for others', () => {
    const any = fc.array(fc.uuid(), { minLength: 1, maxLength: 3 });
    fc.assert(
      fc.property(any, any, (one, other) => {
        expect(derivedId('decision', ...one)).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-5[0-9a-f]{3}-/);
        expect(derivedId('decision', ...one) === derivedId('decision', ...other)).toBe(
          one.join() === other.join(),
        );
        expect(derivedId('decision', ...one)).not.toBe(derivedId('prescription', ...one));
      }),
    );
  });
});

describe('a day', () => {
  it('is the studio’s, whatever the clock of the device says', () => {
    const late = new Date('2026-11-28T23:30:00Z');
    expect(dayInZone(late, 'Europe/Amsterdam')).toBe('2026-11-29');
    expect(dayInZone(late, 'America/Lima')).toBe('2026-11-28');
    expect(dayInZone(late, 'Europe/Amsterdam')).toBe('2026-11-29');
  });
});

describe('a prescription whose rung has left the ladder', () => {
  const before = ladder(1, rung('a', 40), rung('b', 60), rung('c', 80));

  it('moves to the nearest that is not heavier, of those that no caution refuses', () => {
    const next = ladder(2, rung('a', 40), rung('x', 55), rung('y', 58, 'refuse'), rung('z', 62));
    const [move] = movesTo(next, before, [inForce('b')], []);
    expect(move?.setupIds).toEqual(['x']);
    expect(move?.told).toEqual({ from: '60 N', to: '55 N' });
    expect(move?.id).toBe(derivedId('prescription', 'ladder', 2, 'main'));
    expect(safeRungs(next.rungs).map(({ setupId }) => setupId)).toEqual(['a', 'x', 'z']);
  });

  it('moves to the lightest where all are heavier, and each of several rungs by itself', () => {
    const next = ladder(2, rung('x', 90), rung('y', 95), rung('c', 80));
    const [move] = movesTo(ladder(2, rung('x', 90)), before, [inForce('b')], []);
    expect(move?.setupIds).toEqual(['x']);
    const [both] = movesTo(next, before, [inForce('b', 'c', 'a')], []);
    expect(both?.setupIds[1]).toBe('c');
    expect(both?.setupIds[0]).toBe(both?.setupIds[2]);
  });

  it('stays where its rung is still there, or was of no ladder', () => {
    expect(movesTo(ladder(2, rung('b', 61)), before, [inForce('b')], [])).toEqual([]);
    expect(movesTo(ladder(2, rung('x', 61)), before, [inForce('elsewhere')], [])).toEqual([]);
    expect(movesTo(ladder(1, rung('x', 61)), undefined, [inForce('b')], [])).toEqual([]);
  });
});

describe('a settled decision', () => {
  const decision = (code: string, rungs: number[]): DecisionRecord =>
    ({
      ...{
        id: 'decision',
        outcomesBefore: [],
        personId: 'person',
        review: { school: 'fill-range' },
      },
      ladder: ['a', 'b', 'c'].map((setupId) => ({ setupId })),
      decision: { code, rungs, target: rungs.map(() => 8) },
    }) as unknown as DecisionRecord;
  const last = {
    ...{ setupIds: ['a'], track: 'main' as const, rest_s: 90 },
    ...{ work: { kind: 'reps' as const, from: 8, to: 15 }, drop: { times: 1 } as never },
  };

  it('prescribes its rung, once for all sets or one for each', () => {
    expect(acceptedAsIs(decision('heavier', [1, 1, 1])).setupIds).toEqual(['b']);
    expect(acceptedAsIs(decision('heavier', [1, 2, 2])).setupIds).toEqual(['b', 'c', 'c']);
    const heavier = decision('heavier', [1, 1, 1]);
    const next = prescriptionAfter(heavier, 'accepted', acceptedAsIs(heavier), last);
    expect(next?.id).toBe(derivedId('prescription', 'decision'));
    // The parts of a drop set are of the set-up it was planned for.
    expect(next?.input).toEqual(
      jasmine.objectContaining({ setupIds: ['b'], sets: 3, school: 'fill-range', drop: null }),
    );
    const same = decision('repeat', [0, 0, 0]);
    expect(prescriptionAfter(same, 'accepted', acceptedAsIs(same), last)?.input.drop).toEqual(
      last.drop,
    );
  });

  it('prescribes nothing after a stop, unless somebody overrules it', () => {
    const stop = decision('stop', [0]);
    expect(prescriptionAfter(stop, 'accepted', acceptedAsIs(stop), last)).toBeNull();
    const chosen = { setupIds: ['a'], target: [5], note: 'The physiotherapist agreed.' };
    expect(prescriptionAfter(stop, 'overruled', chosen, last)?.input.target).toEqual([5]);
  });
});

describe('a set-up', () => {
  it('is ready when nothing refuses it and every warning was seen to', () => {
    const seen = { by: 'mika', name: 'Mika Ferrow', at: '2026-11-28T10:00:00Z' };
    const caution = (level: 'note' | 'warn' | 'refuse') => ({
      ...{ rule: 'room', level, text: '', figures: {} },
    });
    expect(isReady([caution('note')])).toBeTrue();
    expect(isReady([caution('warn')])).toBeFalse();
    expect(isReady([{ ...caution('warn'), seen }])).toBeTrue();
    expect(isReady([{ ...caution('refuse'), seen }])).toBeFalse();
  });

  it('is refused by the band that nobody knows', () => {
    const facts = { bands: [], seen: NOTHING_SEEN } as never;
    const document = { bands: [{ id: 'gone' }] } as never;
    expect(assess(document, facts)).toEqual({ ok: false, code: 'not-found', faults: [] });
  });
});
