import {
  type DecisionRecord,
  type LadderRecord,
  RECORDS,
  type SetupRecord,
} from '@wiry-otter/contracts';
import { MODEL } from '@wiry-otter/core';
import { derivedId } from '@wiry-otter/derived';
import { v7 as uuidv7 } from 'uuid';
import {
  BAND,
  LADDER,
  ladderInput,
  OfflineDevice,
  PRESCRIBED,
  prescriptionOf,
  SESSION,
  setOf,
  trained,
} from '../../../testing/offline-device';
import { measurementRecord, pull, UUID } from '../../../testing/records';
import { differenceOf } from './differences';

describe('what follows from a write, derived on the device', () => {
  it('is a ladder, and the set-up of its rung that is prescribed', async () => {
    const device = new OfflineDevice(BAND);
    const ladder = ladderInput();
    expect(await device.write('putLadder', { id: LADDER }, ladder)).toEqual(['ladder']);
    const prescription = prescriptionOf(ladder.rungs[0]?.setupId ?? '');
    expect(await device.write('prescribe', { id: PRESCRIBED }, prescription)).toEqual(['setup']);
  });

  it('is what comes next after a session, and the prescription once it is taken', async () => {
    const ladder = ladderInput();
    const device = await trained(BAND, ladder);
    const ended = await device.write('finishSession', { id: SESSION }, { redFlag: false });
    expect(ended).toEqual(['decision']);
    const session = device.view.get('session', SESSION);
    const decisionId = derivedId('decision', SESSION);
    expect(session?.finishedAt).toBe('2026-11-23T10:00:00.000Z');
    expect(session?.decision).toEqual({ id: decisionId, code: 'heavier', status: 'waiting' });
    expect(device.view.get('decision', decisionId)?.model).toBe(MODEL);

    await device.write('acceptDecision', { id: decisionId, sessionId: SESSION }, null);
    const [next, ...others] = device.view.all('prescription');
    expect(others).toEqual([]);
    expect(next?.fromDecisionId).toBe(decisionId);
    expect(next?.setupIds).toEqual([ladder.rungs[1]?.setupId ?? '']);
    // It can be begun at once: its rung is a set-up now.
    expect(device.view.get('setup', next?.setupIds[0] ?? '')?.ready).toBeTrue();
    expect(device.view.get('decision', decisionId)?.outcome?.decidedBy).toBe('Mika Ferrow');
  });

  it('is a ladder made anew where a band pulls otherwise now, and the work that moves along', async () => {
    const measured = [pull(1.35, 58), pull(1.77, 106), pull(2.18, 146)];
    const anew = { ...BAND, measurements: [measurementRecord(measured)] };
    const device = await trained(anew);
    const derived = await device.write('finishSession', { id: SESSION }, { redFlag: false });
    expect(derived).toContain('ladder');
    expect(derived).toContain('decision');
    const ladder = device.view.get('ladder', LADDER);
    expect(ladder?.version).toBe(2);
    const reasons = device.view.get('decision', derivedId('decision', SESSION))?.decision.reasons;
    expect(reasons?.map(({ rule }) => rule)).toContain('ladder.anew');
    // Whoever makes it anew from the same comes to the same ids.
    const again = await trained(anew);
    await again.write('finishSession', { id: SESSION }, { redFlag: false });
    const keys = (of: LadderRecord | undefined): string[] =>
      (of?.rungs ?? []).map(({ key }) => key);
    expect(keys(again.view.get('ladder', LADDER))).toEqual(keys(ladder));
  });

  it('is refused here where the server would: a band that is retired', async () => {
    const copies = BAND.copies.map((copy) => ({ ...copy, state: 'retired' as const }));
    const device = new OfflineDevice({ ...BAND, copies, state: 'retired' });
    expect(await device.write('putLadder', { id: LADDER }, ladderInput())).toBe('band-unusable');
    expect(device.view.all('ladder')).toEqual([]);
  });

  it('leaves behind decisions that a later session overtakes', async () => {
    const device = await trained(BAND);
    await device.write('finishSession', { id: SESSION }, { redFlag: false });
    const later = `${UUID}8`;
    const began = { prescriptionId: PRESCRIBED, startedAt: '2026-11-23T09:30:00.000Z' };
    await device.write('startSession', { id: later }, began);
    const decisionId = derivedId('decision', SESSION);
    expect(device.view.get('decision', decisionId)?.status).toBe('waiting');
    const set = setOf('2026-11-23T09:31:00.000Z');
    await device.write('logSet', { id: later, setId: uuidv7() }, set);
    expect(device.view.get('decision', decisionId)?.status).toBe('void');
  });
});

describe('what a device and the server derived', () => {
  const decision = {
    id: 'd',
    model: MODEL,
    ladder: [{ setupId: 's', title: 'Plank', load: 40.1 }],
    review: { sessions: [] },
    decision: { code: 'repeat', rungs: [0], target: [8] },
  } as unknown as DecisionRecord;
  const mine = { kind: 'decision' as const, id: 'd', record: decision };

  it('is the same but for what no computer keeps', () => {
    const servers = { ...decision, ladder: [{ setupId: 's', title: 'Plank', load: 40.1 + 1e-9 }] };
    expect(differenceOf(mine, servers)).toBeNull();
    const setup = {
      id: 's',
      figures: { model: MODEL, start: 1, mean: 2, end: 3, peak: 3 },
      cautions: [],
      ready: true,
    } as unknown as SetupRecord;
    expect(differenceOf({ kind: 'setup', id: 's', record: setup }, setup)).toBeNull();
  });

  it('is a defect where one model comes to two results, and not where models differ', () => {
    const other = { ...decision, decision: { ...decision.decision, code: 'heavier' } };
    expect(differenceOf(mine, other)?.words).toContain('heavier');
    expect(differenceOf(mine, other)?.knewMore).toBeFalse();
    expect(differenceOf(mine, { ...other, model: MODEL + 1 })).toBeNull();
  });

  it('is a defect where the server had the same before it, as it comes over the wire', async () => {
    const device = await trained(BAND);
    await device.write('finishSession', { id: SESSION }, { redFlag: false });
    const record = device.view.get('decision', derivedId('decision', SESSION));
    const servers = RECORDS.decision.parse(JSON.parse(JSON.stringify(record)));
    const here = { kind: 'decision' as const, id: servers.id, record: record ?? null };
    expect(differenceOf(here, servers)).toBeNull();
    const other = { ...servers, decision: { ...servers.decision, code: 'stop' } };
    expect(differenceOf(here, other)?.knewMore).toBeFalse();
  });

  it('is none where the server knew of another session', () => {
    const sessions = [...decision.review.sessions, { date: '2026-11-24', sets: [] }];
    const review = { ...decision.review, sessions };
    const other = { ...decision, review, decision: { ...decision.decision, code: 'heavier' } };
    expect(differenceOf(mine, other)?.knewMore).toBeTrue();
  });
});
