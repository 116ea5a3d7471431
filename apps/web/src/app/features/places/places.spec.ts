import { TestBed } from '@angular/core/testing';
import type { PlaceInput } from '@wiry-otter/contracts';
import { setUpStudio, STUDIO, tell, writes } from '../../../testing/app';
import { Places } from './places';

describe('places', () => {
  // What another spec left waiting would go out here.
  beforeEach(() => localStorage.clear());

  it('take and tell rated loads in the studio’s unit', async () => {
    const { store } = setUpStudio([]);
    const written = writes();
    tell(store, { studio: [{ ...STUDIO, version: 2, forceUnit: 'kgf' }] });
    const fixture = TestBed.createComponent(Places);
    fixture.detectChanges();
    const host = fixture.nativeElement as HTMLElement;
    const press = (words: string): void => {
      const button = [...host.querySelectorAll('button')].find((one) =>
        one.textContent.includes(words),
      );
      button?.click();
      fixture.detectChanges();
    };
    press('Change');
    await fixture.whenStable();
    const label = [...host.querySelectorAll('label')].find((one) =>
      one.textContent.includes('rated load, kg'),
    );
    const field = label?.querySelector('input');
    if (!field) throw new Error('no field for the rated load');
    field.value = '150';
    field.dispatchEvent(new Event('input'));
    field.dispatchEvent(new Event('blur'));
    press('Keep the place');
    const { anchors } = written()[0]?.body as PlaceInput;
    expect(anchors[0]?.ratedLoad_N).toBeCloseTo(150 * 9.80665, 3);
  });
});
