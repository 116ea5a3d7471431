import { RECORD_SOURCES, RECOUNTS } from './areas/areas.js';
import { openDatabase } from './open-database.js';
import { readConfig } from './platform/config.js';
import { createRecordKeeper } from './platform/records/record-keeper.js';
import { rebuildRecords } from './platform/records/rebuild-records.js';

// `npm run rebuild-records`: writes what devices keep anew from the tables, with all that is counted.
const database = await openDatabase(readConfig(process.env).databaseUrl);
await rebuildRecords(database, createRecordKeeper(RECORD_SOURCES), RECOUNTS);
const [row] = await database.query<{ count: string }[]>('SELECT count(*) FROM record');
console.log(`${row?.count} records; devices fetch them anew.`);
await database.destroy();
