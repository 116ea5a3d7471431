import type { PersonInput, TrainedPerson } from '@wiry-otter/contracts';
import fc from 'fast-check';
import { NOTHING_SAID_YET, weighed, writePerson } from '../src/index.js';

const TODAY = '2026-11-29';
/** As a device writes that knows nothing of what came later. */
const SAID: PersonInput = {
  version: 0,
  name: 'Jory Lantern',
  about: 'Pilot of the night barge',
  stature_m: 1.74,
  mass_kg: 77,
  goal: 'build',
  painLimit: 3,
  latexAllergy: false,
  bornOn: null,
  conditions: [],
  mountLimit_N: 250,
  ranges: [],
  clearance: null,
};

describe('a person who is written down', () => {
  const known: TrainedPerson = {
    ...writePerson(undefined, SAID, '2026-09-01'),
    id: 'jory',
    trainedSince: { 'standing-row': '2026-09-02' },
    noGo: ['front-raise'],
    figuresShown: false,
  };

  it('has nothing on file but what was said, and what they weigh from that day', () => {
    expect(writePerson(undefined, SAID, TODAY)).toEqual({
      ...SAID,
      ...NOTHING_SAID_YET,
      ...{ version: 1, trainedSince: {}, clearancesBefore: [] },
      bodyMasses: [{ on: TODAY, mass_kg: 77 }],
    });
  });

  it('keeps what is left out, and what the log knows', () => {
    const again = writePerson(known, { ...SAID, version: 1, name: 'Jory L.' }, TODAY);
    expect(again).toEqual({ ...known, version: 2, name: 'Jory L.' });
  });

  it('weighs what was said without a day from today on', () => {
    const lighter = writePerson(known, { ...SAID, version: 1, mass_kg: 75 }, TODAY);
    expect(lighter.bodyMasses).toEqual([
      { on: '2026-09-01', mass_kg: 77 },
      { on: TODAY, mass_kg: 75 },
    ]);
    const said = [{ on: '2026-10-01', mass_kg: 75 }];
    const given = { ...SAID, version: 1, mass_kg: 75, bodyMasses: said };
    expect(writePerson(known, given, TODAY).bodyMasses).toEqual(said);
    // The last that was weighed is what they have, whatever else is said.
    expect(writePerson(known, { ...given, mass_kg: 99 }, TODAY).mass_kg).toBe(75);
  });

  it('keeps a clearance that was renewed', () => {
    const clearance = { by: 'Sanne Okoro', until: '2026-10-01', limits: '' };
    const first = { ...known, ...writePerson(known, { ...SAID, version: 1, clearance }, TODAY) };
    const renewed = { ...clearance, until: '2027-02-01' };
    const second = writePerson(first, { ...SAID, version: 2, clearance: renewed }, TODAY);
    expect([second.clearance, second.clearancesBefore]).toEqual([renewed, [clearance]]);
  });

  it('has the mass of the latest day, in whatever order they were weighed', () => {
    const taken = fc.record({
      on: fc.integer({ min: 1, max: 28 }).map((day) => `2026-02-${String(day).padStart(2, '0')}`),
      mass_kg: fc.integer({ min: 40, max: 120 }),
    });
    fc.assert(
      fc.property(fc.array(taken, { minLength: 1, maxLength: 20 }), (all) => {
        let now = { bodyMasses: NOTHING_SAID_YET.bodyMasses, mass_kg: 0 };
        for (const one of all) now = { ...now, ...weighed(now, one) };
        const days = now.bodyMasses.map(({ on }) => on);
        expect(days).toEqual([...new Set(all.map(({ on }) => on))].sort());
        const latest = all.filter(({ on }) => on === days.at(-1)).at(-1);
        expect(now.mass_kg).toBe(latest?.mass_kg ?? NaN);
      }),
    );
  });
});
