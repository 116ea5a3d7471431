import { firstValueFrom, filter } from 'rxjs';
import { UUID } from '../../../testing/records';
import { Outbox } from './outbox';
import type { KeptWrite, Write } from './write';

const note = (what: string): Write =>
  ({
    ...{ id: crypto.randomUUID(), at: new Date().toISOString(), kind: 'putPlace', what },
    ...{ params: { id: `${UUID}2` }, body: {}, by: { id: '', name: '' } },
  }) as unknown as Write;

describe('the outbox', () => {
  let outbox: Outbox;
  beforeEach(() => (outbox = new Outbox(crypto.randomUUID())));
  afterEach(() => outbox.delete());

  const told = (isLast: (writes: readonly KeptWrite[]) => boolean): Promise<readonly KeptWrite[]> =>
    firstValueFrom(outbox.watch().pipe(filter(isLast)));

  it('tells what is in it, and the last of many changes, with fewer readings than changes', async () => {
    const read = spyOn(outbox, 'read').and.callThrough();
    const last = told((writes) => writes.at(-1)?.what === 'The last');
    for (let n = 0; n < 200; n++) await outbox.add(note(`No. ${n}`));
    await outbox.add(note('The last'));
    expect((await last).length).toBe(201);
    expect(read.calls.count()).toBeLessThan(150);
  });

  it('tells of what another tab wrote', async () => {
    const otherTab = new Outbox(outbox.trainerId);
    const written = told((writes) => writes.length === 1);
    await otherTab.add(note('Elsewhere'));
    expect((await written)[0]?.what).toBe('Elsewhere');
  });

  it('tells why one was refused, and lets go of it only when it is dismissed', async () => {
    const place = await outbox.add(note('Refused'));
    const refused = told((writes) => writes[0]?.refusal !== undefined);
    await outbox.refuse(place, { code: 'no', words: 'No.', details: '' });
    expect((await refused)[0]?.refusal?.words).toBe('No.');
    await outbox.remove(place);
    expect(await outbox.read()).toEqual([]);
  });

  it('puts what was confirmed before what waits, once each, for a server that was restored', async () => {
    await outbox.add(note('First'), note('Second'));
    const [first] = await outbox.read();
    if (first === undefined) throw new Error('nothing kept');
    await outbox.confirm(first);
    expect((await outbox.read()).map(({ what }) => what)).toEqual(['Second']);
    await outbox.tellOnceMore();
    await outbox.tellOnceMore();
    const writes = await outbox.read();
    expect(writes.map(({ again, what }) => [what, again === true])).toEqual([
      ['First', true],
      ['Second', false],
    ]);
  });
});
