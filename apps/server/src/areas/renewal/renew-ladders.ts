import type { BandToday } from '@wiry-otter/contracts';
import {
  assessSetup,
  factsOfLaid,
  gapsBetween,
  knowBands,
  MODEL,
  rigSetup,
} from '@wiry-otter/core';
import { dayInZone, storedCaution } from '@wiry-otter/derived';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import { allBands } from '../bands/band-store.js';
import {
  type LadderContent,
  LadderEntity,
  type LadderRow,
  LadderVersionEntity,
} from '../ladders/entities.js';
import { PersonEntity } from '../people/entities.js';
import { toPerson } from '../people/people-store.js';
import { AnchorEntity } from '../places/entities.js';
import { asPresentDocument, lawTrustingLess } from './model-steps.js';

type Rung = LadderContent['rungs'][number];

/** The next ladders that an older model computed, so many at most; how many there were. */
export async function renewLadders(scoped: ScopedManager, most: number): Promise<number> {
  const old = await scoped.query<{ id: string; version: number }>(
    'ladders-of-older-models',
    `SELECT ladder.id, ladder.version FROM ladder
      JOIN ladder_version kept
        ON kept.ladder_id = ladder.id AND kept.version = ladder.version
      WHERE ladder.studio_id = $1 AND (kept.content ->> 'model')::int < $2
      ORDER BY ladder.id LIMIT ${most} FOR UPDATE OF kept SKIP LOCKED`,
    [MODEL],
  );
  if (old.length === 0) return 0;
  const bands = await allBands(scoped);
  for (const { id, version } of old) {
    const head = await scoped.findOwn(LadderEntity, { id });
    const state = await scoped.findOwn(LadderVersionEntity, { ladderId: id, version });
    const content = await renewed(scoped, head, state.content, bands);
    await scoped.put(LadderVersionEntity, { ...state, content });
    scoped.touch('ladder', id);
  }
  return old.length;
}

/** Every rung stays the set-up it was, told by the present model. */
async function renewed(
  scoped: ScopedManager,
  { personId }: LadderRow,
  content: LadderContent,
  bands: readonly BandToday[],
): Promise<LadderContent> {
  const { anchorId, basis, model, target } = content;
  const { eyesRule, now, units, zone } = scoped.scope;
  const known = knowBands(bands);
  const facts = {
    person: toPerson(await scoped.findOwn(PersonEntity, { id: personId })),
    anchor:
      anchorId === null ? null : ((await scoped.findFirst(AnchorEntity, { id: anchorId })) ?? null),
    today: dayInZone(now, zone),
    ...{ eyesRule, units },
  };
  const rungs = content.rungs.map((rung): Rung => {
    const document = asPresentDocument(rung.document, model ?? MODEL, bands);
    const ids = document.bands.map(({ id }) => id);
    const solved = assessSetup({ ...facts, document, bands: factsOfLaid(ids, known) });
    const rigged = rigSetup(document);
    // What cannot be laid any more stays as it was told.
    if (!solved.ok || !rigged.ok) return rung;
    const { cautions, figures } = solved.value;
    return {
      ...rung,
      document,
      value: rigged.value.summary[target.metric] ?? 0,
      load: figures.mean,
      std: figures.meanStd,
      cautions: cautions.map(storedCaution),
    };
  });
  rungs.sort((a, b) => a.load - b.load);
  return {
    ...content,
    rungs,
    model: MODEL,
    gaps: gapsBetween(target, rungs),
    basis: {
      ...basis,
      bands: basis.bands.map((band) => ({
        ...band,
        law: lawTrustingLess(band.id, band.law, bands),
      })),
    },
  };
}
