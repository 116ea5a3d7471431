import type { DataSource } from 'typeorm';
import { forEachStudio } from '../../platform/records/each-studio.js';
import type { RecordKeeper } from '../../platform/records/record-keeper.js';
import { renewLadders } from './renew-ladders.js';
import { renewSetups } from './renew-setups.js';

/** So many are renewed in one transaction. */
const BATCH = 100;

/**
 * Computes all stored figures anew that an older model computed, of set-ups and of ladders. Runs at
 * the start: figures of two models are never listed together. What somebody trains with stays laid
 * as it was, and its load is told anew: new figures put no more band on anybody. Several servers may
 * start at once: rows are locked, and those of another are passed over.
 */
export async function renewFigures(database: DataSource, keeper: RecordKeeper): Promise<number> {
  let renewed = 0;
  for (let done = -1; done !== 0; renewed += done) {
    done = 0;
    await database.transaction((manager) =>
      forEachStudio(manager, keeper, async (scoped) => {
        done += (await renewSetups(scoped, BATCH)) + (await renewLadders(scoped, BATCH));
      }),
    );
  }
  return renewed;
}
