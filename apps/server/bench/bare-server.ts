import fastify from 'fastify';
import pg from 'pg';

// The least that could answer the same: one route each, one query written by hand, through `pg`.
const { DATABASE_URL, PORT, STUDIO_ID, TRAINER_ID } = process.env as Record<string, string>;
const pool = new pg.Pool({ connectionString: DATABASE_URL, max: 10 });
const app = fastify();

app.get('/account', async (_request, reply) => {
  const { rows } = await pool.query<{ id: string; name: string; email: string; studio_id: string }>(
    {
      name: 'account',
      text: 'SELECT id, name, email, studio_id FROM trainer WHERE id = $1',
      values: [TRAINER_ID],
    },
  );
  const [row] = rows;
  return reply.type('application/json; charset=utf-8').send(
    JSON.stringify({
      trainer: { id: row?.id, name: row?.name, email: row?.email },
      studioId: row?.studio_id,
      gaugeUrl: null,
    }),
  );
});

app.get<{ Querystring: { limit: number } }>('/changes', async ({ query }, reply) => {
  const { rows } = await pool.query<{ kind: string; id: string; version: number; body: string }>({
    name: 'changes',
    text: `SELECT kind, id, version, body FROM record
      LEFT JOIN person_trainer given USING (person_id)
      WHERE record.studio_id = $1 AND (record.person_id IS NULL OR given.trainer_id = $2)
      ORDER BY written, kind, id LIMIT $3`,
    values: [STUDIO_ID, TRAINER_ID, query.limit],
  });
  const changes = rows.map(
    ({ body, id, kind, version }) =>
      `{"kind":"${kind}","id":"${id}","version":${version},"record":${body}}`,
  );
  return reply
    .type('application/json; charset=utf-8')
    .send(`{"changes":[${changes.join(',')}],"cursor":"","more":true,"held":false}`);
});

interface SetBody {
  readonly id: string;
  readonly sessionId: string;
  readonly reps: number;
}

/** The rows that a logged set writes, in one durable transaction. */
app.put<{ Body: SetBody }>('/set', async ({ body }, reply) => {
  const client = await pool.connect();
  try {
    await client.query('BEGIN');
    const { rows } = await client.query<{ setup_id: string; version: number }>({
      name: 'session',
      text: `UPDATE training_session SET version = version + 1 WHERE id = $1
        RETURNING setups -> 0 ->> 'id' AS setup_id, version`,
      values: [body.sessionId],
    });
    await client.query({
      name: 'set',
      text: `INSERT INTO training_set (id, studio_id, session_id, set_id, setup_id, sequence, reps,
          partial_reps, spare, form, pain, set_aside, performed_at)
        VALUES ($1, $2, $3, $1, $4, 0, $5, 0, 2, 'clean', 0, false, now())`,
      values: [body.id, STUDIO_ID, body.sessionId, rows[0]?.setup_id, body.reps],
    });
    const { rows: records } = await client.query<{ body: string }>({
      name: 'read-record',
      text: "SELECT body FROM record WHERE studio_id = $1 AND kind = 'session' AND id = $2",
      values: [STUDIO_ID, body.sessionId],
    });
    const session = JSON.parse(records[0]?.body ?? '{}') as { sets: object[] };
    const answer = JSON.stringify({ ...session, sets: [...session.sets, body] });
    await client.query({
      name: 'record',
      text: `UPDATE record SET version = $3, written = pg_current_xact_id(), body = $4
        WHERE studio_id = $1 AND kind = 'session' AND id = $2`,
      values: [STUDIO_ID, body.sessionId, rows[0]?.version, answer],
    });
    await client.query({
      name: 'confirmed',
      text: `INSERT INTO confirmed_write (id, studio_id, trainer_id, digest, answer, confirmed_at)
        VALUES ($1, $2, $3, 'x', $4, now())`,
      values: [body.id, STUDIO_ID, TRAINER_ID, answer],
    });
    await client.query("SELECT pg_notify('records', $1)", [STUDIO_ID]);
    await client.query('COMMIT');
    return reply.type('application/json; charset=utf-8').send(answer);
  } finally {
    client.release();
  }
});

await app.listen({ host: '127.0.0.1', port: Number(PORT) });
console.log('ready');
