import { recordsOfTable } from '../../platform/records/record-source.js';
import { PersonEntity } from './entities.js';
import { toPerson } from './people-store.js';

export const personRecords = recordsOfTable('person', PersonEntity, (_scoped, rows) =>
  rows.map((row) => ({
    id: row.id,
    version: row.version,
    personId: row.id,
    record: toPerson(row),
  })),
);
