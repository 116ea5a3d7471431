import { openBridge } from '@wiry-otter/gauge';
import pg from 'pg';

// A database of its own on the test cluster, then the real server with the demo scenario.
const clusterUrl = process.env['OTTER_TEST_DATABASE_URL'];
if (clusterUrl === undefined) throw new Error('OTTER_TEST_DATABASE_URL is not set; run npm test');
const name = `e2e_${process.pid}`;
const client = new pg.Client({ connectionString: clusterUrl });
await client.connect();
await client.query(`CREATE DATABASE ${name}`);
await client.end();

const url = new URL(clusterUrl);
url.pathname = `/${name}`;
process.env['DATABASE_URL'] = url.href;
process.env['OTTER_DEMO'] = 'yes';
// The simulated scale, as `npm start` runs it; a fixed seed, so that a pull is the same each time.
const gauge = await openBridge({ port: 0, seed: 2026 });
process.env['OTTER_GAUGE_URL'] = gauge.url;
process.once('SIGTERM', () => void gauge.close());
await import('../apps/server/src/main.js');
