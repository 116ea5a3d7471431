import { TestBed } from '@angular/core/testing';
import type { Invitation, PeopleGiven, TrainerRecord } from '@wiry-otter/contracts';
import { ACCOUNT, asked, setUpStudio, STUDIO, tell } from '../../../testing/app';
import { UUID } from '../../../testing/records';
import { accountActions } from '../../account/account';
import { noticesFeature } from '../../ui/notices/notices';
import { TrainersStore } from './trainers-store';

const ILSE: TrainerRecord = { id: `${UUID}8`, name: 'Ilse Prow', role: 'trainer', hasLeft: false };
const [MIKA] = STUDIO.trainers as [TrainerRecord];
const INVITED: Invitation = {
  ...{ id: `${UUID}7`, email: 'bosun@canalside.example', role: 'trainer' },
  invitedAt: '2026-11-29T09:00:00Z',
  expiresAt: '2026-12-06T09:00:00Z',
};
const PEOPLE: PeopleGiven = [
  { id: `${UUID}a`, name: 'Tobias Quill', trainerIds: [ILSE.id] },
  { id: `${UUID}b`, name: 'Wren Oakum', trainerIds: [ILSE.id, MIKA.id] },
];

describe('trainers of the studio', () => {
  async function open() {
    TestBed.configureTestingModule({ providers: [TrainersStore] });
    const { store: global, wire } = setUpStudio([]);
    global.dispatch(accountActions.signedIn({ account: ACCOUNT }));
    tell(global, { studio: [{ ...STUDIO, version: 2, trainers: [ILSE, MIKA] }] });
    const store = TestBed.inject(TrainersStore);
    const answer = async (people = PEOPLE): Promise<void> => {
      (await asked(wire, '/api/invitations')).flush([INVITED]);
      (await asked(wire, '/api/people-given')).flush(people);
      while (store.busy()) await new Promise((resolve) => setTimeout(resolve));
    };
    await answer();
    return { answer, notice: global.selectSignal(noticesFeature.selectNotice), store, wire };
  }

  it('are told with how many people each has, and who is invited', async () => {
    const { store } = await open();
    expect(store.trainers().map(({ name, people }) => [name, people])).toEqual([
      ['Ilse Prow', 2],
      ['Mika Ferrow', 1],
    ]);
    expect(store.waiting().map(({ email, until }) => [email, until])).toEqual([
      ['bosun@canalside.example', 'Sun 6 Dec'],
    ]);
    expect(store.isOwner()).toBeTrue();
    expect(store.owners()).toBe(1);
  });

  it('name whom nobody else has before one of them leaves', async () => {
    const { store } = await open();
    store.begin(ILSE.id);
    expect(store.leftOver().map(({ name }) => name)).toEqual(['Tobias Quill']);
    expect(store.colleagues().map(({ name }) => name)).toEqual(['Mika Ferrow']);
  });

  it('are given people one by one, and what the server refuses is shown as it stands', async () => {
    const { answer, notice, store, wire } = await open();
    const [tobias] = PEOPLE as [PeopleGiven[number]];
    store.give(tobias, MIKA, true);
    const path = `/api/people/${tobias.id}/trainers`;
    const given = await asked(wire, path);
    expect(given.request.body).toEqual({ trainerIds: [ILSE.id, MIKA.id] });
    given.flush(null);
    await answer([{ ...tobias, trainerIds: [ILSE.id, MIKA.id] }]);
    expect(notice()?.text).toBe('Tobias Quill is given to Mika Ferrow.');
    expect(store.people()?.[0]?.trainerIds).toEqual([ILSE.id, MIKA.id]);
    store.changeRole(MIKA, 'trainer');
    const body = { type: 'urn:x', title: 'No owner left.', status: 409, code: 'last-owner' };
    (await asked(wire, `/api/trainers/${MIKA.id}/role`)).flush(body, {
      ...{ status: 409, statusText: 'Conflict' },
    });
    await answer();
    expect(notice()).toEqual(jasmine.objectContaining({ text: 'No owner left.', tone: 'trouble' }));
  });
});
