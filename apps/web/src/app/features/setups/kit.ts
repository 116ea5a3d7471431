import type {
  AnchorRecord,
  ExerciseDocument,
  PersonRecord,
  PlaceRecord,
} from '@wiry-otter/contracts';
import type { KnownBand } from '../bands/band-law';

type AnchorKind = AnchorRecord['kind'];

/** An anchor that a person brings along: a foot, a hand, or nothing at all. */
const ON_BODY: ReadonlySet<AnchorKind> = new Set<AnchorKind>(['underFoot', 'underHand']);

export const ANCHOR_WORDS: Readonly<Record<AnchorKind, string>> = {
  door: 'door',
  wall: 'wall strap',
  bar: 'bar',
  parallelBars: 'parallel bars',
  rings: 'rings',
  post: 'upright post or tree',
  banister: 'banister',
  rack: 'rack',
  furniture: 'heavy furniture',
  underFoot: 'under the foot',
  underHand: 'under the hand',
  partner: 'partner',
};

/** Whether the exercise needs nothing that a place has to have. */
export function isOnBody(exercise: ExerciseDocument | undefined): boolean {
  return exercise?.anchor === undefined || exercise.anchor.kinds.some((kind) => ON_BODY.has(kind));
}

/** The anchors of a place that an exercise can use. */
export function usableAnchors(
  exercise: ExerciseDocument | undefined,
  place: PlaceRecord | undefined,
): AnchorRecord[] {
  const kinds = exercise?.anchor?.kinds ?? [];
  return (place?.anchors ?? []).filter(({ kind }) => kinds.includes(kind));
}

/** Heights that differ by less than this are as good as each other, m. */
const AS_GOOD_M = 0.1;

/**
 * The anchor to begin with: one that can be put where the exercise usually has
 * it, of the kind that the exercise names first.
 */
export function bestAnchor(
  exercise: ExerciseDocument | undefined,
  anchors: readonly AnchorRecord[],
  usual_m: number,
): AnchorRecord | undefined {
  const kinds = exercise?.anchor?.kinds ?? [];
  const off = ({ lowest_m, highest_m }: AnchorRecord): number =>
    Math.floor(Math.max(lowest_m - usual_m, usual_m - highest_m, 0) / AS_GOOD_M);
  return anchors.toSorted(
    (a, b) => off(a) - off(b) || kinds.indexOf(a.kind) - kinds.indexOf(b.kind),
  )[0];
}

/** Where a band is that is not at hand: `with Hanna Kolk`, `at the boathouse`. */
export function holderWords(
  { record }: KnownBand,
  people: readonly Pick<PersonRecord, 'id' | 'name'>[],
  places: readonly Pick<PlaceRecord, 'id' | 'name'>[],
): string {
  const holder = record.copies.find(({ state }) => state !== 'retired')?.holder;
  if (holder?.at === 'place') {
    return `at ${places.find(({ id }) => id === holder.placeId)?.name ?? 'another place'}`;
  }
  const person = holder?.at === 'person' && people.find(({ id }) => id === holder.personId);
  return `with ${person ? person.name : 'somebody else'}`;
}

/** What a place lacks for an exercise and where it can be had; nothing where it has all. */
export function missingWords(
  exercise: ExerciseDocument | undefined,
  place: PlaceRecord | undefined,
  places: readonly PlaceRecord[],
): string | null {
  if (exercise === undefined || place === undefined || isOnBody(exercise)) return null;
  if (usableAnchors(exercise, place).length > 0) return null;
  const wanted = listed(exercise.anchor?.kinds.map((kind) => ANCHOR_WORDS[kind]) ?? []);
  const elsewhere = places
    .filter((other) => usableAnchors(exercise, other).length > 0)
    .map(({ name }) => name);
  const where =
    elsewhere.length > 0 ? ` ${elsewhere.join(', ')} has one.` : ' No place on file has one.';
  return `${place.name} has nothing to hang this on: ${wanted} is wanted.${where}`;
}

/** `a`, `a or b`, `a, b or c`. */
function listed(words: readonly string[]): string {
  const last = words.at(-1) ?? '';
  return words.length < 2 ? last : `${words.slice(0, -1).join(', ')} or ${last}`;
}
