import { TestBed } from '@angular/core/testing';
import type { ReadingInput } from '@wiry-otter/contracts';
import { setUpApp } from '../../testing/app';
import { bandRecord, pull } from '../../testing/records';
import { BandForm } from './band-form';
import { knowBand } from './band-law';
import { BandRail } from './band-rail';
import { BandSheet } from './band-sheet';
import { PullForm } from './pull-form';

const MEASURED = bandRecord({ readings: [pull(1.35, 48), pull(1.77, 88), pull(2.18, 121)] });

function enter(root: HTMLElement, label: string, value: string): void {
  const field = [...root.querySelectorAll('label')].find((entry) =>
    entry.textContent?.trim().startsWith(label),
  );
  const input = field?.querySelector<HTMLInputElement | HTMLSelectElement>('input, select');
  if (!input) throw new Error(`no field ${label}`);
  input.value = value;
  input.dispatchEvent(new Event('input'));
  input.dispatchEvent(new Event('change'));
}

function button(root: HTMLElement, words: string): HTMLButtonElement {
  const found = [...root.querySelectorAll('button')].find(
    (entry) => entry.textContent?.trim() === words,
  );
  if (found === undefined) throw new Error(`no button ${words}`);
  return found;
}

function setUpBands(): void {
  localStorage.clear();
  setUpApp();
}

describe('pull form', () => {
  beforeEach(setUpBands);

  function shown() {
    const fixture = TestBed.createComponent(PullForm);
    fixture.componentRef.setInput('band', MEASURED);
    fixture.componentRef.setInput('unit', 'kgf');
    const added: ReadingInput[] = [];
    const typed: (ReadingInput | null)[] = [];
    fixture.componentInstance.added.subscribe((reading) => added.push(reading));
    fixture.componentInstance.typed.subscribe((reading) => typed.push(reading));
    fixture.detectChanges();
    const root = fixture.nativeElement as HTMLElement;
    return { root, added, typed, update: () => fixture.detectChanges() };
  }

  it('takes centimetres and the unit of the studio', () => {
    const { root, added, typed, update } = shown();
    enter(root, 'Length', '208');
    enter(root, 'Pull, kg', '10');
    update();
    expect(root.textContent).toContain('×2.00 of its length');
    expect(typed.at(-1)?.force_N).toBeCloseTo(98.0665, 9);
    button(root, 'Add pull').click();
    expect(added[0]).toEqual(
      jasmine.objectContaining({ length_m: 2.08, strands: null, direction: 'loading' }),
    );
  });

  it('refuses a pull beyond three times the length', () => {
    const { root, typed, update } = shown();
    enter(root, 'Length', '320');
    enter(root, 'Pull, kg', '20');
    update();
    expect(root.querySelector('[role=status]')?.textContent).toContain('never pull a band beyond');
    expect(button(root, 'Add pull').disabled).toBeTrue();
    expect(typed.at(-1)).toBeNull();
  });

  it('keeps what was typed over a reload', () => {
    const { root } = shown();
    enter(root, 'Length', '150');
    const again = shown();
    const input = again.root.querySelector<HTMLInputElement>('input');
    expect(input?.value).toBe('150');
  });
});

describe('band sheet', () => {
  beforeEach(setUpBands);

  it('states pulls, grade and each reading; asks to set one aside', () => {
    const fixture = TestBed.createComponent(BandSheet);
    fixture.componentRef.setInput('band', MEASURED);
    fixture.componentRef.setInput('unit', 'N');
    const asked: { id: string; setAside: boolean }[] = [];
    fixture.componentInstance.setAside.subscribe((change) => asked.push(change));
    fixture.detectChanges();
    const root = fixture.nativeElement as HTMLElement;
    expect(root.textContent).toMatch(/measured ±\d+ %/);
    expect(root.querySelectorAll('tbody tr').length).toBe(3);
    button(root, 'Set aside').click();
    expect(asked).toEqual([{ id: '1.35-48', setAside: true }]);
  });

  it('says plainly that a label is only a label, and that a band is retired', () => {
    const fixture = TestBed.createComponent(BandSheet);
    const label = { min_N: 80, max_N: 220 };
    fixture.componentRef.setInput('band', bandRecord({ label, state: 'retired' }));
    fixture.componentRef.setInput('unit', 'N');
    fixture.detectChanges();
    const { textContent } = fixture.nativeElement as HTMLElement;
    expect(textContent).toContain('Label only: the figures can be off by a third');
    expect(textContent).toContain('Retired');
  });
});

describe('band rail', () => {
  beforeEach(setUpBands);

  it('names each band with its pull and how far it is measured', () => {
    const fixture = TestBed.createComponent(BandRail);
    fixture.componentRef.setInput('bands', [MEASURED, bandRecord({ id: 'b' })].map(knowBand));
    fixture.componentRef.setInput('unit', 'N');
    fixture.detectChanges();
    const links = [...(fixture.nativeElement as HTMLElement).querySelectorAll('a')];
    const labels = links.map((link) => link.getAttribute('aria-label'));
    expect(labels).toContain('Plank, pull unknown, no figure');
    expect(labels.some((label) => /^Plank, \d+ N at twice its length, measured$/.test(label ?? '')))
      .withContext(labels.join(' | '))
      .toBeTrue();
  });
});

describe('band form', () => {
  beforeEach(setUpBands);

  it('adds a band once its entries fit, and forgets the draft', () => {
    const fixture = TestBed.createComponent(BandForm);
    fixture.componentRef.setInput('unit', 'N');
    const saved: string[] = [];
    fixture.componentInstance.saved.subscribe(({ name }) => saved.push(name));
    fixture.detectChanges();
    const root = fixture.nativeElement as HTMLElement;
    button(root, 'Add band').click();
    fixture.detectChanges();
    expect(root.querySelector('[role=alert]')?.textContent).toContain('needs a name');
    enter(root, 'Name', 'Keel');
    expect(localStorage.getItem('otter.draft.new-band')).toContain('Keel');
    button(root, 'Add band').click();
    expect(saved).toEqual(['Keel']);
    expect(localStorage.getItem('otter.draft.new-band')).toBeNull();
  });
});
