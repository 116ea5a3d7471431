import type { BandToday, ExerciseDocument, LadderRecord, LadderRung } from '@wiry-otter/contracts';
import {
  composeSetup,
  type Composition,
  copiesInUse,
  copyOfId,
  bandOfCopy,
  fittedBand,
  gapsBetween,
  knowBands,
  type KnownBand,
  ladderBasis,
  type LadderChange,
  ladderChanges,
  ladderSpaceFor,
  layProposal,
  type PersonSearch,
  recompose,
  rigSetup,
  ROUTE_FORMS,
  rungOfBefore,
  routesLaid,
  setupTitle,
  USUAL_PREFERENCES,
  withLocked,
} from '@wiry-otter/core';
import { v7 as uuidv7 } from 'uuid';
import { listBands } from '../bands/band-store.js';
import { LadderEntity } from './entities.js';
import { AnchorEntity } from '../places/entities.js';
import { TrainerEntity } from '../studio/entities.js';
import { findPerson, toPerson } from '../people/people-store.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import type { Solver } from '../../platform/solving/solver.js';
import { assessRung, ladderFor, writeLadder } from './ladder-store.js';
import { safeRungs } from './safe-rungs.js';

/** A ladder as it is to be climbed today. */
export interface LadderOfToday {
  readonly ladder: LadderRecord;
  /** What has changed since it was kept; nothing where it stood. */
  readonly changes: readonly LadderChange[];
  /** It was made anew for that; else it is climbed as it was kept. */
  readonly remade: boolean;
}

/** A kept ladder read back as what it was looked for with, by today's bands, body and anchor. */
interface TodaysSearch extends PersonSearch<ExerciseDocument> {
  readonly bands: readonly KnownBand<BandToday>[];
  readonly side: 'left' | 'right' | undefined;
}

type FoundRung = Pick<LadderRung, 'key' | 'routeId' | 'document' | 'locked'>;

/**
 * The ladder that is needed now: where kit, law, anchor or body has changed since it was kept, it is
 * made anew and kept as its next version, with what was locked and without what was struck out.
 * Where nothing can be made in its place it stays as it was, and what has changed is told all the same.
 */
export async function ladderOfToday(
  scoped: ScopedManager,
  solver: Solver,
  kept: LadderRecord,
): Promise<LadderOfToday> {
  // The bare exercise alone is made from nothing that could change.
  if (kept.rungs.every(({ document }) => document.runs.length === 0)) {
    return { ladder: kept, changes: [], remade: false };
  }
  const search = await searchOfToday(scoped, kept);
  if (search === undefined) return { ladder: kept, changes: [{ kind: 'anchor' }], remade: false };
  const basis = ladderBasis(search, search.present.body, kept.anchorId);
  const changes = ladderChanges(kept.basis, basis);
  if (changes.length === 0) return { ladder: kept, changes, remade: false };
  const { anchorId, exerciseId, id, personId, placeId, version } = kept;
  const { notchFirst, struck, target } = kept;
  await scoped.lock(LadderEntity, id);
  const present = await ladderFor(scoped, { exerciseId, personId, placeId });
  // Another session that ends just now may have made it anew.
  if (present !== undefined && present.version !== kept.version) {
    return ladderOfToday(scoped, solver, present);
  }
  const isByHand = kept.source === 'hand';
  const found = isByHand ? [] : await foundToday(solver, search, kept);
  if (found === undefined) return { ladder: kept, changes, remade: false };
  const again = kept.rungs
    .filter((rung) => (isByHand || rung.locked) && canBeUsed(search, rung))
    .map((rung) => ({ ...rung, document: documentOf(search, relaid(search, rung)) }))
    .filter(({ document }) => rigSetup(document).ok);
  const assess = async (rungs: readonly FoundRung[]): Promise<LadderRung[]> => {
    const assessed: LadderRung[] = [];
    for (const rung of rungs) {
      const { document } = rung;
      const title = document.runs.length === 0 ? 'no band' : setupTitle(document, search.bands);
      const { key, locked, routeId } = rung;
      const value = valueOf(kept, document);
      const draft = { key, locked, routeId, document, title, setupId: uuidv7(), value };
      const one = await assessRung(scoped, solver, draft, kept);
      // A set-up that was made a rung by hand stays it, whatever it asks today.
      const same = isByHand
        ? kept.rungs.find((rung) => rung.key === key)
        : rungOfBefore(kept.rungs, one);
      assessed.push(
        same === undefined ? one : { ...one, setupId: same.setupId, title: same.title },
      );
    }
    return assessed;
  };
  const rungs = withLocked(safeRungs(await assess(found)), await assess(again), struck, target);
  if (rungs.length === 0) return { ladder: kept, changes, remade: false };
  const ladder = await writeLadder(
    scoped,
    solver,
    { id, version: version + 1, personId, exerciseId, placeId },
    {
      anchorId,
      target,
      source: kept.source,
      notchFirst,
      struck,
      rungs,
      gaps: gapsBetween(target, rungs),
      basis: { ...basis, bands: [...basis.bands] },
    },
    kept,
  );
  return { ladder, changes, remade: true };
}

/** What the bands at hand make today; undefined where that cannot be looked for. */
async function foundToday(
  solver: Solver,
  search: TodaysSearch,
  { notchFirst, target }: LadderRecord,
): Promise<FoundRung[] | undefined> {
  const proposed = await solver.ladderFor(ladderSpaceFor(search, target, notchFirst));
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
async function searchOfToday(
  scoped: ScopedManager,
  kept: LadderRecord,
): Promise<TodaysSearch | undefined> {
  const rung = kept.rungs.find(({ document }) => document.runs.length > 0);
  const { anchorId, placeId } = kept;
  const anchor =
    anchorId === null
      ? null
      : ((await scoped.findFirst(AnchorEntity, { id: anchorId, placeId })) ?? null);
  if (rung === undefined || (anchorId !== null && anchor === null)) return undefined;
  const person = toPerson(await findPerson(scoped, kept.personId));
  const trainer = await scoped.findOwn(TrainerEntity, { id: scoped.scope.trainerId });
  const bands = knowBands(await listBands(scoped));
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
    preferences: trainer.finderPreferences ?? USUAL_PREFERENCES,
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
