import type { SetupRecord } from '@wiry-otter/contracts';
import { type ForceUnit, type KnownLaws, remeasured } from '@wiry-otter/core';
import { demandQuantity } from '../../../ui/quantities/figures';

/** A change smaller than this is no news, as share. */
const NEWS_SHARE = 0.01;

/**
 * What a saved set-up asks with the bands as measured today, in words:
 * `today 124 N, +5 %`. Nothing where that is what it asked when it was saved.
 */
export function remeasuredWords(
  { document, figures }: SetupRecord,
  laws: KnownLaws,
  unit: ForceUnit,
): string | null {
  const now = remeasured(document, laws);
  if (now === undefined || now.share === null || Math.abs(now.share) < NEWS_SHARE) return null;
  const { figure, unit: word } = demandQuantity(now.mean, null, figures.unit, unit);
  const share = Math.round(100 * now.share);
  return `today ${figure} ${word}, ${share > 0 ? '+' : '−'}${Math.abs(share)} %`;
}
