import { randomUUID } from 'node:crypto';
import { plainRequest } from './client.mjs';
import { expect } from './expect.mjs';
import { OWNER } from './owner.mjs';

/** nginx has bound its ports. */
export async function reached(owner) {
  for (let tries = 0; ; tries++) {
    try {
      return await owner.request('GET', '/health');
    } catch (error) {
      if (tries === 100) throw error;
      await new Promise((resolve) => setTimeout(resolve, 50));
    }
  }
}

export async function checkTransport(owner, plainPort) {
  const plain = await plainRequest(plainPort, '/people?x=1');
  expect(
    plain.status === 301 && plain.headers.location.startsWith('https://localhost'),
    'plain HTTP is sent on to TLS',
  );
  const page = await owner.request('GET', '/');
  expect(
    page.status === 200 && page.headers['strict-transport-security'] !== undefined,
    'the page comes over TLS, and says that it always will',
  );
  for (const path of ['/health', '/ready']) {
    expect((await owner.request('GET', path)).status === 200, `${path} answers 200`);
  }
}

export async function makeStudio(owner, logs) {
  const code = /The code that makes your studio: (\S+)/;
  const codes = logs.map(({ text }) => code.exec(text)?.[1]);
  expect(codes[0] !== undefined && codes[0] === codes[1], 'both print the same code');
  const demo = { email: 'mika@canalside.example', password: 'towpath' };
  const refused = await owner.request('POST', '/api/sign-in', demo);
  expect(refused.status === 401, 'the demo’s password opens nothing');
  const made = await owner.request('POST', '/api/first-start', {
    code: codes[0],
    studio: {
      ...{ name: 'Lock House Training', zone: 'Europe/Amsterdam', forceUnit: 'N' },
      ...{ lengthUnit: 'cm', massUnit: 'kg', weekStart: 'monday' },
    },
    owner: OWNER,
  });
  const cookies = made.headers['set-cookie'] ?? [];
  expect(
    made.status === 200 &&
      cookies.length > 0 &&
      cookies.every((one) => /; Secure/i.test(one) && /; HttpOnly/i.test(one)),
    'the studio is made; its cookies are Secure and HttpOnly',
  );
  const elsewhere = { origin: 'https://elsewhere.example' };
  const forged = await owner.request('POST', '/api/sign-out', {}, elsewhere);
  expect(forged.status === 403, 'a write from a page of another site is refused');
}

/** Addresses are those that nginx saw, whatever a browser claims. */
export async function checkAddresses(client) {
  const guess = (from, claimed) =>
    client(from).request(
      'POST',
      '/api/sign-in',
      { email: OWNER.email, password: 'a guess' },
      { 'x-forwarded-for': claimed },
    );
  const answers = [];
  for (let n = 0; n < 8; n++) answers.push((await guess('127.0.0.2', `198.51.100.${n}`)).status);
  expect(
    answers.join() === '401,401,401,401,401,429,429,429',
    `of eight guesses of one address under eight forged ones five are tried (${answers.join(' ')})`,
  );
  const other = await guess('127.0.0.3', '127.0.0.2');
  expect(other.status === 401, 'another address has its own tries');
  const right = await client('127.0.0.4').request('POST', '/api/sign-in', {
    email: OWNER.email,
    password: OWNER.password,
  });
  expect(right.status === 200, 'and the right password gets in from a third');
}

export async function checkStream(owner, listener) {
  await listener.request('POST', '/api/sign-in', { email: OWNER.email, password: OWNER.password });
  const stream = await listener.openStream();
  const word = stream.next();
  await owner.request('PUT', `/api/places/${randomUUID()}`, {
    ...{ version: 0, name: 'Lock house', about: '', anchors: [] },
  });
  await word;
  stream.close();
  expect(true, 'what is written is told over the stream at once, through the proxy');
}
