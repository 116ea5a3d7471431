import { SECRET_NOTE } from './check-restarts.mjs';
import { expect } from './expect.mjs';
import { OWNER } from './owner.mjs';

/** Nobody is named in a log, nothing is told of anybody. */
export function checkLogs(logs, proxy) {
  const text = logs.map((log) => log.text).join('\n') + proxy.errors();
  const lines = text.split('\n').filter((line) => line.startsWith('{'));
  const named = [
    OWNER.name,
    OWNER.email,
    OWNER.password,
    'Bram',
    SECRET_NOTE,
    '127.0.0.2',
    'limit=5',
  ];
  const found = named.filter((word) => text.includes(word));
  const ids = /[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}/.exec(
    lines.map((line) => line.replace(/"hostname":"[^"]*"/, '')).join('\n'),
  );
  expect(
    lines.length > 50 && found.length === 0 && ids === null,
    `${lines.length} lines of log name no person, address, id or query${found.length > 0 ? `: ${found}` : ''}${ids === null ? '' : `: ${ids[0]}`}`,
  );
}
