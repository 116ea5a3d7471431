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
/** Nobody puts an anchor up more exactly than this, m. */
const SAME_HEIGHT_M = 0.005;

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
  const anchors =
    then.anchorId !== now.anchorId || !areNear(then.height_m, now.height_m, SAME_HEIGHT_M);
  if (anchors) changes.push({ kind: 'anchor' });
  return changes;
}

/** Why a ladder no longer is what it was, in words; nothing where it is. */
export function ladderChangeWords(changes: readonly LadderChange[]): string {
  const names = (kind: LadderChange['kind']): string[] =>
    changes.flatMap((change) => ('name' in change && change.kind === kind ? change.name : []));
  const told = (kind: LadderChange['kind'], words: string): string[] => {
    const named = names(kind);
    return named.length === 0 ? [] : [`${named.join(', ')} ${words}`];
  };
  return [
    ...told('bandRemeasured', 'measured again'),
    ...told('bandNew', 'new in the bag'),
    ...told('bandGone', 'gone from the bag'),
    ...(changes.some(({ kind }) => kind === 'body') ? ['another body on file'] : []),
    ...(changes.some(({ kind }) => kind === 'anchor') ? ['another anchor, or height'] : []),
  ].join('; ');
}

function pull(law: StrandLaw): number {
  return strandForce(law, AT_STRETCH);
}

function areNear(one_m: number | null, other_m: number | null, by_m: number): boolean {
  return one_m === null || other_m === null ? one_m === other_m : Math.abs(one_m - other_m) < by_m;
}

function differ(a: number, b: number, share: number): boolean {
  return Math.abs(a - b) > share * Math.max(Math.abs(a), Math.abs(b));
}
