import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import { setUpApp, tell, writes } from '../../../testing/app';
import { ladderInput, SESSION, setOf, trained } from '../../../testing/offline-device';
import { Session } from './session';
import { sessionNotices } from './session-notices';

/** The page of a session with so many sets done. */
async function openSession(
  minutes: readonly string[],
  { finished = false, painLimit = 3 }: { finished?: boolean; painLimit?: number } = {},
) {
  const device = await trained(undefined, ladderInput(), minutes);
  if (finished) await device.write('finishSession', { id: SESSION }, { redFlag: false });
  const { store } = setUpApp();
  const { person, ...records } = device.records;
  tell(store, { ...records, person: person.map((one) => ({ ...one, painLimit })) });
  const written = writes();
  const went = spyOn(TestBed.inject(Router), 'navigate').and.resolveTo(true);
  const fixture = TestBed.createComponent(Session);
  fixture.componentRef.setInput('id', SESSION);
  await fixture.whenStable();
  const root = fixture.nativeElement as HTMLElement;
  /** @param among the legend of the buttons it stands among */
  const press = async (words: string, among?: string): Promise<void> => {
    const group = [...root.querySelectorAll('fieldset')].find((one) =>
      one.querySelector('legend')?.textContent.includes(among ?? '?'),
    );
    const buttons = [...((among === undefined ? root : group)?.querySelectorAll('button') ?? [])];
    const button = buttons.find(
      (one) => one.textContent.trim().startsWith(words) || one.ariaLabel === words,
    );
    if (button === undefined) throw new Error(`no button ${words} in: ${root.innerText}`);
    button.click();
    await fixture.whenStable();
  };
  return { fixture, press, root, store, went, written };
}

describe('the page of a session', () => {
  beforeEach(() => localStorage.clear());
  afterEach(() => localStorage.clear());

  it('begins each set with what is aimed for, and writes what was done', async () => {
    const { press, root, written } = await openSession(['01']);
    expect(root.textContent).toContain('Set 2 of 3, aim for');
    expect(root.querySelector('[data-testid=reps]')?.textContent).toBe('8');
    await press('One repetition more');
    await press('One partial more');
    await press('breaking');
    await press('Log set 2');
    expect(written().length).toBe(1);
    const [write] = written();
    expect(write?.kind).toBe('logSet');
    expect(write?.params).toEqual(jasmine.objectContaining({ id: SESSION }));
    expect(write?.body).toEqual(
      jasmine.objectContaining({ reps: 9, partial: 1, form: 'breaking', spare: 2, hold_s: null }),
    );
    // Form is asked for anew; the next set begins with its own aim.
    expect(root.querySelector('[data-testid=reps]')?.textContent).toBe('8');
  });

  it('takes a set back, and puts it back as long as it is said', async () => {
    const { press, root, written } = await openSession(['01']);
    await press('Take back');
    expect(written()[0]?.body).toEqual({ setAside: true });
    expect(root.textContent).toContain('A set was taken back.');
    await press('Put it back');
    expect(written()[1]?.body).toEqual({ setAside: false });
    expect(root.textContent).not.toContain('A set was taken back.');
  });

  it('is given up only while nothing was done', async () => {
    const begun = await openSession(['01']);
    expect(begun.root.textContent).not.toContain('Give this session up');
    TestBed.resetTestingModule();
    const fresh = await openSession([]);
    await fresh.press('Give this session up');
    expect(fresh.written()[0]?.kind).toBe('discardSession');
    expect(fresh.went).toHaveBeenCalledWith(['/today']);
  });

  it('ends early with fewer sets, or with all of them', async () => {
    const early = await openSession(['01', '04']);
    await early.press('Finish early, with 2 of 3 sets');
    expect(early.written()[0]?.body).toEqual({ redFlag: false });
    TestBed.resetTestingModule();
    const full = await openSession(['01', '04', '07']);
    await full.press('Finish: see what comes next');
    expect(full.written()[0]?.body).toEqual({ redFlag: false });
  });

  it('has the red flag in every moment, its kinds apart, and ends with it in one write', async () => {
    for (const minutes of [[], ['01'], ['01', '04', '07']]) {
      TestBed.resetTestingModule();
      const page = await openSession(minutes);
      await page.press('✕ Red flag: stop now');
      await page.press('chest pain');
      const [write, ...others] = page.written();
      expect(write?.kind).toBe('raiseStop');
      expect(write?.body).toEqual(
        jasmine.objectContaining({ cause: 'chestPain', said: '', sessionId: SESSION }),
      );
      expect(others).toEqual([]);
    }
  });

  it('says at once where pain is over the limit, and to stop where it is more', async () => {
    const { press, root } = await openSession(['01'], { painLimit: 3 });
    await press('4', 'Pain, 0 to 10');
    expect(root.querySelector('[role=alert]')?.textContent).toContain('over the limit of 3');
    await press('7', 'Pain, 0 to 10');
    expect(root.querySelector('[role=alert]')?.textContent).toContain('licensed clinician');
  });

  it('keeps what was entered for the set at hand over a reload', async () => {
    const first = await openSession(['01']);
    for (let i = 0; i < 3; i++) await first.press('One repetition more');
    TestBed.tick();
    TestBed.resetTestingModule();
    const again = await openSession(['01']);
    expect(again.root.querySelector('[data-testid=reps]')?.textContent).toBe('11');
  });

  it('goes on to what comes next once it is over', async () => {
    const { went } = await openSession(['01', '04', '07'], { finished: true });
    expect(went).toHaveBeenCalledWith(['/next', SESSION]);
  });
});

describe('what is said while a session goes on', () => {
  const set = (pain: number, form: 'clean' | 'breaking' = 'clean') => ({
    ...setOf('2026-11-23T09:01:00.000Z'),
    pain,
    form,
  });

  it('is nothing within the limit, at its border too', () => {
    expect(sessionNotices([set(3)], { pain: 3 }, 3)).toEqual([]);
  });

  it('is a caution over the limit, and a stop where a clinician is to look first', () => {
    expect(sessionNotices([], { pain: 4 }, 3).map(({ tone }) => tone)).toEqual(['caution']);
    const [stop] = sessionNotices([set(8)], { pain: 0 }, 3);
    expect(stop?.tone).toBe('stop');
    expect(stop?.text).toContain('physician or physiotherapist');
  });

  it('is that form broke, from the second set on', () => {
    expect(sessionNotices([set(0, 'breaking')], { pain: 0 }, 3)).toEqual([]);
    const both = [set(0, 'breaking'), set(0, 'breaking')];
    expect(sessionNotices(both, { pain: 0 }, 3)[0]?.text).toContain('Form broke in 2 sets');
  });
});
