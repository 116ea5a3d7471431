// A browser as far as the proxy is concerned: TLS, cookies, an origin, an address of its own.
import { Buffer } from 'node:buffer';
import http from 'node:http';
import https from 'node:https';

export class Client {
  #cookies = new Map();

  /** @param from its own address on loopback, so that several clients are told apart */
  constructor(tlsPort, certificate, from = '127.0.0.1') {
    this.tlsPort = tlsPort;
    this.from = from;
    this.agent = new https.Agent({ ca: certificate, keepAlive: true, localAddress: from });
  }

  get origin() {
    return `https://localhost:${this.tlsPort}`;
  }

  get cookie() {
    return [...this.#cookies].map(([name, value]) => `${name}=${value}`).join('; ');
  }

  async request(method, path, body, headers = {}) {
    const answer = await this.#send(method, path, body, headers);
    for (const cookie of answer.headers['set-cookie'] ?? []) {
      const [, name, value] = /^([^=]+)=([^;]*)/.exec(cookie);
      this.#cookies.set(name, value);
    }
    return answer;
  }

  /** Opens the stream of changes; resolves with what waits for its next word. */
  openStream() {
    return new Promise((resolve, reject) => {
      const asked = https.request(
        { ...this.#target('GET', '/api/changes/stream'), headers: { cookie: this.cookie } },
        (answer) => {
          answer.setEncoding('utf8');
          let waiting = () => undefined;
          answer.on('data', (text) => /^data:/m.test(text) && waiting(text));
          resolve({
            next: () => new Promise((told) => (waiting = told)),
            close: () => asked.destroy(),
          });
        },
      );
      asked.on('error', reject);
      asked.end();
    });
  }

  close() {
    this.agent.destroy();
  }

  #target(method, path) {
    const { agent, tlsPort: port } = this;
    return { agent, method, path, host: '127.0.0.1', servername: 'localhost', port };
  }

  #send(method, path, body, headers) {
    const text = body === undefined ? undefined : JSON.stringify(body);
    return new Promise((resolve, reject) => {
      const asked = https.request(
        {
          ...this.#target(method, path),
          headers: {
            host: `localhost:${this.tlsPort}`,
            origin: this.origin,
            cookie: this.cookie,
            ...(text === undefined
              ? {}
              : { 'content-type': 'application/json', 'content-length': Buffer.byteLength(text) }),
            ...headers,
          },
        },
        (answer) => collect(answer, resolve),
      );
      asked.on('error', reject);
      asked.end(text);
    });
  }
}

/** Without TLS. */
export function plainRequest(port, path) {
  return new Promise((resolve, reject) => {
    http
      .get({ host: '127.0.0.1', port, path, headers: { host: 'localhost' } }, (answer) =>
        collect(answer, resolve),
      )
      .on('error', reject);
  });
}

function collect(answer, resolve) {
  let text = '';
  answer.setEncoding('utf8');
  answer.on('data', (chunk) => (text += chunk));
  answer.on('end', () => {
    const isJson = /json/.test(answer.headers['content-type'] ?? '');
    const body = isJson && text !== '' ? JSON.parse(text) : text;
    resolve({ status: answer.statusCode, headers: answer.headers, body });
  });
}
