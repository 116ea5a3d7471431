import { TestBed } from '@angular/core/testing';
import type { PersonRecord } from '@wiry-otter/contracts';
import { personRecord } from '../../../testing/records';
import { ClearanceNote } from './clearance-note';

describe('clearance note', () => {
  const said = (part: Partial<PersonRecord>): string => {
    const fixture = TestBed.createComponent(ClearanceNote);
    fixture.componentRef.setInput('person', personRecord(part));
    fixture.detectChanges();
    return (fixture.nativeElement as HTMLElement).textContent.trim();
  };

  it('says whose the clearance is, until when, within which limits, and whom we defer to', () => {
    const clearance = { by: 'Dr Reedham', until: '2999-12-31', limits: 'Below the shoulder.' };
    const words = said({ goal: 'rehab', clearance });
    expect(words).toContain('Cleared by Dr Reedham until 31 Dec 2999. Below the shoulder.');
    expect(words).toContain('local rules and licensed practice come first');
  });

  it('says that there is none where one is asked for, and nothing where none is', () => {
    expect(said({ goal: 'keep', conditions: ['pregnancy'] })).toContain('No clearance is on file.');
    expect(said({ goal: 'keep' })).toBe('');
  });
});
