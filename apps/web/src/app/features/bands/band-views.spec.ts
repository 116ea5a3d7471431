import { TestBed } from '@angular/core/testing';
import type { BandToday } from '@wiry-otter/contracts';
import { knowBand } from '@wiry-otter/core';
import { setUpApp } from '../../../testing/app';
import {
  bandRecord,
  copyRecord,
  measuredBand,
  measurementRecord,
  pull,
} from '../../../testing/records';
import { BandForm } from './band-form';
import { BandRail } from './band-rail';
import { BandSheet } from './band-sheet';

const PULLS = [pull(1.35, 48), pull(1.77, 88), pull(2.18, 121)];
const MEASURED = measuredBand(PULLS);

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

describe('band sheet', () => {
  beforeEach(setUpBands);

  function shown(band: BandToday) {
    const fixture = TestBed.createComponent(BandSheet);
    fixture.componentRef.setInput('known', knowBand(band));
    fixture.componentRef.setInput('unit', 'N');
    fixture.componentRef.setInput('lengthUnit', 'cm');
    fixture.detectChanges();
    return {
      sheet: fixture.componentInstance,
      root: fixture.nativeElement as HTMLElement,
      fixture,
    };
  }

  it('states pulls, grade and each reading of the measurement the law is from', () => {
    const { root } = shown(MEASURED);
    expect(root.textContent).toMatch(/measured ±\d+ %/);
    expect(root.querySelectorAll('details[open] tbody tr').length).toBe(3);
    expect(root.textContent).toContain('● the law');
    expect(root.textContent).toContain('Measure again');
  });

  it('offers another measurement for the law, and says how soft the band has become', () => {
    const soft = PULLS.map(({ length_m, force_N }) => pull(length_m, force_N * 0.8));
    const { sheet, root } = shown(
      bandRecord({
        measurements: [
          measurementRecord(PULLS, { id: 'spring', startedAt: '2026-04-24T09:00:00Z' }),
          measurementRecord(soft, { id: 'autumn' }),
        ],
      }),
    );
    const chosen: (string | null)[] = [];
    sheet.chooseLaw.subscribe((id) => chosen.push(id));
    expect(root.textContent).toMatch(/soft by (19|20|21) ± \d+ % since first measured/);
    button(root, 'Take this one for the law').click();
    expect(chosen).toEqual(['spring']);
  });

  it('asks why before a copy is retired', () => {
    const { sheet, root, fixture } = shown(MEASURED);
    const told: unknown[] = [];
    sheet.happened.subscribe((event) => told.push(event.what));
    button(root, 'Retire').click();
    fixture.detectChanges();
    button(root, 'Retire it').click();
    expect(told).toEqual([]);
    const why = root.querySelector<HTMLInputElement>('[aria-label="Why it is retired"]');
    if (why === null) throw new Error('nowhere to say why');
    why.value = 'A nick at the hitch';
    button(root, 'Retire it').click();
    expect(told).toEqual([{ kind: 'retired', reason: 'A nick at the hitch' }]);
  });

  it('asks why before a retired copy is used again', () => {
    const retired = measuredBand(PULLS, { copies: [copyRecord({ state: 'retired' })] });
    const { sheet, root, fixture } = shown(retired);
    const told: unknown[] = [];
    sheet.happened.subscribe((event) => told.push(event.what));
    button(root, 'Bring back into use').click();
    fixture.detectChanges();
    button(root, 'Bring it back').click();
    expect(told).toEqual([]);
    const why = root.querySelector<HTMLInputElement>('[aria-label="Why it may be used again"]');
    if (why === null) throw new Error('nowhere to say why');
    why.value = 'The wrong band was marked';
    button(root, 'Bring it back').click();
    expect(told).toEqual([{ kind: 'returned', reason: 'The wrong band was marked' }]);
  });

  it('says plainly that a label is only a label, and that a band is retired', () => {
    const label = { min_N: 80, max_N: 220 };
    const { textContent } = shown(bandRecord({ label, state: 'retired' })).root;
    expect(textContent).toContain('Label only: the figures can be off by a third');
    expect(textContent).toContain('Retired');
  });
});

describe('band rail', () => {
  beforeEach(setUpBands);

  it('names each band with its pull and how far it is measured', () => {
    const fixture = TestBed.createComponent(BandRail);
    fixture.componentRef.setInput(
      'bands',
      [MEASURED, bandRecord({ id: 'b' })].map((band) => knowBand(band)),
    );
    fixture.componentRef.setInput('unit', 'N');
    fixture.componentRef.setInput('lengthUnit', 'cm');
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
