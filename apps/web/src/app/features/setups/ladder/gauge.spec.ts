import { TestBed } from '@angular/core/testing';
import { setUpApp } from '../../../../testing/app';
import { Gauge } from './gauge';
import type { Rung } from './ladder-model';

const rung = (key: string, load: number): Rung =>
  ({
    key,
    title: key,
    setupId: key,
    load,
    value: load,
    std: 1,
    locked: false,
    refusal: null,
    part: {},
  }) as unknown as Rung;

describe('gauge', () => {
  const rungs = [rung('slim', 50), rung('middle', 55), rung('stout', 80)];
  let host: HTMLElement;
  let flagged: string[];

  const show = (flaggedKey: string | null, load = 0, metric = 'mean'): void => {
    const fixture = TestBed.createComponent(Gauge);
    const inputs = {
      rungs,
      gaps: [{ below: 55, above: 80, ratio: 80 / 55 }],
      step: 0.1,
      metric,
      unit: 'N',
      demandUnit: 'N',
      flaggedKey,
      load,
    };
    for (const [name, value] of Object.entries(inputs)) fixture.componentRef.setInput(name, value);
    flagged = [];
    fixture.componentInstance.flagged.subscribe(({ key }) => flagged.push(key));
    fixture.detectChanges();
    host = fixture.nativeElement as HTMLElement;
  };
  const slider = (): Element | null => host.querySelector('[role=slider]');
  const press = (key: string): void => {
    slider()?.dispatchEvent(new KeyboardEvent('keydown', { key }));
  };

  beforeEach(() => setUpApp());

  it('has the heaviest on top, and each gap with its size between its rungs', () => {
    show('middle');
    const lines = [...host.querySelectorAll('li')].map((line) => line.textContent);
    expect(lines.length).toBe(4);
    expect(lines[0]).toContain('stout');
    expect(lines[1]).toContain('gap of 45 %');
    expect(lines[3]).toContain('slim');
  });

  it('moves the flag up and down by key, and says where it stands', () => {
    show('middle');
    expect(slider()?.getAttribute('aria-valuetext')).toBe('middle, 55');
    press('ArrowUp');
    press('ArrowDown');
    press('Home');
    press('End');
    press('x');
    expect(flagged).toEqual(['stout', 'slim', 'slim', 'stout']);
  });

  it('tells the mean beside what it climbs by, and help beside the mean', () => {
    show('middle');
    expect(host.textContent).not.toContain('mean');
    show('middle', 0, 'start');
    expect(host.textContent).toContain('mean 80 ±1');
    show('middle', 0, 'assistMean');
    expect(host.textContent).toContain('5500 % help');
  });

  it('stands on the rung nearest in load where none is set', () => {
    show(null, 52);
    expect(slider()?.getAttribute('aria-valuenow')).toBe('0');
    press('ArrowDown');
    expect(flagged).toEqual(['slim']);
  });
});
