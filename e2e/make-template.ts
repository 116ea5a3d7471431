import { createTemplate } from './own-server.js';

/** Before all tests: a database with the demo scenario, of which each server gets a copy. */
export default async function makeTemplate(): Promise<void> {
  process.env['OTTER_E2E_TEMPLATE'] = await createTemplate();
}
