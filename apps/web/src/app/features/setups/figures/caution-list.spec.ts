import { TestBed } from '@angular/core/testing';
import type { SetupRecord } from '@wiry-otter/contracts';
import { UUID } from '../../../../testing/records';
import { CautionList } from './caution-list';

const LET_GO = {
  rule: 'let-go',
  level: 'warn',
  text: 'The band is already under 112 N when it is taken off.',
  figures: { pull_N: 112 },
} as const;
const SEEN = { by: `${UUID}1`, name: 'Wren Sluice', at: '2026-11-21T09:00:00.000Z' };

describe('caution list', () => {
  const told = (acknowledged: readonly string[], onRecord: SetupRecord['cautions'] = []) => {
    const fixture = TestBed.createComponent(CautionList);
    fixture.componentRef.setInput('cautions', [LET_GO]);
    fixture.componentRef.setInput('acknowledged', acknowledged);
    fixture.componentRef.setInput('onRecord', onRecord);
    fixture.detectChanges();
    const host = fixture.nativeElement as HTMLElement;
    return { fixture, box: host.querySelector('input'), words: host.querySelector('label') };
  };

  it('asks for a warning to be seen to, in the words it is said in', () => {
    const { fixture, box, words } = told([]);
    expect(box?.checked).toBeFalse();
    expect(words?.textContent).toContain('I have seen to it');
    const emitted: object[] = [];
    fixture.componentInstance.seenTo.subscribe((seen) => emitted.push(seen));
    box?.click();
    expect(emitted).toEqual([{ text: LET_GO.text, yes: true }]);
  });

  it('says who saw to what is on record', () => {
    const { box, words } = told([LET_GO.text], [{ ...LET_GO, seen: SEEN }]);
    expect(box?.checked).toBeTrue();
    expect(words?.textContent).toContain('Seen to by Wren Sluice, 21 Nov 2026');
  });

  it('asks anew where the warning says something else than what was seen to', () => {
    const before = LET_GO.text.replace('112', '101');
    const { box, words } = told([before], [{ ...LET_GO, text: before, seen: SEEN }]);
    expect(box?.checked).toBeFalse();
    expect(words?.textContent).toContain('I have seen to it');
  });
});
