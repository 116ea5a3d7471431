import { randomUUID } from 'node:crypto';
import { expect } from './expect.mjs';
import { OWNER } from './owner.mjs';

/** Restarts while everybody writes, of each process. */
const ROUNDS = 3;
const WRITERS = 4;

/** What is written of a person, and stands in no log. */
export const SECRET_NOTE = 'Knee swollen after the lock gates.';

export async function checkPerson(owner) {
  const id = randomUUID();
  const made = await owner.request('PUT', `/api/people/${id}`, {
    ...{ version: 0, name: 'Bram Towpath', about: '', stature_m: 1.8, mass_kg: 80, goal: 'keep' },
    ...{ painLimit: 3, latexAllergy: false, bornOn: null, conditions: [], mountLimit_N: 250 },
    ...{ ranges: [], clearance: null },
  });
  expect(made.status === 200, 'a person is written down');
  return id;
}

/** Both processes stop and start again, again and again, while everybody writes and reads. */
export async function checkRestarts({
  client,
  logs,
  owner,
  personId,
  ports,
  query,
  servers,
  start,
}) {
  let isOver = false;
  const sent = [];
  const lost = [];
  const work = async () => {
    const writer = client();
    await writer.request('POST', '/api/sign-in', { email: OWNER.email, password: OWNER.password });
    while (!isOver) {
      const id = randomUUID();
      const body = { version: 0, personId, day: '2026-11-20', text: SECRET_NOTE, removed: false };
      const headers = { 'otter-write': randomUUID() };
      const told = await writer
        .request('PUT', `/api/notes/${id}`, body, headers)
        .catch((error) => ({ status: error.message }));
      sent.push(id);
      if (told.status !== 200) lost.push(told.status);
      const read = await writer
        .request('GET', '/api/changes?limit=5')
        .catch((error) => ({ status: error.message }));
      if (read.status !== 200) lost.push(read.status);
    }
  };
  const writers = Array.from({ length: WRITERS }, work);
  for (let round = 0; round < ROUNDS; round++) {
    for (const n of [0, 1]) {
      await servers[n].stop();
      servers[n] = await start(ports[n]);
      logs.push(servers[n].log);
    }
  }
  isOver = true;
  await Promise.all(writers);
  expect(
    lost.length === 0,
    `${ROUNDS} restarts of each process: of ${2 * sent.length} requests none was lost${lost.length > 0 ? ` (${lost.length}: ${lost.slice(0, 5)})` : ''}`,
  );
  const kept = Number(query('SELECT count(*) FROM person_note'));
  expect(kept === sent.length, `each of ${sent.length} notes is there once`);
  return (await owner.request('GET', `/api/people/${personId}/file`)).body;
}

/** A process that is gone without a word. */
export async function checkKilled(owner, servers, start, port, logs) {
  await servers[0].kill();
  const answers = [];
  for (let n = 0; n < 20; n++) answers.push((await owner.request('GET', '/api/account')).status);
  expect(
    answers.every((status) => status === 200),
    'one process is killed: the other answers, and nobody notices',
  );
  servers[0] = await start(port);
  logs.push(servers[0].log);
}
