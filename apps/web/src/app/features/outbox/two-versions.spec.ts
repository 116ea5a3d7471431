import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import type { SetupRecord } from '@wiry-otter/contracts';
import { setUpApp, tell } from '../../../testing/app';
import { placeRecord, UUID } from '../../../testing/records';
import { outboxActions } from '../../records/outbox/outbox-state';
import type { KeptWrite } from '../../records/outbox/write';
import { TwoVersions } from './two-versions';
import { lineOfField } from './version-words';

const BY = { id: `${UUID}1`, name: 'Mika Ferrow' };
const REFUSAL = { code: 'version-conflict', words: 'Changed meanwhile.', details: 'name' };

function refusedWrite(part: object): KeptWrite {
  const facts = { place: 1, id: `${UUID}9`, at: '2026-11-23T10:00:00Z', what: 'Loft kept.' };
  return { ...facts, by: BY, refusal: REFUSAL, ...part } as unknown as KeptWrite;
}

describe('two versions of a record', () => {
  const { id, ...theirs } = { ...placeRecord(), version: 7, name: 'Attic', about: 'Dry' };
  let store: ReturnType<typeof setUpApp>['store'];
  beforeEach(() => ({ store } = setUpApp()));

  function open(write: KeptWrite): { page: HTMLElement; sent: () => readonly unknown[] } {
    store.dispatch(outboxActions.changed({ writes: [write] }));
    const sent = spyOn(store, 'dispatch').and.callThrough();
    const fixture = TestBed.createComponent(TwoVersions);
    fixture.componentRef.setInput('writeId', write.id);
    fixture.detectChanges();
    const page = fixture.nativeElement as HTMLElement;
    return { page, sent: () => sent.calls.allArgs().map(([action]) => action) };
  }

  const press = (page: HTMLElement, words: string): void =>
    [...page.querySelectorAll('button')].find((one) => one.textContent?.includes(words))?.click();

  it('are shown field by field, and what is chosen is written from the version on record', () => {
    tell(store, { place: [{ id, ...theirs }] });
    const body = { ...theirs, version: 1, name: 'Loft', about: 'Damp' };
    const write = refusedWrite({ kind: 'putPlace', params: { id }, body });
    const { page, sent } = open(write);
    expect([...page.querySelectorAll('tbody th')].map(({ textContent }) => textContent)).toEqual([
      'name',
      'about',
    ]);
    const text = page.textContent ?? '';
    for (const words of ['Loft', 'Attic', 'Damp', 'Dry', 'Mika Ferrow'])
      expect(text).toContain(words);
    page.querySelectorAll<HTMLInputElement>('input[name=about]')[1]?.click();
    press(page, 'Keep what is chosen');
    const chosen = { ...theirs, name: 'Loft', about: 'Dry', version: 7 };
    // Made from the server's, it can only meet what somebody changes after that.
    expect(sent()).toContain(
      outboxActions.sendAgain({ write, body: chosen, base: { id, ...theirs } }),
    );
  });

  it('are only of what both changed: what was left as it was is taken from the server', () => {
    tell(store, { place: [{ id, ...theirs }] });
    const base = { ...theirs, version: 1, name: 'Boatyard loft', about: 'Damp' };
    const body = { ...base, name: 'Loft' };
    const write = refusedWrite({ kind: 'putPlace', params: { id }, body, base });
    const { page, sent } = open(write);
    expect(page.textContent).not.toContain('Damp');
    press(page, 'Keep what is chosen');
    const merged = { ...theirs, name: 'Loft', about: 'Dry', version: 7 };
    expect(sent()).toContain(
      outboxActions.sendAgain({ write, body: merged, base: { id, ...theirs } }),
    );
  });

  it('of a set-up are taken as a whole', () => {
    const setup = (title: string, mean: number): SetupRecord =>
      ({
        ...{ id, version: 4, title, ready: true, document: { runs: [{}] } },
        figures: { mean, unit: 'N' },
      }) as unknown as SetupRecord;
    const theirs = setup('Plank, far', 92);
    tell(store, { setup: [theirs] });
    const write = refusedWrite({
      ...{ kind: 'putSetup', params: { id }, body: { version: 3, title: 'Plank, near' } },
      derived: [{ kind: 'setup', id, record: setup('Plank, near', 61) }],
    });
    const { page, sent } = open(write);
    expect(page.textContent).toContain('61 N');
    expect(page.textContent).toContain('92 N');
    expect(page.querySelector('input')).toBeNull();
    press(page, 'Keep the one written here');
    const body = { version: 4, title: 'Plank, near' } as never;
    expect(sent()).toContain(outboxActions.sendAgain({ write, body, base: theirs }));
  });

  it('are gone once somebody has chosen', () => {
    const navigate = spyOn(TestBed.inject(Router), 'navigate').and.resolveTo(true);
    open(refusedWrite({ id: `${UUID}8`, kind: 'putPlace', params: { id }, body: theirs }));
    store.dispatch(outboxActions.changed({ writes: [] }));
    TestBed.tick();
    expect(navigate).toHaveBeenCalledWith(['/outbox']);
  });

  it('say figures with their unit, and lists by their names', () => {
    const line = (name: string, mine: unknown): string[] => {
      const { label, mine: words } = lineOfField({ name, mine, theirs: null }, (id) =>
        id === 'loft' ? 'Boatyard loft' : undefined,
      );
      return [label, words];
    };
    expect(line('flatLength_m', 1.04)).toEqual(['flat length, m', '1.04']);
    expect(line('placeIds', ['loft'])).toEqual(['trains at', 'Boatyard loft']);
    expect(line('bodyMasses', [{ on: '2026-11-05', mass_kg: 85 }])).toEqual([
      'weighed',
      'on 2026-11-05, mass 85 kg',
    ]);
    expect(line('anchors', [{ id: 'x', name: 'Ring', highest_m: 2 }])).toEqual([
      'anchors',
      'Ring, highest 2 m',
    ]);
    expect(line('eyesRule', true)).toEqual(['eyes rule', 'yes']);
    expect(line('note', '')).toEqual(['note', 'none']);
  });
});
