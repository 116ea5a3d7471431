import type { BandToday, CompleteSetupDocument } from '@wiry-otter/contracts';
import { rigSetup, type SolvedRig } from '@wiry-otter/core';

/** A band as its ribbon shows it. */
export interface DrawnBand {
  readonly record: Pick<BandToday, 'colour' | 'limit' | 'tag' | 'width_mm'>;
}

/** A solved set-up as it is drawn: what anything that shows one hands over, and no more. */
export interface SceneSetup {
  readonly document: CompleteSetupDocument;
  readonly solved: SolvedRig;
  /** One for each run of the document. */
  readonly bands: readonly DrawnBand[];
  /** Standard deviation of the demand at each sample; null where none is told. */
  readonly spread: { readonly demand: readonly number[] } | null;
  /** How far the recoil line passes from the head, m; undefined where nothing flies there. */
  readonly headClearance_m?: number | undefined;
}

/** A set-up by the laws that its document holds, to be shown as a picture; null where it cannot be laid. */
export function pictureOf(
  document: CompleteSetupDocument,
  bands: readonly DrawnBand[],
): SceneSetup | null {
  const rigged = rigSetup(document);
  return rigged.ok && bands.length === document.bands.length
    ? { document, solved: rigged.value, bands, spread: null }
    : null;
}
