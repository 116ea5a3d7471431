import type { Body } from '../body/segments.js';
import type { StrandLaw } from '../elastic/band.js';
import { strandForce } from '../elastic/strand-law.js';

/** What a ladder was made from. */
export interface LadderBasis {
  readonly body: Body;
  readonly anchorId: string | null;
  readonly height_m: number | null;
  readonly bands: readonly {
    readonly id: string;
    readonly name: string;
    readonly law: StrandLaw;
  }[];
}

/** Why a ladder no longer is what it was. */
export type LadderChange =
  | { readonly kind: 'bandNew' | 'bandGone' | 'bandRemeasured'; readonly name: string }
  | { readonly kind: 'body' | 'anchor' };

/** Bodies that differ by less than this share are the same. */
const SAME_BODY = 0.01;
/** Laws that differ by less than this share of their pull at twice the length are the same. */
const SAME_LAW = 1e-6;
const AT_STRETCH = 2;

/** What has changed since a ladder was made; nothing where it stands. */
export function ladderChanges(then: LadderBasis, now: LadderBasis): LadderChange[] {
  const changes: LadderChange[] = [];
  for (const band of now.bands) {
    const before = then.bands.find(({ id }) => id === band.id);
    if (before === undefined) changes.push({ kind: 'bandNew', name: band.name });
    else if (differ(pull(before.law), pull(band.law), SAME_LAW)) {
      changes.push({ kind: 'bandRemeasured', name: band.name });
    }
  }
  for (const { id, name } of then.bands) {
    if (!now.bands.some((band) => band.id === id)) changes.push({ kind: 'bandGone', name });
  }
  const bodies =
    differ(then.body.mass_kg, now.body.mass_kg, SAME_BODY) ||
    differ(then.body.stature_m, now.body.stature_m, SAME_BODY);
  if (bodies) changes.push({ kind: 'body' });
  const anchors = then.anchorId !== now.anchorId || then.height_m !== now.height_m;
  if (anchors) changes.push({ kind: 'anchor' });
  return changes;
}

function pull(law: StrandLaw): number {
  return strandForce(law, AT_STRETCH);
}

function differ(a: number, b: number, share: number): boolean {
  return Math.abs(a - b) > share * Math.max(Math.abs(a), Math.abs(b));
}
