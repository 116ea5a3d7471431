import { TestBed } from '@angular/core/testing';
import { GaugeStaff } from './gauge-staff';

describe('gauge staff', () => {
  const texts = (
    rungs: { id: string; title: string; load: number }[],
    flaggedId: string | null,
  ) => {
    const fixture = TestBed.createComponent(GaugeStaff);
    fixture.componentRef.setInput('rungs', rungs);
    fixture.componentRef.setInput('unit', 'N');
    fixture.componentRef.setInput('flaggedId', flaggedId);
    fixture.detectChanges();
    const element = fixture.nativeElement as HTMLElement;
    return {
      words: [...element.querySelectorAll('text')].map((text) => text.textContent?.trim() ?? ''),
      label: element.querySelector('svg')?.getAttribute('aria-label') ?? '',
    };
  };

  it('hatches steps over 20 % as gaps and flags the rung of today', () => {
    const { words, label } = texts(
      [
        { id: 'a', title: 'Reed', load: 100 },
        { id: 'b', title: 'Heron', load: 118 },
        { id: 'c', title: 'Sluice', load: 160 },
      ],
      'b',
    );
    expect(words.filter((text) => text.startsWith('gap'))).toEqual(['gap ×1.36']);
    expect(words).toContain('Heron');
    expect(label).toBe('Ladder: Reed 100 N, Heron 118 N, Sluice 160 N');
  });

  it('stands a single rung in the middle', () => {
    const { words } = texts([{ id: 'a', title: 'Reed', load: 62 }], null);
    expect(words).toContain('62');
  });
});
