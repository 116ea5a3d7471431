import {
  assessSetup,
  bandsLaid,
  factsOfLaid,
  type Fault,
  knowBands,
  MODEL,
} from '@wiry-otter/core';
import { readBands } from '../bands/band-store.js';
import { AnchorEntity } from '../places/entities.js';
import { SetupEntity, SetupVersionEntity, type SetupVersionRow } from '../setups/entities.js';
import { PersonEntity } from '../people/entities.js';
import { toPerson } from '../people/people-store.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import { dayInZone, isReady, storedCaution } from '@wiry-otter/derived';
import { asPresentDocument } from './model-steps.js';

/**
 * Computes the figures of the next set-ups that an older model computed anew, so many at most, and
 * keeps what that made of each beside them; how many there were. Set-ups that stand get the cautions
 * that the present rules find; what sessions used is told as it was. Each stays laid as it was.
 */
export async function renewSetups(scoped: ScopedManager, most: number): Promise<number> {
  const old = await scoped.query<{ setupId: string; version: number }>(
    'figures-of-older-models',
    `SELECT setup_id AS "setupId", version FROM setup_version
      WHERE studio_id = $1 AND (figures ->> 'model')::int < $2
      ORDER BY setup_id, version LIMIT ${most} FOR UPDATE SKIP LOCKED`,
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
  const head = await scoped.findOwn(SetupEntity, { id: row.setupId });
  const ids = row.document.bands.map(({ id }) => id);
  const bands = await readBands(scoped, bandsLaid(row.document));
  const document = asPresentDocument(row.document, row.figures.model, bands);
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
