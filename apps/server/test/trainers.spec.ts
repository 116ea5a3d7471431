import type {
  Account,
  Invitation,
  InvitationShown,
  Mail,
  PeopleGiven,
  PersonRecord,
  ProblemDocument,
  StudioRecord,
} from '@wiry-otter/contracts';
import { v7 as uuidv7 } from 'uuid';
import { mailTo, tokenOf } from './support/mails.js';
import { allRecords, recordsOf } from './support/records.js';
import { ADDRESS, type Client, openTestStudio, signIn, type TestStudio } from './support/studio.js';

const ILSE = { name: 'Ilse Prow', password: 'a mooring line' };

describe('trainers of a studio', () => {
  let studio: TestStudio;
  let mika: Client;
  beforeEach(async () => {
    studio = await openTestStudio();
    ({ mika } = studio);
  });
  afterEach(() => studio.close());

  const invite = (email: string, id = uuidv7(), role = 'trainer') =>
    mika.put<ProblemDocument>(`/invitations/${id}`, { email, role });
  const joinWith = (token: string, part: object = {}) =>
    studio.nobody.post<Account & ProblemDocument>('/join', { ...ILSE, ...part, token });
  const studioOf = async (client = mika): Promise<StudioRecord> =>
    (await recordsOf(client, 'studio'))[0] as StudioRecord;
  const people = async (client: Client): Promise<PersonRecord[]> => recordsOf(client, 'person');
  const idOf = async (client: Client): Promise<string> =>
    (await client.get<Account>('/account')).body.trainer.id;

  async function ilse(email = 'ilse@canalside.example'): Promise<Client & { readonly id: string }> {
    await invite(email);
    const { body } = await joinWith(tokenOf(await mailTo(mika, email)));
    return { ...(await signIn(studio.app, email, ILSE.password)), id: body.trainer.id };
  }

  it('join by the link of a mail, which holds once', async () => {
    expect((await invite('Ilse@Canalside.example ')).status).toBe(204);
    const [open] = (await mika.get<Invitation[]>('/invitations')).body;
    expect([open?.email, open?.role]).toEqual(['ilse@canalside.example', 'trainer']);
    const mail = await mailTo(mika, 'ilse@canalside.example');
    expect(mail.subject).toContain('Towpath Training');
    expect(mail.text).toContain(`${ADDRESS}/join#`);
    const token = tokenOf(mail);
    const shown = await studio.nobody.post<InvitationShown>('/invitation', { token });
    expect(shown.body).toEqual({
      ...{ email: 'ilse@canalside.example', role: 'trainer', studio: 'Towpath Training' },
    });
    const [one, other] = await Promise.all([joinWith(token), joinWith(token)]);
    expect([one.status, other.status].sort()).toEqual([200, 410]);
    const joined = await signIn(studio.app, 'ilse@canalside.example', ILSE.password);
    expect(await people(joined)).toEqual([]);
    expect((await recordsOf(joined, 'band')).length).toBeGreaterThan(5);
    expect((await studioOf()).trainers.map(({ name, role }) => [name, role])).toEqual([
      ['Ilse Prow', 'trainer'],
      ['Mika Ferrow', 'owner'],
    ]);
    expect((await mika.get<Invitation[]>('/invitations')).body).toEqual([]);
    expect((await studio.nobody.post('/invitation', { token })).status).toBe(410);
  });

  it('are found where the studio says, and only the latest link holds', async () => {
    const rules = await studioOf();
    const { eyesRule, forceUnit, inspectionCycles, inspectionDays, version } = rules;
    await mika.put('/studio/rules', {
      ...{ version, forceUnit, inspectionDays, inspectionCycles, eyesRule },
      ...{ name: 'Lock Five Strength', address: 'https://lockfive.example/' },
    });
    const id = uuidv7();
    await invite('ilse@canalside.example', id);
    const first = tokenOf(await mailTo(mika, 'ilse@canalside.example'));
    await invite('ilse@canalside.example', id);
    const mail = await mailTo(mika, 'ilse@canalside.example');
    expect(mail.text).toContain('Lock Five Strength');
    expect(mail.text).toContain('https://lockfive.example/join#');
    expect((await joinWith(first)).status).toBe(410);
    expect((await joinWith(tokenOf(mail))).status).toBe(200);
  });

  it('are not invited twice, nor by a link that was withdrawn', async () => {
    const again = await invite('mika@canalside.example');
    expect([again.status, again.body.code]).toEqual([409, 'email-taken']);
    const id = uuidv7();
    await invite('ilse@canalside.example', id);
    const token = tokenOf(await mailTo(mika, 'ilse@canalside.example'));
    expect((await studio.stranger.delete(`/invitations/${id}`)).status).toBe(404);
    expect((await mika.delete(`/invitations/${id}`)).status).toBe(204);
    expect((await joinWith(token)).status).toBe(410);
    await invite('stranger@elsewhere.example');
    const taken = await joinWith(tokenOf(await mailTo(mika, 'stranger@elsewhere.example')));
    expect([taken.status, taken.body.code]).toEqual([409, 'email-taken']);
    expect((await joinWith('a token that nobody has made', {})).status).toBe(410);
    expect((await invite('no e-mail')).status).toBe(400);
  });

  it('see the people they are given, from then on and no longer', async () => {
    const colleague = await ilse();
    const own = await idOf(mika);
    const [tobias] = (await people(mika)).filter(({ name }) => name === 'Tobias Quill');
    const path = `/people/${tobias?.id}/trainers`;
    expect((await colleague.put(path, { trainerIds: [colleague.id] })).status).toBe(404);
    expect((await mika.put(path, { trainerIds: [own, colleague.id] })).status).toBe(204);
    const [given] = await people(colleague);
    expect([given?.name, given?.trainerIds]).toEqual(['Tobias Quill', [own, colleague.id].sort()]);
    expect((await recordsOf(colleague, 'setup')).length).toBeGreaterThan(0);
    // A trainer hands on whom they have.
    expect((await colleague.put(path, { trainerIds: [own] })).status).toBe(204);
    expect(await people(colleague)).toEqual([]);
    expect((await people(mika)).find(({ id }) => id === tobias?.id)?.trainerIds).toEqual([own]);
    const unknown = await mika.put(path, { trainerIds: [own, uuidv7()] });
    expect(unknown.status).toBe(404);
    expect((await mika.put(path, { trainerIds: [] })).status).toBe(400);
  });

  it('hand over whom nobody else has when they leave, and sign in no longer', async () => {
    const colleague = await ilse();
    const own = await idOf(mika);
    const all = await people(mika);
    for (const { id, name } of all) {
      const trainerIds = name === 'Tobias Quill' ? [own, colleague.id] : [colleague.id];
      await mika.put(`/people/${id}/trainers`, { trainerIds });
    }
    expect((await people(mika)).map(({ name }) => name)).toEqual(['Tobias Quill']);
    const given = (await mika.get<PeopleGiven>('/people-given')).body;
    expect(given.length).toBe(all.length);
    const leave = (peopleTo: string | null) =>
      mika.post<StudioRecord & ProblemDocument>(`/trainers/${colleague.id}/leave`, { peopleTo });
    const left = await leave(null);
    expect([left.status, left.body.code]).toEqual([409, 'people-left-over']);
    expect((await leave(colleague.id)).status).toBe(409);
    expect((await leave(own)).body.trainers.find(({ id }) => id === colleague.id)?.hasLeft).toBe(
      true,
    );
    expect((await people(mika)).length).toBe(all.length);
    expect((await colleague.get('/account')).status).toBe(401);
    const email = 'ilse@canalside.example';
    const again = await studio.nobody.post('/sign-in', { email, password: ILSE.password });
    expect(again.status).toBe(401);
    // Who comes back is the same trainer, without the people of before.
    const back = await ilse(email);
    expect(back.id).toBe(colleague.id);
    expect(await people(back)).toEqual([]);
  });

  it('have an owner among them, always', async () => {
    const own = await idOf(mika);
    const step = (id: string, role: string) =>
      mika.put<ProblemDocument>(`/trainers/${id}/role`, { role });
    expect((await step(own, 'trainer')).body.code).toBe('last-owner');
    const alone = await mika.post<ProblemDocument>(`/trainers/${own}/leave`, { peopleTo: null });
    expect(alone.body.code).toBe('last-owner');
    const colleague = await ilse();
    const mails = (): Promise<{ status: number }> => colleague.get<Mail[]>('/mails');
    expect((await mails()).status).toBe(403);
    await step(colleague.id, 'owner');
    expect((await mails()).status).toBe(200);
    // Of two owners who step down at once one stays.
    const other = (id: string) =>
      colleague.put<ProblemDocument>(`/trainers/${id}/role`, { role: 'trainer' });
    const both = await Promise.all([step(own, 'trainer'), other(colleague.id)]);
    expect(both.map(({ status }) => status).sort()).not.toEqual([200, 200]);
    const owners = (await studioOf()).trainers.filter(({ role }) => role === 'owner');
    expect(owners.length).toBeGreaterThanOrEqual(1);
    const stranger = await studio.stranger.put(`/trainers/${own}/role`, { role: 'owner' });
    expect(stranger.status).toBe(404);
  });

  it('read of another studio neither mails nor names', async () => {
    await invite('ilse@canalside.example');
    expect((await studio.stranger.get<Mail[]>('/mails')).body).toEqual([]);
    expect((await studio.stranger.get<PeopleGiven>('/people-given')).body).toEqual([]);
    expect((await studio.stranger.get<Invitation[]>('/invitations')).body).toEqual([]);
    const kinds = new Set((await allRecords(studio.stranger)).map(({ kind }) => kind));
    expect([...kinds].sort()).toEqual(['preferences', 'studio']);
  });
});
