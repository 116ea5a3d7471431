import { TestBed } from '@angular/core/testing';
import type { PersonRecord, SessionRecord } from '@wiry-otter/contracts';
import { format, subDays } from 'date-fns';
import { setUpApp, tell } from '../../../testing/app';
import { bandRecord, copyRecord, personRecord, UUID } from '../../../testing/records';
import { recordActions } from '../../records/record-actions';
import { WorthALook } from './worth-a-look';

const dayOf = (daysAgo: number): string => format(subDays(new Date(), daysAgo), 'yyyy-MM-dd');

const cleared = (daysAgo: number): Partial<PersonRecord> => ({
  goal: 'rehab',
  clearance: { by: 'Sanne Okoro', until: dayOf(daysAgo), limits: '' },
});

function open(records: Parameters<typeof tell>[1]) {
  const { store } = setUpApp();
  tell(store, records);
  const fixture = TestBed.createComponent(WorthALook);
  fixture.detectChanges();
  const root = fixture.nativeElement as HTMLElement;
  const looks = (): (string | null)[][] => {
    fixture.detectChanges();
    return [...root.querySelectorAll('a')].map((link) => [
      link.textContent.replace(/→|\s+/g, ' ').trim(),
      link.getAttribute('href'),
    ]);
  };
  return { looks, root, store };
}

describe('what is worth a look today', () => {
  it('is a clearance that ends soon, has run out or is missing', () => {
    const of = (part: Partial<PersonRecord>): (string | null)[][] => {
      TestBed.resetTestingModule();
      return open({ person: [personRecord(part)] }).looks();
    };
    const link = `/people/${UUID}1`;
    expect(of(cleared(-6))).toEqual([['Tobias Quill · △ the clearance runs out in 6 days', link]]);
    expect(of(cleared(-1))[0]?.[0]).toContain('△ the clearance runs out tomorrow');
    expect(of(cleared(1))).toEqual([['Tobias Quill · ✕ the clearance has run out', link]]);
    expect(of({ goal: 'rehab' })).toEqual([['Tobias Quill · ✕ no clearance on file', link]]);
    // Nothing on file asks for one: that it ends stops no work.
    expect(of({ ...cleared(1), goal: 'keep' })[0]?.[0]).toContain('△ the clearance has run out');
    expect(of(cleared(-40))).toEqual([]);
    expect(of({ ...cleared(1), archivedOn: dayOf(3) })).toEqual([]);
  });

  it('is who has gone quiet, once all is there that would tell otherwise', () => {
    const session = {
      ...{ id: `${UUID}5`, version: 1, personId: `${UUID}1`, discardedAt: null },
      ...{ day: dayOf(20), startedAt: '', sets: [], finishedAt: '', setups: [] },
    } as unknown as SessionRecord;
    const { looks, store } = open({ person: [personRecord()], session: [session] });
    expect(looks()).toEqual([['Tobias Quill · △ quiet for 20 days', `/people/${UUID}1`]]);
    store.dispatch(recordActions.forget());
    const record = personRecord({ trainedSince: { 'standing-row': '2026-02-01' } });
    const changes = [{ kind: 'person' as const, id: record.id, version: 1, record }];
    store.dispatch(recordActions.restored({ changes, cursor: 'here', unread: [] }));
    expect(looks()).toEqual([]);
  });

  it('is a band whose inspection is due, and nothing where all is well', () => {
    const copies = [copyRecord({ countsFrom: dayOf(40) })];
    const { looks } = open({ band: [bandRecord({ id: `${UUID}a`, name: 'Keel', copies })] });
    expect(looks()).toEqual([['Keel · △ inspection due', `/bands/${UUID}a`]]);
    TestBed.resetTestingModule();
    const { root } = open({ person: [personRecord()] });
    expect(root.textContent.trim()).toBe('');
  });
});
