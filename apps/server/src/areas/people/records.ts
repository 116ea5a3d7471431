import { recordsOfTable } from '../../platform/records/record-source.js';
import { PersonEntity } from './entities.js';
import { toPerson, trainersOfPeople } from './people-store.js';

export const personRecords = recordsOfTable('person', PersonEntity, async (scoped, rows) => {
  const trainers = await trainersOfPeople(
    scoped,
    rows.map(({ id }) => id),
  );
  return rows.map((row) => ({
    id: row.id,
    version: row.version,
    personId: row.id,
    record: { ...toPerson(row), trainerIds: [...(trainers.get(row.id) ?? [])] },
  }));
});
