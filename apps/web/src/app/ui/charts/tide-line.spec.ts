import { TestBed } from '@angular/core/testing';
import { TideLine } from './tide-line';

describe('tide line', () => {
  const shown = (left_s: number): { text: string; width: string } => {
    const fixture = TestBed.createComponent(TideLine);
    fixture.componentRef.setInput('left_s', left_s);
    fixture.componentRef.setInput('whole_s', 90);
    fixture.componentRef.setInput('words', 'rest');
    fixture.detectChanges();
    const element = fixture.nativeElement as HTMLElement;
    const tide = element.querySelector<HTMLElement>('[role=timer] > div');
    return {
      text: element.textContent?.replace(/\s+/g, ' ').trim() ?? '',
      width: tide?.style.width ?? '',
    };
  };

  it('falls across the width with the seconds on it', () => {
    expect(shown(90)).toEqual({ text: '1:30rest', width: '100%' });
    expect(shown(45)).toEqual({ text: '0:45rest', width: '50%' });
    expect(shown(4.2).text).toBe('0:05rest');
    expect(shown(-3)).toEqual({ text: '0:00rest', width: '0%' });
  });
});
