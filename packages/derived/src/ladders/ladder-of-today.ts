import type { BandToday, ExerciseDocument, LadderRecord, LadderRung } from '@wiry-otter/contracts';
import {
  bandOfCopy,
  composeSetup,
  type Composition,
  copiesInUse,
  copyOfId,
  type FinderPreferences,
  fittedBand,
  gapsBetween,
  knowBands,
  type KnownBand,
  ladderBasis,
  type LadderChange,
  ladderChanges,
  ladderSpaceFor,
  layProposal,
  MODEL,
  type PersonSearch,
  proposeLadder,
  recompose,
  rigSetup,
  ROUTE_FORMS,
  rungOfBefore,
  routesLaid,
  setupTitle,
  withLocked,
} from '@wiry-otter/core';
import { derivedId } from '../ids.js';
import { type RungFacts, rungsBy } from './rungs.js';
import { safeRungs } from './safe-rungs.js';

/** What a ladder is made from besides what it is itself. */
export interface LadderFacts extends RungFacts {
  readonly preferences: FinderPreferences;
}

/** What is made anew of a ladder. */
export type RemadeLadder = Pick<
  LadderRecord,
  'model' | 'anchorId' | 'target' | 'source' | 'notchFirst' | 'struck' | 'rungs' | 'gaps' | 'basis'
>;

/** A ladder as it is to be climbed today. */
export interface LadderToday {
  /** What has changed since it was kept; nothing where it stood. */
  readonly changes: readonly LadderChange[];
  /** Made anew for that; null where it is climbed as it was kept. */
  readonly remade: RemadeLadder | null;
}

/** A kept ladder read back as what it was looked for with, by today's bands, body and anchor. */
interface TodaysSearch extends PersonSearch<ExerciseDocument> {
  readonly bands: readonly KnownBand<BandToday>[];
  readonly side: 'left' | 'right' | undefined;
}

type FoundRung = Pick<LadderRung, 'key' | 'routeId' | 'document' | 'locked'>;

/**
 * The ladder that is needed now: where kit, law, anchor or body has changed since it was kept, it is
 * made anew, with what was locked and without what was struck out. Where nothing can be made in its
 * place it stays as it was, and what has changed is told all the same. Takes up to some seconds.
 */
export function ladderOfToday(kept: LadderRecord, facts: LadderFacts): LadderToday {
  // The bare exercise alone is made from nothing that could change.
  if (kept.rungs.every(({ document }) => document.runs.length === 0)) {
    return { changes: [], remade: null };
  }
  const known = knowBands(facts.bands);
  const search = searchOfToday(kept, facts, known);
  if (search === undefined) return { changes: [{ kind: 'anchor' }], remade: null };
  const { anchorId, notchFirst, source, struck, target } = kept;
  const basis = ladderBasis(search, search.present.body, anchorId);
  const changes = ladderChanges(kept.basis, basis);
  if (changes.length === 0) return { changes, remade: null };
  const rungs =
    isOfLawsAlone(changes, known) || kept.source === 'hand'
      ? sameRungsOfToday(kept, search, facts, known)
      : rungsOfToday(kept, search, facts, known);
  if (rungs.length === 0) return { changes, remade: null };
  return {
    changes,
    remade: {
      model: MODEL,
      ...{ anchorId, target, source, notchFirst, struck },
      rungs: rungs.toSorted((a, b) => a.load - b.load),
      gaps: gapsBetween(target, rungs),
      basis: { ...basis, bands: [...basis.bands] },
    },
  };
}

/** Whether bands are only known otherwise than before, and none of them by having grown soft. */
function isOfLawsAlone(
  changes: readonly LadderChange[],
  known: readonly KnownBand<BandToday>[],
): boolean {
  return changes.every(
    (change) =>
      change.kind === 'bandRemeasured' &&
      !known.some(({ record, softening }) => record.name === change.name && softening?.soft),
  );
}

/**
 * The rungs that were kept, each the set-up that it was, told by the laws of today: what a ladder was
 * made of by hand, and what nothing but a law has changed. New figures put no more band on anybody.
 */
function sameRungsOfToday(
  kept: LadderRecord,
  search: TodaysSearch,
  facts: LadderFacts,
  known: readonly KnownBand<BandToday>[],
): LadderRung[] {
  const again = relaidRungs(kept.rungs, search);
  const drafts = again.map((rung) => ({ ...rung, value: valueOf(kept, rung.document) }));
  const assessed = rungsBy(drafts, kept.anchorId, facts, known);
  return assessed.ok ? assessed.value : [];
}

/** As the ladder is climbed. */
function rungsOfToday(
  kept: LadderRecord,
  search: TodaysSearch,
  facts: LadderFacts,
  known: readonly KnownBand<BandToday>[],
): LadderRung[] {
  const found = foundToday(search, kept);
  if (found === undefined) return [];
  const assess = (rungs: readonly FoundRung[]): LadderRung[] => {
    const drafts = rungs.map(({ document, key, locked, routeId }) => ({
      ...{ key, locked, routeId, document },
      title:
        document.runs.length === 0
          ? 'no band'
          : setupTitle(document, search.bands, facts.units.length),
      setupId: derivedId('setup', kept.id, kept.version + 1, key),
      value: valueOf(kept, document),
    }));
    const assessed = rungsBy(drafts, kept.anchorId, facts, known);
    if (!assessed.ok) return [];
    return assessed.value.map((one) => {
      const same = rungOfBefore(kept.rungs, one);
      return same === undefined ? one : { ...one, setupId: same.setupId, title: same.title };
    });
  };
  const locked = relaidRungs(
    kept.rungs.filter((rung) => rung.locked),
    search,
  );
  return withLocked(safeRungs(assess(found)), assess(locked), kept.struck, kept.target);
}

/** Kept rungs on today's body with today's bands; what cannot be laid any more is left out. */
function relaidRungs(rungs: readonly LadderRung[], search: TodaysSearch): LadderRung[] {
  return rungs
    .filter((rung) => canBeUsed(search, rung))
    .map((rung) => ({ ...rung, document: documentOf(search, relaid(search, rung)) }))
    .filter(({ document }) => rigSetup(document).ok);
}

/** What the bands at hand make today; undefined where that cannot be looked for. */
function foundToday(
  search: TodaysSearch,
  { notchFirst, target }: LadderRecord,
): FoundRung[] | undefined {
  const proposed = proposeLadder(ladderSpaceFor(search, target, notchFirst));
  if (!proposed.ok) return undefined;
  const { routes } = search.present;
  return proposed.value.rungs.map((one) => {
    const fitted = bandsOn(search, one.bandIds).map(fittedBand);
    const laid = layProposal(search.present, { ...one, routes }, fitted);
    const routeId = one.routeIds[0] ?? '';
    return { key: one.key, routeId, document: documentOf(search, laid), locked: false };
  });
}

/** Undefined where its anchor is gone. */
function searchOfToday(
  kept: LadderRecord,
  { person, place, preferences }: LadderFacts,
  known: readonly KnownBand<BandToday>[],
): TodaysSearch | undefined {
  const rung = kept.rungs.find(({ document }) => document.runs.length > 0);
  const { anchorId, placeId } = kept;
  const anchor = place.anchors.find(({ id }) => id === anchorId) ?? null;
  if (rung === undefined || (anchorId !== null && anchor === null)) return undefined;
  const bands = known.filter(({ record }) => !record.removed);
  const { document, routeId } = rung;
  const laid = routesLaid(document, routeId);
  const routes = ROUTE_FORMS.flatMap(
    (form) =>
      laid.find((route) => route.for === form) ??
      document.exercise.routes?.find((route) => route.for === form) ??
      [],
  );
  const { mass_kg, stature_m } = person;
  return {
    present: {
      ...recompose(document, {
        girth_m: anchor?.girth_m ?? 0,
        fittingsMass_kg: (id) => recordOf(bands, id)?.fittings?.mass_kg ?? 0,
      }),
      body: { mass_kg, stature_m },
      routes,
      bands: [],
    },
    bandIds: document.bands.map(({ id }) => bandOfCopy(id)),
    bands,
    person,
    placeId,
    anchor,
    preferences,
    side: document.side,
  };
}

function recordOf(bands: readonly KnownBand<BandToday>[], id: string): BandToday | undefined {
  return bands.find(({ record }) => record.id === id)?.record;
}

function bandsOn({ bands }: TodaysSearch, ids: readonly string[]): KnownBand<BandToday>[] {
  return ids.flatMap((id) => bands.find(({ record }) => record.id === id) ?? []);
}

function canBeUsed({ bands }: TodaysSearch, { document }: LadderRung): boolean {
  return document.bands.every(({ id }) => {
    const band = bands.find(({ record }) => record.id === bandOfCopy(id));
    return band !== undefined && band.calibration !== null && copiesInUse(band) >= copyOfId(id);
  });
}

/** A kept rung on today's body. */
function relaid(
  search: TodaysSearch,
  { document, routeId }: LadderRung,
): Composition<ExerciseDocument> {
  const { present } = search;
  return {
    ...recompose(document, {
      girth_m: present.anchor?.girth_m ?? 0,
      fittingsMass_kg: (id) => recordOf(search.bands, id)?.fittings?.mass_kg ?? 0,
    }),
    body: present.body,
    routes: routesLaid(document, routeId),
    bands: bandsOn(
      search,
      document.bands.map(({ id }) => bandOfCopy(id)),
    ).map(fittedBand),
  };
}

function documentOf(
  { side }: TodaysSearch,
  composition: Composition<ExerciseDocument>,
): LadderRung['document'] {
  return {
    format: 'wiry-otter.setup',
    version: 1,
    ...composeSetup(composition),
    ...(side === undefined ? {} : { side }),
  };
}

/** The figure that the ladder climbs by; 0 where nothing of it is left. */
function valueOf({ target }: LadderRecord, document: LadderRung['document']): number {
  const rigged = rigSetup(document);
  return rigged.ok ? (rigged.value.summary[target.metric] ?? 0) : 0;
}
