import { TestBed } from '@angular/core/testing';
import { type Deriver, DERIVER_IN_PLACE } from '@wiry-otter/derived';
import { BAND, ladderInput, OfflineDevice } from '../../testing/offline-device';
import { UUID } from '../../testing/records';
import { WRITE_KINDS } from '../records/outbox/write-kinds';
import { WorkerDeriver } from './worker-deriver';

describe('what is derived in a worker', () => {
  const { view } = new OfflineDevice(BAND);
  const facts = {
    ...{ id: `${UUID}9`, at: '2026-11-23T10:00:00.000Z', params: { id: `${UUID}5` } },
    ...{ body: ladderInput(), by: { id: `${UUID}1`, name: 'Mika Ferrow' } },
  };
  const ladderOf = (deriver: Deriver) => WRITE_KINDS.putLadder.derive?.(view, facts, deriver);

  it('is what is derived in place', async () => {
    const derived = await ladderOf(TestBed.inject(WorkerDeriver));
    expect(derived?.ok).toBeTrue();
    expect(derived).toEqual(await ladderOf(DERIVER_IN_PLACE));
  });

  it('fails by itself: what is asked for beside and after it is answered', async () => {
    const deriver = TestBed.inject(WorkerDeriver);
    const failing = deriver.assess(null as never, null as never);
    const beside = ladderOf(deriver);
    await expectAsync(failing).toBeRejected();
    expect((await beside)?.ok).toBeTrue();
    expect((await ladderOf(deriver))?.ok).toBeTrue();
  });
});
