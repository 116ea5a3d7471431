import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import type { NoteInput, NoteRecord, PersonInput, PersonRecord } from '@wiry-otter/contracts';
import { format } from 'date-fns';
import { asked, setUpStudio, tell, writes } from '../../../testing/app';
import { bandRecord, copyRecord, personRecord, placeRecord, UUID } from '../../../testing/records';
import { People } from './people';
import { SheetStore } from './sheet-store';

const TODAY = format(new Date(), 'yyyy-MM-dd');

function noteOf(part: Partial<NoteRecord> = {}): NoteRecord {
  return {
    ...{ id: `${UUID}9`, version: 2, personId: `${UUID}1`, day: '2026-11-02', removed: false },
    ...{ text: 'Grip gives way first.', writtenBy: 'Mika Ferrow' },
    writtenAt: '2026-11-02T10:00:00Z',
    ...part,
  };
}

/** The sheet of one person, with what is written on it. */
async function open(
  part: Partial<PersonRecord> = {},
  { notes = [], holder = 'bag' }: { notes?: readonly NoteRecord[]; holder?: string } = {},
) {
  // To whom a band went is told to their trainers alone, beside the band.
  const moved = { id: `${UUID}b`, bandId: `${UUID}a`, copyId: copyRecord().id };
  const away = { at: 'person', personId: null } as const;
  const band = bandRecord({
    id: moved.bandId,
    ...(holder === 'bag'
      ? {}
      : {
          copies: [copyRecord({ holder: away })],
          events: [
            {
              ...{ id: moved.id, at: '2026-11-01T09:00:00Z', copyId: moved.copyId, by: '' },
              what: { kind: 'moved', holder: away },
            },
          ],
        }),
  });
  const { store, wire } = setUpStudio([band]);
  if (holder !== 'bag') tell(store, { bandMove: [{ ...moved, personId: `${UUID}1` }] });
  tell(store, { person: [personRecord(part)], note: notes });
  const written = writes();
  spyOn(TestBed.inject(Router), 'navigate').and.resolveTo(true);
  const fixture = TestBed.createComponent(People);
  fixture.componentRef.setInput('id', `${UUID}1`);
  await fixture.whenStable();
  const root = fixture.nativeElement as HTMLElement;
  const press = async (words: string | RegExp): Promise<void> => {
    const button = [...root.querySelectorAll('button')].find((one) =>
      one.textContent.trim().match(words),
    );
    if (button === undefined) throw new Error(`no button ${String(words)} in: ${root.innerText}`);
    button.click();
    await fixture.whenStable();
  };
  const fill = async (label: string, value: string): Promise<void> => {
    const field = [...root.querySelectorAll('label')]
      .find((one) => one.textContent.trim().startsWith(label))
      ?.querySelector<HTMLInputElement>('input, textarea, select');
    if (!field) throw new Error(`no field ${label} in: ${root.innerText}`);
    field.value = value;
    field.dispatchEvent(new Event('input', { bubbles: true }));
    field.dispatchEvent(new Event('change', { bubbles: true }));
    await fixture.whenStable();
  };
  return { fill, fixture, press, root, store, wire, written };
}

describe('the sheet of a person', () => {
  beforeEach(() => localStorage.clear());

  it('tells all that has happened, the latest first', async () => {
    const { root } = await open(
      {
        bodyMasses: [{ on: '2026-10-05', mass_kg: 86 }],
        clearance: {
          ...{ by: 'Sanne Okoro', profession: 'physiotherapist', on: '2026-10-30' },
          ...{ until: '2027-01-31', limits: '' },
        },
        consent: { by: 'Hanna Kolk', on: '2026-09-01' },
      },
      { notes: [noteOf(), noteOf({ id: `${UUID}8`, personId: `${UUID}5`, text: 'Of another.' })] },
    );
    const lines = [...root.querySelectorAll('otter-time-line li')].map((line) =>
      line.textContent.replace(/\s+/g, ' ').trim(),
    );
    expect(lines).toEqual([
      jasmine.stringMatching(/^2 Nov 2026noteGrip gives way first\.Mika Ferrow/),
      jasmine.stringMatching(/^30 Oct 2026clearancecleared by Sanne Okoro, physiotherapist/),
      jasmine.stringMatching(/^5 Oct 2026bodyweighed 86 kg/),
      jasmine.stringMatching(/^1 Sep 2026consentHanna Kolk agreed/),
    ]);
  });

  it('takes a note, changes one, and takes one away', async () => {
    const { fill, press, written } = await open({}, { notes: [noteOf()] });
    await fill('A note', 'Rows well. ');
    await press('Note it');
    await press(/^Change the note/);
    await fill('The note', 'Towel on the bar.');
    await press('Keep the note');
    await press(/^Change the note of 2/);
    await press('Take it away');
    const bodies = written().map(({ body, kind }) => [kind, body as NoteInput] as const);
    expect(bodies.map(([kind]) => kind)).toEqual(['putNote', 'putNote', 'putNote']);
    expect(bodies[0]?.[1]).toEqual({
      ...{ version: 0, personId: `${UUID}1`, text: 'Rows well.', day: TODAY, removed: false },
    });
    expect(bodies[1]?.[1]).toEqual(
      jasmine.objectContaining({ version: 2, text: 'Towel on the bar.', day: '2026-11-02' }),
    );
    expect(bodies[2]?.[1].removed).toBeTrue();
  });

  it('takes today’s weight, which counts from then on', async () => {
    const before = [{ on: '2026-10-05', mass_kg: 85 }];
    const { fill, written } = await open({ bodyMasses: before, mass_kg: 85 });
    await fill('Weighed today', '84');
    const [write] = written();
    expect(write?.body).toEqual(
      jasmine.objectContaining({
        mass_kg: 84,
        bodyMasses: [...before, { on: TODAY, mass_kg: 84 }],
      }),
    );
  });

  it('gives a band from the bag, and takes it back', async () => {
    const first = await open();
    await first.fill('Give from the bag', copyRecord().id);
    expect(first.written()[0]?.body).toEqual(
      jasmine.objectContaining({
        what: { kind: 'moved', holder: { at: 'person', personId: `${UUID}1` } },
      }),
    );
    TestBed.resetTestingModule();
    const second = await open({}, { holder: 'person' });
    await second.press(/^Back in the bag/);
    expect(second.written()[0]?.body).toEqual(
      jasmine.objectContaining({ what: { kind: 'moved', holder: { at: 'bag' } } }),
    );
  });

  it('gives no latex to who may not touch it, and says where they have some', async () => {
    const { root } = await open({ latexAllergy: true });
    expect(root.textContent).not.toContain('Give from the bag');
    TestBed.resetTestingModule();
    const second = await open({ latexAllergy: true }, { holder: 'person' });
    expect(second.root.textContent).toContain('✕ latex: allergy on file');
  });

  it('takes away what was weighed by mistake', async () => {
    const bodyMasses = [
      { on: '2026-10-05', mass_kg: 85 },
      { on: '2026-11-05', mass_kg: 58 },
    ];
    const { press, written } = await open({ bodyMasses, mass_kg: 58 });
    await press(/^Take away what was weighed on 5 Nov/);
    expect(written()[0]?.body).toEqual(
      jasmine.objectContaining({ mass_kg: 85, bodyMasses: bodyMasses.slice(0, 1) }),
    );
  });

  it('says where and when they train', async () => {
    const { root } = await open({
      placeIds: [placeRecord().id],
      freeSlots: [
        { weekday: 'friday', from: '07:00', to: '08:00' },
        { weekday: 'monday', from: '17:00', to: '18:30' },
        { weekday: 'monday', from: '06:30', to: '07:30' },
      ],
    });
    const text = root.textContent.replace(/\s+/g, ' ');
    expect(text).toContain(placeRecord().name);
    expect(text).toContain('Mon06:30–07:30, 17:00–18:30Fri07:00–08:00');
  });

  it('takes an archived one out of the list, and back', async () => {
    const { press, root, written } = await open({ archivedOn: '2026-11-01' });
    expect(root.querySelector('ul')?.textContent).toContain('Nobody yet.');
    await press('1 archived');
    expect(root.querySelector('ul')?.textContent).toContain('Tobias Quill');
    await press('Take back');
    expect((written()[0]?.body as PersonInput).archivedOn).toBeNull();
  });

  it('deletes for good only once the name was typed', async () => {
    const { fill, fixture, press, root, wire } = await open();
    fixture.debugElement
      .query((one) => one.name === 'otter-person-sheet')
      .injector.get(SheetStore)
      .askToDelete();
    await fixture.whenStable();
    const button = () =>
      [...root.querySelectorAll('button')].find((one) =>
        one.textContent.includes('Delete for good'),
      );
    expect(button()?.disabled).toBeTrue();
    await fill('To be sure, type the name', 'Tobias');
    expect(button()?.disabled).toBeTrue();
    await fill('To be sure, type the name', 'Tobias Quill');
    await press('Delete for good');
    const request = await asked(wire, `/api/people/${UUID}1`);
    expect(request.request.method).toBe('DELETE');
    const problem = {
      ...{ type: 'urn:x', title: 'Other trainers work with this person too.' },
      ...{ status: 409, code: 'given-to-others' },
    };
    request.flush(problem, { status: 409, statusText: 'Conflict' });
    await fixture.whenStable();
    expect(root.textContent).toContain('Other trainers work with this person too.');
  });
});

describe('what is written of a person', () => {
  beforeEach(() => localStorage.clear());

  it('holds a clearance whole: who, when, joints, movements and moments', async () => {
    const { fill, fixture, press, root, written } = await open();
    await press(/^Change/);
    await press('Write a clearance down');
    await fill('Clinician', 'Sanne Okoro');
    await fill('Profession', 'physiotherapist');
    await fill('Given on', '2026-11-01');
    await fill('Holds until', '2027-02-01');
    await fill('elbow', '12');
    await fill('No work for', 'chest');
    await fill('Movements not allowed', 'front-raise');
    const ranges = root.querySelectorAll('otter-ranges-field')[1];
    ranges?.querySelectorAll('button')[0]?.click();
    await fixture.whenStable();
    await press(/^Keep Tobias Quill/);
    expect((written()[0]?.body as PersonInput).clearance).toEqual({
      ...{ by: 'Sanne Okoro', profession: 'physiotherapist', on: '2026-11-01' },
      ...{ until: '2027-02-01', limits: '' },
      enforced: {
        moments: [{ joint: 'elbow', most_Nm: 12 }],
        groups: { not: ['chest'] },
        movements: { not: ['front-raise'] },
        ranges: [{ joint: 'shoulder', least_deg: 0, most_deg: 90 }],
      },
    });
  });

  it('asks for a guardian where somebody is under sixteen, and says what is wrong by name', async () => {
    const { fill, fixture, press, root, written } = await open();
    await press(/^Change/);
    await fill('Born on', '2015-05-01');
    expect(root.textContent).toContain('Under 16: ask for a guardian’s consent');
    await fill('Guardian who agreed', 'Hanna Kolk');
    await press('Add a free time');
    const to = root.querySelector<HTMLInputElement>('input[aria-label=to]');
    if (to === null) return fail('no time');
    to.value = '09:00';
    to.dispatchEvent(new Event('input'));
    await fixture.whenStable();
    await press(/^Keep Tobias Quill/);
    expect(root.textContent).toMatch(/The end of a free time: "09:00" will not do/);
    expect(written()).toEqual([]);
    await press(/^Take away the free time/);
    await press('feel only');
    await press(/^Keep Tobias Quill/);
    expect(written()[0]?.body).toEqual(
      jasmine.objectContaining({
        consent: { by: 'Hanna Kolk', on: TODAY },
        figuresShown: false,
        freeSlots: [],
      }),
    );
  });
});
