import type { CompleteSetupDocument } from '@wiry-otter/contracts';
import {
  assessSetup,
  bandsLaid,
  factsOfLaid,
  type Fault,
  knowBands,
  MODEL,
} from '@wiry-otter/core';
import type { DataSource } from 'typeorm';
import { readBands } from '../bands/band-store.js';
import { AnchorEntity } from '../places/entities.js';
import { SetupEntity, SetupVersionEntity, type SetupVersionRow } from './entities.js';
import { PersonEntity } from '../people/entities.js';
import { toPerson } from '../people/people-store.js';
import type { RecordKeeper } from '../../platform/records/record-keeper.js';
import { forEachStudio } from '../../platform/records/each-studio.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import { dayInZone, isReady, storedCaution } from '@wiry-otter/derived';

/** So many are renewed in one transaction. */
const BATCH = 100;

/**
 * Computes the figures of every stored set-up anew that an older model computed, and keeps what
 * that made of it beside them. Runs at the start: figures of two models are never listed together.
 * Set-ups that stand get the cautions that the present rules find; what sessions used is told as it
 * was. Several servers may start at once: rows are locked, and those of another are passed over.
 */
export async function renewFigures(database: DataSource, keeper: RecordKeeper): Promise<number> {
  let renewed = 0;
  for (let done = -1; done !== 0; renewed += done) {
    done = 0;
    await database.transaction((manager) =>
      forEachStudio(manager, keeper, async (scoped) => {
        done += await renewBatch(scoped);
      }),
    );
  }
  return renewed;
}

async function renewBatch(scoped: ScopedManager): Promise<number> {
  const old = await scoped.query<{ setupId: string; version: number }>(
    'figures-of-older-models',
    `SELECT setup_id AS "setupId", version FROM setup_version
      WHERE studio_id = $1 AND (figures ->> 'model')::int < $2
      ORDER BY setup_id, version LIMIT ${BATCH} FOR UPDATE SKIP LOCKED`,
    [MODEL],
  );
  const rows = await scoped.find(
    SetupVersionEntity,
    old.map(({ setupId, version }) => ({ setupId, version })),
  );
  for (const row of rows) await scoped.put(SetupVersionEntity, await renewed(scoped, row));
  return rows.length;
}

async function renewed(scoped: ScopedManager, row: SetupVersionRow): Promise<SetupVersionRow> {
  const { eyesRule, now, units, zone } = scoped.scope;
  const document = asPresentDocument(row.document);
  const head = await scoped.findOwn(SetupEntity, { id: row.setupId });
  const ids = document.bands.map(({ id }) => id);
  const bands = await readBands(scoped, bandsLaid(document));
  const solved = assessSetup({
    document,
    bands: factsOfLaid(ids, knowBands(bands)),
    person: toPerson(await scoped.findOwn(PersonEntity, { id: head.personId })),
    anchor:
      row.anchorId === null
        ? null
        : ((await scoped.findFirst(AnchorEntity, { id: row.anchorId })) ?? null),
    today: dayInZone(now, zone),
    eyesRule,
    units,
  });
  const earlierFigures = row.earlierFigures ?? row.figures;
  if (!solved.ok) {
    const cautions = [...row.cautions, notLaid(solved.faults)];
    return {
      ...row,
      figures: { ...row.figures, model: MODEL },
      earlierFigures,
      cautions,
      ready: false,
    };
  }
  const { figures } = solved.value;
  if (row.version !== head.version) return { ...row, document, figures, earlierFigures };
  const cautions = solved.value.cautions.map((caution) => {
    const before = row.cautions.find(({ rule }) => rule === caution.rule)?.seen;
    const seen = caution.level === 'warn' && before !== undefined ? { seen: before } : {};
    return { ...storedCaution(caution), ...seen };
  });
  return { ...row, document, figures, earlierFigures, cautions, ready: isReady(cautions) };
}

/** What cannot be laid any more keeps its old figures, and says so. */
function notLaid(faults: readonly Fault[]): SetupVersionRow['cautions'][number] {
  const why = faults
    .map(({ found, expected }) => `${found}, where it takes ${expected}`)
    .join('; ');
  return {
    rule: 'not-laid',
    level: 'refuse',
    text: `This cannot be laid as it was saved, and its figures are older than the present way to compute them (${why}). Set it up again.`,
    figures: {},
  };
}

/** Pairs under which a band is held fast. */
const PINNING_PAIRS = [
  ['soleL', 'soleR'],
  ['toeL', 'toeR'],
  ['kneeL', 'kneeR'],
] as const;

/** A document of model 1 as the present model reads it: what lay round the anchor holds material, feet hold the band. */
function asPresentDocument(document: CompleteSetupDocument): CompleteSetupDocument {
  return {
    ...document,
    runs: document.runs.map((run) => {
      const route = document.exercise.routes?.find(({ path }) => path.join() === run.path.join());
      const hitch_m = Math.max(0, (run.extra_m ?? 0) - (route?.extra_m ?? 0));
      const pinned = PINNING_PAIRS.filter((pair) => areNeighbours(run.path, pair)).flat();
      return {
        ...run,
        takeUp_m: (run.takeUp_m ?? 0) + hitch_m,
        extra_m: (run.extra_m ?? 0) - hitch_m,
        hitch_m: (run.hitch_m ?? 0) + hitch_m,
        ...(pinned.length === 0 ? {} : { pinned }),
      };
    }),
  };
}

function areNeighbours(path: readonly string[], [one, other]: readonly [string, string]): boolean {
  return path.some((name, i) => {
    const next = path[(i + 1) % path.length];
    return (name === one && next === other) || (name === other && next === one);
  });
}
