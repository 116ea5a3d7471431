import { derivedId } from '@wiry-otter/derived';
import {
  ladderInput,
  type OfflineDevice,
  PERSON,
  PRESCRIBED,
  SESSION,
  setOf,
  trained,
} from '../../../testing/offline-device';
import { UUID } from '../../../testing/records';
import { personFields } from '@wiry-otter/derived';

const STOP = `${UUID}e`;
const AT = '2026-11-23T10:00:00.000Z';

const begin = (device: OfflineDevice): Promise<readonly string[] | string> =>
  device.write('startSession', { id: `${UUID}d` }, { prescriptionId: PRESCRIBED, startedAt: AT });

async function flagged(cause: 'numbness' | 'chestPain'): Promise<OfflineDevice> {
  const device = await trained(undefined, ladderInput(), ['01']);
  const session = device.view.get('session', SESSION);
  if (session === undefined) throw new Error('no session');
  const { personId, prescription } = session;
  const { exerciseId } = prescription;
  const body = { personId, cause, said: '', sessionId: SESSION, exerciseId, at: AT };
  await device.write('raiseStop', { id: STOP }, body);
  return device;
}

describe('a stop on a device without a network', () => {
  it('is there with the set that hurt, and nothing begins against it', async () => {
    const device = await trained(undefined, ladderInput(), ['01']);
    expect(await begin(device)).toEqual([]);
    const setId = `${UUID}f`;
    const hurt = await trained(undefined, ladderInput(), ['01']);
    await hurt.write('logSet', { id: SESSION, setId }, { ...setOf('04'), pain: 7 });
    expect(hurt.view.get('stop', derivedId('stop', setId))?.cause).toBe('pain');
    expect(await begin(hurt)).toBe('stopped');
  });

  it('ends its session in the same write, with the decision', async () => {
    const device = await flagged('chestPain');
    const session = device.view.get('session', SESSION);
    expect([session?.finishedAt, session?.redFlag]).toEqual([AT, true]);
    expect(session?.decision?.code).toBe('stop');
    expect(device.view.get('stop', STOP)?.scope.all).toBeTrue();
  });

  it('is lifted where the cause allows it, and by a clearance that is new', async () => {
    const numb = await flagged('numbness');
    await numb.write('liftStop', { id: STOP }, { why: 'It was the strap.' });
    expect(await begin(numb)).toEqual([]);
    const chest = await flagged('chestPain');
    await chest.write('liftStop', { id: STOP }, { why: 'Feels fine.' });
    expect(await begin(chest)).toBe('stopped');
    const clearance = { by: 'Dr. Wren Sallow', on: '2026-11-23', until: '2199-01-01', limits: '' };
    await chest.write('putPerson', { id: PERSON.id }, { ...personFields(PERSON), clearance });
    expect(chest.view.get('stop', STOP)?.lifted?.by).toBe('clearance');
    expect(await begin(chest)).toEqual([]);
  });

  it('comes of the morning after, whatever was taken before; less than that eases at once', async () => {
    const decisionId = derivedId('decision', SESSION);
    const accepted = async (): Promise<OfflineDevice> => {
      const device = await trained(undefined, ladderInput(), ['01', '02', '03']);
      await device.write('finishSession', { id: SESSION }, { redFlag: false });
      await device.write('acceptDecision', { id: decisionId, sessionId: SESSION }, null);
      return device;
    };
    const sore = await accepted();
    const before = sore.view.all('prescription')[0];
    await sore.write('noteNextMorning', { id: SESSION }, { pain: 4 });
    expect(sore.view.get('session', SESSION)?.painNextMorning).toBe(4);
    const eased = sore.view.get('decision', decisionId);
    expect([eased?.decision.code, eased?.status]).toEqual(['lighter', 'waiting']);
    expect(eased?.outcomesBefore.length).toBe(1);
    const held = sore.view.all('prescription')[0];
    expect(held?.id).not.toBe(before?.id);
    expect(held?.fromDecisionId).toBe(decisionId);

    const hurt = await accepted();
    await hurt.write('noteNextMorning', { id: SESSION }, { pain: 7 });
    expect(hurt.view.get('stop', derivedId('stop', SESSION, 'next-morning'))?.cause).toBe('pain');
    expect(hurt.view.get('session', SESSION)?.decision).toEqual({
      ...{ id: decisionId, code: 'stop', status: 'waiting' },
    });
    const [now] = hurt.view.all('prescription');
    const again = { prescriptionId: now?.id ?? '', startedAt: AT };
    expect(await hurt.write('startSession', { id: `${UUID}d` }, again)).toBe('stopped');

    // No pain is told as well, and changes nothing.
    const well = await accepted();
    await well.write('noteNextMorning', { id: SESSION }, { pain: 0 });
    expect(well.view.get('decision', decisionId)?.status).toBe('accepted');
    expect(well.view.all('prescription').length).toBe(1);
  });

  it('ticked by mistake is taken back, with a reason that stays', async () => {
    const device = await flagged('chestPain');
    await device.write('takeStopBack', { id: STOP }, { why: 'A slip of the thumb.' });
    expect(device.view.get('stop', STOP)?.takenBack?.why).toBe('A slip of the thumb.');
    expect(await begin(device)).toEqual([]);
  });
});
