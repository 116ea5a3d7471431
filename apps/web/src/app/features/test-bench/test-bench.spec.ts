import { TestBed } from '@angular/core/testing';
import type { MeasurementInput, ReadingInput } from '@wiry-otter/contracts';
import { STANDARD_GRAVITY_M_S2 } from '@wiry-otter/core';
import { ACCOUNT, setUpApp, writes } from '../../../testing/app';
import { bandRecord, UUID } from '../../../testing/records';
import { accountActions } from '../../account/account';
import { answered } from '../../records/record-actions';
import { TestBench } from './test-bench';

describe('the test bench on screen', () => {
  function open() {
    localStorage.clear();
    const { store } = setUpApp();
    store.dispatch(accountActions.signedIn({ account: ACCOUNT }));
    store.dispatch(answered('band', bandRecord({ id: `${UUID}7` })));
    const fixture = TestBed.createComponent(TestBench);
    fixture.componentRef.setInput('id', `${UUID}7`);
    const root = fixture.nativeElement as HTMLElement;
    const settle = async (): Promise<void> => {
      fixture.detectChanges();
      await fixture.whenStable();
      fixture.detectChanges();
    };
    const press = async (words: string): Promise<void> => {
      const button = [...root.querySelectorAll('button')].find((entry) =>
        entry.textContent?.replace(/\s+/g, ' ').trim().startsWith(words),
      );
      if (button === undefined) throw new Error(`no button ${words}`);
      button.click();
      await settle();
    };
    const enter = async (label: string, value: string): Promise<void> => {
      const field = [...root.querySelectorAll('label')].find((entry) =>
        entry.textContent?.trim().startsWith(label),
      );
      const input = field?.querySelector('input');
      if (!input) throw new Error(`no field ${label}`);
      input.value = value;
      input.dispatchEvent(new Event('input'));
      await settle();
    };
    const waiting = writes();
    return { root, store, settle, press, enter, waiting };
  }

  it('asks for a warm-up to the limit before the first length is named', async () => {
    const { root, settle, press } = open();
    await settle();
    expect(root.textContent).toContain('One slow warm-up, to its limit');
    expect(root.textContent).not.toContain('Pull to, cm');
    await press('Done, measure it');
    expect(root.textContent).toContain('Pull to, cm');
  });

  it('keeps the length that was typed when the band comes back from the server meanwhile', async () => {
    const { settle, press, enter, store, waiting } = open();
    await settle();
    await press('Done, measure it');
    await enter('Pull to, cm', '218');
    store.dispatch(answered('band', bandRecord({ id: `${UUID}7`, version: 9 })));
    await settle();
    await enter('Pull, N', '124');
    await press('Keep 124 N');
    const reading = waiting().at(-1);
    expect(reading?.kind).toBe('addReading');
    expect((reading?.body as ReadingInput).length_m).toBeCloseTo(2.18, 9);
  });

  it('reads a pull off a bathroom scale and keeps what the scale said', async () => {
    const { settle, press, enter, waiting } = open();
    await settle();
    await press('bar and bathroom scale');
    await press('Done, measure it');
    await enter('Foot thickness', '3');
    await enter('Bar over the scale', '183');
    await enter('Weight free', '71.4');
    await enter('Standing in it', '61.2');
    await press('Keep 100 N');
    const [begun, reading] = waiting();
    expect([begun?.kind, reading?.kind]).toEqual(['putMeasurement', 'addReading']);
    const measurement = begun?.body as MeasurementInput;
    expect([measurement.rigging, measurement.warmUps]).toEqual(['standing', 1]);
    const input = reading?.body as ReadingInput;
    expect(input.force_N).toBeCloseTo(10.2 * STANDARD_GRAVITY_M_S2, 6);
    expect(input.length_m).toBeCloseTo(1.8, 9);
    expect(input.weighing).toEqual({
      free_kg: 71.4,
      standing_kg: 61.2,
      bar_m: 1.83,
      foot_m: 0.03,
    });
  });

  it('never keeps a reading past the limit', async () => {
    const { root, settle, press, enter } = open();
    await settle();
    await press('Done, measure it');
    await enter('Pull to, cm', '265');
    await enter('Pull, N', '150');
    expect(root.textContent).toContain('past this band');
    const keep = [...root.querySelectorAll('button')].find((entry) =>
      entry.textContent?.includes('Keep'),
    );
    expect(keep?.disabled).toBeTrue();
  });
});
