import type { BandToday, ExerciseDocument, PersonRecord, PlaceRecord } from '@wiry-otter/contracts';

/** Something that can be gone to. */
export interface Find {
  readonly kind: 'person' | 'band' | 'exercise' | 'place';
  readonly title: string;
  /** What else it is known by. */
  readonly about: string;
  readonly path: readonly string[];
  readonly query?: Readonly<Record<string, string>>;
}

/** No more are told at a time. */
const MOST = 12;

/** Everything that is looked for by its name. */
export function everything({
  bands,
  exercises,
  people,
  places,
}: {
  readonly people: readonly PersonRecord[];
  readonly bands: readonly Pick<BandToday, 'id' | 'name' | 'tag' | 'kind'>[];
  readonly exercises: readonly ExerciseDocument[];
  readonly places: readonly PlaceRecord[];
}): Find[] {
  return [
    ...people.map(({ about, id, name }): Find => ({
      kind: 'person',
      title: name,
      about,
      path: ['/people', id],
    })),
    ...bands.map(({ id, name, tag }): Find => ({
      ...{ kind: 'band', title: name, path: ['/bands', id] },
      about: tag === null ? '' : `tag ${tag}`,
    })),
    ...exercises.map(({ groups = [], id, title }): Find => ({
      ...{ kind: 'exercise', title, path: ['/setups'], query: { exercise: id } },
      about: groups
        .map((group) => group.replace(/[A-Z]/g, (c) => ` ${c.toLowerCase()}`))
        .join(', '),
    })),
    ...places.map(({ about, anchors, name }): Find => ({
      ...{ kind: 'place', title: name, path: ['/places'] },
      about: [about, ...anchors.map((anchor) => anchor.name)].filter(Boolean).join(', '),
    })),
  ];
}

/** What every word looked for begins a word of: those whose title begins so before all others. */
export function matching(all: readonly Find[], wanted: string): readonly Find[] {
  const looked = wordsOf(wanted).filter(Boolean);
  return all
    .flatMap((find) => {
      const rank = rankOf(find, looked);
      return rank === undefined ? [] : [{ find, rank }];
    })
    .toSorted((a, b) => a.rank - b.rank)
    .slice(0, MOST)
    .map(({ find }) => find);
}

/** 0 where the title begins with what is looked for, 1 where a word of it does, 2 elsewhere. */
function rankOf({ about, kind, title }: Find, looked: readonly string[]): number | undefined {
  const [inTitle, beside] = [wordsOf(title), wordsOf(`${about} ${kind}`)];
  const begins = (words: readonly string[], part: string): boolean =>
    words.some((word) => word.startsWith(part));
  if (!looked.every((part) => begins(inTitle, part) || begins(beside, part))) return undefined;
  if (wordsOf(title).join(' ').startsWith(looked.join(' '))) return 0;
  return looked.every((part) => begins(inTitle, part)) ? 1 : 2;
}

function wordsOf(text: string): string[] {
  return plain(text).split(/[^\p{L}\p{N}]+/u);
}

/** Without accents and capitals, which nobody types in a hurry. */
function plain(text: string): string {
  return text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase().trim();
}
