import type { BandToday, CompleteSetupDocument } from '@wiry-otter/contracts';
import { bandOfCopy, calibrate, lawOfBand, MODEL, type StrandLaw } from '@wiry-otter/core';

/** The bands of a document and the rolls they were cut from, as they are on record. */
type Bands = readonly BandToday[];

type Step = (document: CompleteSetupDocument, bands: Bands) => CompleteSetupDocument;

/** What makes a document of each model one of the next. */
const STEPS: Readonly<Record<number, Step>> = { 1: holdingMaterial, 2: trustingLabelsLess };

/**
 * A document as the present model reads it, step by step from the model it was written with: what
 * one step has changed, no other changes again.
 */
export function asPresentDocument(
  document: CompleteSetupDocument,
  model: number,
  bands: Bands,
): CompleteSetupDocument {
  let present = document;
  for (let of = model; of < MODEL; of++) {
    const step = STEPS[of];
    if (step === undefined) throw new Error(`no step leads from model ${of} to the next`);
    present = step(present, bands);
  }
  return present;
}

/** Pairs under which a band is held fast. */
const PINNING_PAIRS = [
  ['soleL', 'soleR'],
  ['toeL', 'toeR'],
  ['kneeL', 'kneeR'],
] as const;

/** 1 to 2: what lay round the anchor holds material, feet hold the band. */
function holdingMaterial(document: CompleteSetupDocument): CompleteSetupDocument {
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

/** 2 to 3: a band that nobody has measured pulls less than its label claims. */
function trustingLabelsLess(document: CompleteSetupDocument, bands: Bands): CompleteSetupDocument {
  return {
    ...document,
    bands: document.bands.map((band) => ({
      ...band,
      law: lawTrustingLess(bandOfCopy(band.id), band.law, bands),
    })),
  };
}

/** Until model 2 a label was taken at its word. */
const TRUST_OF_BEFORE = { believedShare: 1, errorShare: 0.35 };

/** Laws that differ by less than this share were computed alike, if by another build. */
const SAME_LAW = 1e-9;

function isLaw(one: StrandLaw, other: StrandLaw): boolean {
  const keys = ['c1_N', 'c2_N', 'c3_N'] as const;
  return keys.every((key) => Math.abs(one[key] - other[key]) <= SAME_LAW * Math.max(1, one[key]));
}

/** The law of a band's label as it is read now, where a law is that of its label as it was read before. */
export function lawTrustingLess(id: string, law: StrandLaw, bands: Bands): StrandLaw {
  const band = bands.find((one) => one.id === id);
  const roll = bands.find((one) => one.id === band?.cutFrom);
  for (const labelled of [band, roll]) {
    if (labelled === undefined || labelled.label === null) continue;
    const bare = { ...labelled, samples: [] };
    const before = calibrate(bare, TRUST_OF_BEFORE);
    const now = lawOfBand({ ...labelled, measurements: [] });
    if (before.ok && now.ok && isLaw(before.value.law, law)) return { ...now.value.law };
  }
  return law;
}
