import type { PrescriptionRecord } from '@wiry-otter/contracts';
import { derivedId } from '@wiry-otter/derived';
import { ladderInput, type OfflineDevice, SESSION, trained } from '../../../testing/offline-device';
import { easeAfterBreak } from './ease-after-break';

describe('a prescription before the first session after a break', () => {
  const ladder = ladderInput();
  let device: OfflineDevice;
  let inForce: PrescriptionRecord;
  beforeEach(async () => {
    device = await trained(undefined, ladder);
    await device.write('finishSession', { id: SESSION }, { redFlag: false });
    const decision = { id: derivedId('decision', SESSION), sessionId: SESSION };
    await device.write('acceptDecision', decision, null);
    const [now] = device.view.all('prescription');
    if (now === undefined) throw new Error('nothing is prescribed');
    inForce = now;
  });

  const easedOn = (day: string) => easeAfterBreak(device.view, inForce, `${day}T10:00:00.000Z`);

  it('is eased by a rung after more than the studio’s days, from what is prescribed now', () => {
    // Last trained on 23 November; a break begins after 14 days.
    expect(easedOn('2026-12-07')).toBeUndefined();
    const eased = easedOn('2026-12-13');
    expect(eased?.days).toBe(20);
    expect(eased?.why).toContain('one rung lighter');
    expect(inForce.setupIds).toEqual([ladder.rungs[1]?.setupId ?? '']);
    expect(eased?.input.setupIds).toEqual([ladder.rungs[0]?.setupId ?? '']);
    expect(eased?.input.track).toBe(inForce.track);
  });

  it('is eased by two after more than twice as long', () => {
    expect(easedOn('2027-01-02')?.why).toContain('two rungs');
  });

  it('is not eased for the same break again, whoever asks', async () => {
    const eased = easedOn('2026-12-13');
    if (eased === undefined) throw new Error('not eased');
    expect(easedOn('2026-12-13')?.id).toBe(eased.id);
    await device.write('prescribe', { id: eased.id }, eased.input);
    const [now] = device.view.all('prescription');
    expect(now?.id).toBe(eased.id);
    if (now === undefined) throw new Error('nothing is prescribed');
    inForce = now;
    expect(easedOn('2026-12-13')).toBeUndefined();
  });
});
