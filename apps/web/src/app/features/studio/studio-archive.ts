import {
  exerciseDocument,
  type ExerciseDocument,
  placeDocument,
  type PlaceDocument,
  studioSettingsDocument,
  type StudioSettingsDocument,
} from '@wiry-otter/contracts';
import { strFromU8, unzipSync } from 'fflate';
import * as z from 'zod';

/** Largest archive that is read, and what it may unpack to, bytes. */
export const LARGEST_ARCHIVE = 64_000_000;
const LARGEST_UNPACKED = 512_000_000;

/** What this device has to know of a person's file; the server reads the rest. */
const namedFile = z.looseObject({
  format: z.literal('wiry-otter.person-file'),
  person: z.looseObject({ id: z.uuid(), name: z.string() }),
  places: z.array(z.looseObject({ id: z.string() })),
  exercises: z.array(z.looseObject({ document: z.looseObject({ id: z.string() }) })),
});
export type NamedFile = z.infer<typeof namedFile>;

/** A place as a studio keeps it, under its own id. */
const keptPlace = placeDocument.safeExtend({ id: z.uuid() });

const bandList = z.looseObject({
  format: z.literal('wiry-otter.bands'),
  bands: z.array(z.looseObject({ id: z.string() })),
});
export type BandList = z.infer<typeof bandList>;

/** A whole studio as documents. */
export interface StudioArchive {
  readonly settings: StudioSettingsDocument | null;
  readonly bands: BandList | null;
  readonly places: readonly PlaceDocument[];
  readonly exercises: readonly ExerciseDocument[];
  readonly people: readonly NamedFile[];
}

export type ReadArchive =
  | { readonly ok: true; readonly archive: StudioArchive }
  | { readonly ok: false; readonly faults: readonly string[] };

/** Reads the archive that a studio wrote; names the document and the place of whatever will not do. */
export function readStudioArchive(packed: Uint8Array): ReadArchive {
  const files = unpack(packed);
  if (typeof files === 'string') return { ok: false, faults: [files] };
  const faults: string[] = [];
  const documentsIn = <Document>(where: RegExp, schema: z.ZodType<Document>): Document[] =>
    [...files].flatMap(([path, text]) => {
      if (!where.test(path)) return [];
      const read = schema.safeParse(jsonOf(text));
      if (read.success) return [read.data];
      const [issue] = read.error.issues;
      const place = ['$', ...(issue?.path ?? [])].join('.');
      faults.push(`${path}, ${place}: ${issue?.message ?? 'no document of its kind'}`);
      return [];
    });
  const [settings = null] = documentsIn(/^studio\.json$/, studioSettingsDocument);
  const [bands = null] = documentsIn(/^bands\.json$/, bandList);
  const archive: StudioArchive = {
    settings,
    bands,
    places: documentsIn(/^places\/[^/]+\.json$/, keptPlace),
    exercises: documentsIn(/^exercises\/[^/]+\.json$/, exerciseDocument),
    people: documentsIn(/^people\/[^/]+\.json$/, namedFile),
  };
  if (faults.length > 0) return { ok: false, faults };
  const isEmpty = settings === null && bands === null && archive.people.length === 0;
  return isEmpty
    ? { ok: false, faults: ['$: found no document of a studio, expected studio.json and more'] }
    : { ok: true, archive };
}

/** The documents by their paths, or what is wrong with the archive. */
function unpack(packed: Uint8Array): ReadonlyMap<string, string> | string {
  let unpacked = 0;
  try {
    const files = unzipSync(packed, {
      filter: ({ name, originalSize }) => {
        unpacked += originalSize;
        return unpacked <= LARGEST_UNPACKED && name.endsWith('.json');
      },
    });
    if (unpacked > LARGEST_UNPACKED) {
      const most = LARGEST_UNPACKED / 1e6;
      return `$: found ${Math.ceil(unpacked / 1e6)} MB unpacked, expected at most ${most} MB`;
    }
    return new Map(Object.entries(files).map(([path, bytes]) => [path, strFromU8(bytes)]));
  } catch {
    return '$: found no ZIP archive, expected the documents of a studio';
  }
}

/** Undefined where it is none: no schema takes that. */
function jsonOf(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return undefined;
  }
}
